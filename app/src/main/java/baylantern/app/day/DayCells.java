package baylantern.app.day;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.bench.Cover;
import baylantern.core.rules.Rulebook;
import org.springframework.stereotype.Component;

/** What planned graft days hold in the store. */
@Component
class DayCells implements Cells {

    private final Rulebook rules;

    DayCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        String days = "day_plan";
        book.cell(days, "plan_no", CellRule.count().or("0"));
        book.cell(days, "species_key", CellRule.species(rules));
        book.cell(days, "technique_key", CellRule.technique(rules, "cleft"));
        book.cell(days, "grafts", CellRule.as(DayEntry.class, "grafts").or("1"));
        book.cell(days, "cover", CellRule.word(Cover.class, Cover.NONE));
        book.cell(days, "remark", CellRule.free());
    }
}
