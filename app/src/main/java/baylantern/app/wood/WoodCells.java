package baylantern.app.wood;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.WoodRules;
import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.StoreTable;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What stores, lots, checks, shoots and mixtures hold in the store. */
@Component
class WoodCells implements Cells {

    private static final String LOTS = "wood_lot";

    private final Rulebook rules;

    WoodCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        stores(book);
        lots(book);
        String checks = "wood_check";
        book.cell(checks, "states", CellRule.read(this::known, ""));
        book.cell(checks, "measures", CellRule.read(this::measured, ""));
        String shoots = "wood_shoots";
        book.cell(
                shoots,
                "shoots",
                CellRule.as(ShootService.ShootEntry.class, "shoots").or("1"));
        book.cell(
                shoots,
                "sticks_expected",
                CellRule.as(ShootService.ShootEntry.class, "sticksExpected").or("1"));
        book.cell(shoots, "plan_no", CellRule.whole());
        book.cell(shoots, "remark", CellRule.free());
        String mixes = "wood_mix";
        book.cell(mixes, "agent", CellRule.word(CleanService.Agent.class, CleanService.Agent.BLEACH));
        book.cells(mixes, CellRule.number(0, 100).or("10"), "product_pct", "wanted_pct");
        book.cell(mixes, "volume_ml", CellRule.number(0, 100_000).or("1000"));
        book.cell("wood_cleaning", "occasion", CellRule.word(CleanService.Occasion.class, CleanService.Occasion.START));
    }

    private static void stores(CellBook book) {
        book.cell("wood_store", "name", CellRule.named());
        book.cell("wood_store", "method", CellRule.word(KeepMethod.class, KeepMethod.AMBIENT));
        book.cell("wood_store", "set_c", CellRule.number(StoreService.LEAST_C, StoreService.MOST_C));
        book.cell("wood_store", "logger_seed", CellRule.whole());
        book.cell(
                "wood_reading",
                "temp_c",
                CellRule.number(StoreTable.LEAST_C, StoreTable.MOST_C).or("15"));
    }

    private void lots(CellBook book) {
        book.cell(LOTS, "code", CellRule.named());
        book.cell(LOTS, "species_key", CellRule.species(rules));
        book.cells(LOTS, CellRule.count().or("0"), "sticks_in", "sticks_left", "buds_left", "version");
        book.cell(
                LOTS,
                "buds_per_stick",
                CellRule.as(LotEntry.Count.class, "budsPerStick").or("1"));
        book.cell(LOTS, "diameters", CellRule.read(LotDesk::diameters, ""));
        book.cell(LOTS, "notes", CellRule.free());
        book.row(LOTS, WoodCells::receivedAfterItWasCut);
        String entries = "wood_entry";
        // What it was does not change what is left; that is in the sum.
        book.cell(entries, "kind", CellRule.word(LedgerRow.LedgerKind.class, LedgerRow.LedgerKind.DISCARD));
        book.cells(entries, CellRule.whole(), "sticks", "buds");
        book.cell(entries, "remark", CellRule.free());
    }

    // Days are written so that they sort as they lie.
    private static @Nullable String receivedAfterItWasCut(Map<String, String> row) {
        String came = row.get("received_on");
        return came == null || came.compareTo(row.getOrDefault("cut_on", came)) >= 0
                ? null
                : "it came before it was cut";
    }

    // What is no look or measure of the rulebook is passed over, as in grading.
    private void known(String states) {
        CheckService.read(states).forEach((look, state) -> {
            WoodRules.LookRule rule = rules.wood().looks().get(look);
            if (rule != null) {
                WoodRules.shown(look, rule, state);
            }
        });
    }

    private void measured(String measures) {
        CheckService.measures(measures).forEach((name, x) -> {
            if (rules.wood().measures().containsKey(name)) {
                WoodRules.measured(name, x);
            }
        });
    }
}
