package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.Finding;
import baylantern.core.rules.FlushRules;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Whether a new note can stand beside the notes there are. */
public final class NoteChecks {

    private static final int QUICKEST_CYCLE_DAYS = 35;
    private static final int SLACK_DAYS = 3;

    private final FlushRules rules;

    public NoteChecks(FlushRules rules) {
        this.rules = rules;
    }

    /**
     * What is wrong or odd about a note. A note ahead of today is refused; one that contradicts its neighbours is taken
     * and flagged, since either of the two may be the mistake.
     */
    public List<Finding> of(BudNote note, List<BudNote> others, LocalDate today) {
        List<Finding> found = new ArrayList<>();
        if (note.day().isAfter(today)) {
            found.add(Finding.refuses(
                    "noteDay", "day", "A stage cannot be noted ahead of today.", note.day(), "up to " + today));
            return found;
        }
        Comparator<BudNote> byDay = Comparator.comparing(BudNote::day);
        Optional<BudNote> before =
                others.stream().filter(o -> !o.day().isAfter(note.day())).max(byDay);
        Optional<BudNote> after =
                others.stream().filter(o -> o.day().isAfter(note.day())).min(byDay);
        before.ifPresent(o -> step(o, note).ifPresent(found::add));
        after.ifPresent(o -> step(note, o).ifPresent(found::add));
        return List.copyOf(found);
    }

    // A flush only goes forward: the way from one stage to the next, and the fewest days it can take.
    private Optional<Finding> step(BudNote earlier, BudNote later) {
        BudStage from = earlier.canopy().leading();
        BudStage to = later.canopy().leading();
        long days = ChronoUnit.DAYS.between(earlier.day(), later.day());
        Stages stages = Stages.of(rules);
        double forward = stages.from(to) - stages.until(from);
        double least = (forward < 0 && to.ordinal() < from.ordinal() ? forward + 1 : forward) * QUICKEST_CYCLE_DAYS;
        if (from == to || days + SLACK_DAYS >= least || restful(from, to)) {
            return Optional.empty();
        }
        String sentence = "From " + from.words() + " on " + earlier.day() + " to " + to.words() + " on " + later.day()
                + " in " + days + (days == 1 ? " day" : " days") + " is quicker than a flush can go, about "
                + Math.round(least) + " days at least. One of the two notes may be a slip.";
        return Optional.of(Finding.warns("noteOrder", "shares", sentence, days, "at least " + Math.round(least)));
    }

    // Mature and resting look alike, and buds may wake from either.
    private static boolean restful(BudStage from, BudStage to) {
        return from.rests() && (to.rests() || to == BudStage.S);
    }
}
