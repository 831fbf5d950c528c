package baylantern.app.day;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.bench.Cover;
import baylantern.core.day.crew.Role;
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
        run(book);
    }

    private void run(CellBook book) {
        CellRule minutes = CellRule.number(0, TeamEntry.MINUTES);
        book.cell("day_frame", "begins_minute", minutes.or("480"));
        book.cells("day_frame", minutes, "pause_from", "pause_until");
        book.cell("day_hand", "role", CellRule.word(Role.class, Role.WHOLE));
        book.cell("day_hand", "from_minute", minutes.or("0"));
        book.cell("day_turn", "block", CellRule.named());
        book.cell("day_turn", "turn", CellRule.count().or("0"));
        String jobs = "day_job";
        book.cell(jobs, "turn", CellRule.count().or("0"));
        book.cell(jobs, "block", CellRule.named());
        book.cell(jobs, "plan_no", CellRule.count().or("0"));
        book.cell(jobs, "technique_key", CellRule.technique(rules, "cleft"));
        book.cell(jobs, "cover", CellRule.word(Cover.class, Cover.NONE));
        book.cell(jobs, "refused", CellRule.word(Refusal.class, null));
        book.cell(jobs, "code", CellRule.free());
        book.cell("day_label", "plan_no", CellRule.count().or("0"));
        book.cell("day_label", "code", CellRule.named());
        book.cell("day_made", "face_s", CellRule.count());
    }
}
