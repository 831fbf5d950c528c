package baylantern.app.care;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.care.Look;
import baylantern.core.care.Sign;
import baylantern.core.care.Trace;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.VisitKind;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** What looks and visits hold in the store. */
@Component
class CareCells implements Cells {

    private final Rulebook rules;

    CareCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        book.cell("care_look", "length_mm", CellRule.number(0, Look.LONGEST_MM));
        book.cell("care_look", "found", CellRule.read(Trace::read, ""));
        book.cell("care_picture", "file", CellRule.read(PictureShelf::named, PictureShelf.NO_PICTURE));
        book.cell(
                "care_picture", "wide", CellRule.number(1, PictureShelf.LONGEST).or("1"));
        book.cell(
                "care_picture", "high", CellRule.number(1, PictureShelf.LONGEST).or("1"));
        book.cell("care_planned", "only_one", CellRule.count().or("1"));
        book.cell("care_planned", "by_rules", CellRule.free());
        book.cell("care_look", "sign", CellRule.word(Sign.class, Sign.NOTHING));
        book.cells("care_look", CellRule.free(), "note", "answered");
        List<String> kinds =
                new ArrayList<>(rules.visits().stream().map(VisitKind::key).toList());
        kinds.add(VisitPlanner.ISOLATE);
        // Visits are planned anew from what they follow from.
        book.cell("care_visit", "kind", CellRule.word(kinds, null));
        book.cell("care_visit", "repeat_no", CellRule.count().or("0"));
    }
}
