package baylantern.app.trial;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.rules.Rulebook;
import baylantern.core.trial.Reading;
import org.springframework.stereotype.Component;

/** What trials hold in the store. */
@Component
class TrialCells implements Cells {

    private static final double MOST_BOUND = 12;

    private final Rulebook rules;

    TrialCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        String plans = "trial_plan";
        book.cell(plans, "number", CellRule.count().or("0"));
        book.cell(plans, "question", CellRule.free());
        book.cell(plans, "aspect", CellRule.named());
        book.cells(plans, CellRule.named(), "first_arm", "second_arm");
        book.cell(plans, "species_key", CellRule.species(rules));
        book.cell(plans, "technique_key", CellRule.technique(rules, null));
        book.cells(plans, CellRule.number(0, 1).or("0.5"), "usual", "difference", "false_alarm", "power");
        book.cell(plans, "grafts_each", CellRule.number(1, 100_000).or("1"));
        book.cell(plans, "readings", CellRule.number(1, 10).or("1"));
        book.cell(plans, "last_bound", CellRule.number(0, MOST_BOUND).or("2"));
        book.cell(plans, "seed", CellRule.free());
        book.cell(plans, "ending", CellRule.word(TrialRow.Ending.class, null));
        book.cell("trial_turn", "pair", CellRule.count().or("0"));
        String readings = "trial_reading";
        book.cell(readings, "reading", CellRule.number(1, 10).or("1"));
        book.cell(readings, "says", CellRule.word(Reading.class, Reading.OPEN));
        book.cells(readings, CellRule.count().or("0"), "first_count", "first_took", "second_count", "second_took");
        book.cells(readings, CellRule.number(-1, 1).or("0"), "points", "low", "high");
    }
}
