package baylantern.app.cause;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.care.Trace;
import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** What is told of failures, in the store. */
@Component
class CauseCells implements Cells {

    private final Rulebook rules;

    CauseCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        book.cell("cause_case", "seen", CellRule.read(Trace::read, ""));
        book.cell("cause_case", "unseen", CellRule.read(Trace::read, ""));
        List<String> causes = new ArrayList<>(rules.causes().causes().keySet());
        causes.add(CauseDesk.NEVER_KNOWN);
        book.cell("cause_case", "verdict", CellRule.word(causes, CauseDesk.NEVER_KNOWN));
    }
}
