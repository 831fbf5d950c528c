package baylantern.app.lineage;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Node;
import baylantern.core.lineage.Recall;
import org.springframework.stereotype.Component;

/** What sources, tests, movements and holds are in the store. What cannot be read counts on the safe side. */
@Component
class LineageCells implements Cells {

    @Override
    public void tell(CellBook book) {
        String sources = "lineage_source";
        book.cell(sources, "name", CellRule.named());
        book.cell(sources, "kind", CellRule.word(SourceKind.class, SourceKind.POST));
        book.cell(sources, "identity", CellRule.word(Identity.class, Identity.LABEL_ONLY));
        book.cells(sources, CellRule.free(), "permit", "licence", "notes");
        book.cell(sources, "version", CellRule.count().or("0"));
        String tests = "lineage_test";
        CellRule outcome = CellRule.word(HealthTest.Result.class, HealthTest.Result.SUSPECT);
        book.cell(tests, "outcome", outcome);
        book.cell(tests, "subject", CellRule.as(TestEntry.class, "subject").or("not said"));
        book.cell(tests, "valid_days", CellRule.as(TestEntry.class, "validDays").or("365"));
        book.cell(tests, "lab", CellRule.free());
        book.row(
                tests,
                row -> row.containsKey("plant_id") == row.containsKey("source_id")
                        ? "it is of a plant or of a source"
                        : null);
        CellRule node = CellRule.read(Node::parse, Node.plant(0).key());
        book.cell("lineage_parent", "from_key", node);
        book.names("lineage_parent", "from_key", LineageCells::row);
        book.cells("lineage_move", CellRule.free(), "visitor", "remark");
        String recalls = "lineage_recall";
        book.cell(recalls, "node_key", node);
        book.names(recalls, "node_key", LineageCells::row);
        book.cells(recalls, CellRule.free(), "name", "subject");
        book.cell(recalls, "outcome", outcome);
        String holds = "lineage_hold";
        book.cells(holds, node, "node_key", "by_key");
        book.names(holds, "node_key", LineageCells::row);
        book.names(holds, "by_key", LineageCells::row);
        book.cell(holds, "why", CellRule.word(Recall.Why.class, Recall.Why.EXPOSED));
        book.cell(holds, "release_reason", CellRule.free());
    }

    private static CellBook.Named row(String key) {
        Node node = Node.parse(key);
        String table = switch (node.kind()) {
            case SOURCE -> "lineage_source";
            case PLANT -> "place_plant";
            case LOT -> "wood_lot";
            case GRAFT -> "bench_graft";
        };
        return new CellBook.Named(table, "" + node.id());
    }
}
