package baylantern.app.demo;

import baylantern.app.platform.Changes;
import baylantern.app.trial.TrialHistory;
import baylantern.app.trial.TrialHistory.Planned;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The trials of the demo farm: one that has ended, on a school that does nothing, and one that runs. Which graft is made which
 * way chance says, as in any trial; what takes does not hang on it.
 */
@Component
class DemoTrials {

    private static final Planned WRAP = new Planned(
            1,
            "Does it matter which way the tape goes round a bud?",
            new Planned.Of("wrap", "upward", "downward", "citrus"),
            0.75,
            0.2,
            77L,
            LocalDate.of(2024, 4, 1));

    private static final Planned LEAF = new Planned(
            2,
            "Does a nurse leaf help under a bag?",
            new Planned.Of("nurse-leaf", "keep", "strip", "avocado"),
            0.7,
            0.2,
            41L,
            LocalDate.of(2026, 4, 1));

    private static final LocalDate FIRST_YEAR_OVER = LocalDate.of(2025, 1, 15);
    private static final LocalDate ALL_OVER = LocalDate.of(2026, 2, 1);

    private final TrialHistory history;
    private final Changes changes;

    /** Where the growing of the farm is: nothing of it lasts. */
    private Desk desk = new Desk();

    DemoTrials(TrialHistory history, Changes changes) {
        this.changes = changes;
        this.history = history;
    }

    private static final class Desk {
        private final int[] pairs = new int[3];
        private final List<TrialHistory.Turn> made = new ArrayList<>();
        private @Nullable Planned trial;
        private int left;
        private int inPair;
        private int firstYear;
        private boolean over;
    }

    /** The farm begins. */
    void before() {
        desk = new Desk();
        history.begun(WRAP);
        history.begun(LEAF);
    }

    /** Some grafts of one lot by one hand are about to be made. */
    void begin(DemoSession session, @Nullable Long lotId) {
        if (session.day().isBefore(FIRST_YEAR_OVER)) {
            desk.firstYear = desk.pairs[WRAP.number()];
        }
        desk.trial = lotId == null || desk.over ? null : of(session);
        desk.left = session.grafts() / 2 * 2;
        desk.inPair = 0;
    }

    private static @Nullable Planned of(DemoSession session) {
        boolean wrap = session.species().equals(WRAP.of().speciesKey())
                && !session.day().isBefore(WRAP.since())
                && session.day().isBefore(ALL_OVER);
        boolean leaf = session.species().equals(LEAF.of().speciesKey())
                && !session.day().isBefore(LEAF.since());
        return wrap ? WRAP : leaf ? LEAF : null;
    }

    /** Whether a trial runs in grafts of this session. */
    boolean runIn(DemoSession session) {
        return desk.trial != null && desk.trial.equals(of(session));
    }

    /** The school the next graft follows because a trial says so: question to school. */
    Map<String, String> way(String code) {
        Planned trial = desk.trial;
        if (trial == null || desk.left == 0) {
            return Map.of();
        }
        desk.left--;
        boolean opens = desk.inPair++ % 2 == 0;
        int pair = opens ? ++desk.pairs[trial.number()] : desk.pairs[trial.number()];
        boolean first = history.firstIsA(trial, pair) == opens;
        desk.made.add(new TrialHistory.Turn(trial.number(), code, pair, first));
        return Map.of(
                trial.of().question(), first ? trial.of().first() : trial.of().second());
    }

    /** What was made is in the log. */
    void made() {
        history.made(desk.made);
        desk.made.clear();
    }

    /** All grafts are made; how they stand is known once what was written of them is looked through. */
    void over() {
        if (!desk.over) {
            desk.over = true;
            changes.settle();
            history.readIfDue(WRAP.number(), desk.firstYear, FIRST_YEAR_OVER);
            history.readIfDue(WRAP.number(), desk.pairs[WRAP.number()], ALL_OVER);
        }
    }
}
