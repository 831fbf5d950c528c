package baylantern.app.fit;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.rules.Rulebook;
import org.springframework.stereotype.Component;

/** What stems measured and lists prepared hold in the store. */
@Component
class FitCells implements Cells {

    private final Rulebook rules;

    FitCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        String stems = "fit_stem";
        book.cell(stems, "readings", CellRule.read(StemService::read, "0:10"));
        book.cell(stems, "bark_mm", CellRule.as(StemMeasure.class, "barkMm"));
        book.cell(stems, "top_mm", CellRule.as(StemMeasure.class, "topMm"));
        book.cell(stems, "leaf_mm", CellRule.as(StemMeasure.class, "leafMm"));
        book.cell(stems, "direction_deg", CellRule.as(StemMeasure.class, "directionDeg"));
        book.cell("fit_hand", "skill", CellRule.number(1, 3).or("1"));
        book.cell("fit_list", "name", CellRule.named());
        String rows = "fit_row";
        book.cell(rows, "row_no", CellRule.count().or("0"));
        book.cell(rows, "stick", CellRule.named());
        book.cell(rows, "stem", CellRule.named());
        book.cell(rows, "technique_key", CellRule.technique(rules, "cleft"));
        book.cell(rows, "scion_mm", CellRule.as(RowEntry.class, "scionMm").or("10"));
        book.cell(rows, "stock_mm", CellRule.as(RowEntry.class, "stockMm").or("10"));
        // Of a list the fit itself says what bark and offset can be.
        book.cells(rows, CellRule.number(), "scion_bark_mm", "stock_bark_mm");
        book.cell(rows, "offset_mm", CellRule.number().or("0"));
        book.cell(rows, "graft_code", CellRule.free());
    }
}
