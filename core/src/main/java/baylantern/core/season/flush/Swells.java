package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Finds the swells in the notes of a plant: each time the share of the canopy that has left rest first reaches the
 * threshold, put between the two notes around it in proportion. A canopy found hardening after it was mature or resting
 * has flushed in between as well, unless too few days lie between for it to have swelled, pushed and flushed: then one of
 * the two was a slip. That swell is put in the middle.
 */
public final class Swells {

    // A quick flush goes from swelling to hardening in about a third of five weeks.
    private static final int UNTO_HARDENING_DAYS = 12;

    private Swells() {}

    /**
     * The swells, oldest first.
     *
     * @param threshold share of the canopy, above 0, at most 1
     */
    public static List<Swell> in(List<BudNote> notes, double threshold) {
        List<BudNote> byDay =
                notes.stream().sorted(Comparator.comparing(BudNote::day)).toList();
        List<Swell> found = new ArrayList<>();
        for (int i = 1; i < byDay.size(); i++) {
            BudNote before = byDay.get(i - 1);
            BudNote after = byDay.get(i);
            double from = before.canopy().active();
            double to = after.canopy().active();
            if (from < threshold && to >= threshold) {
                found.add(between(before.day(), after.day(), (threshold - from) / (to - from)));
            } else if (before.canopy().leading().rests() && hardened(before, after) && to < threshold) {
                found.add(between(before.day(), after.day(), 0.5));
            } else if (from >= threshold && begunAnew(before, after)) {
                found.add(between(before.day(), after.day(), 0.5));
            }
        }
        return List.copyOf(found);
    }

    private static boolean hardened(BudNote before, BudNote after) {
        return after.canopy().leading() == BudStage.H
                && ChronoUnit.DAYS.between(before.day(), after.day()) >= UNTO_HARDENING_DAYS;
    }

    // Flushing at one note and swelling a month later: a whole flush lies between.
    private static boolean begunAnew(BudNote before, BudNote after) {
        return before.canopy().leading() == BudStage.F
                && after.canopy().leading() == BudStage.S
                && ChronoUnit.DAYS.between(before.day(), after.day()) > 21;
    }

    private static Swell between(LocalDate from, LocalDate to, double share) {
        long gap = ChronoUnit.DAYS.between(from, to);
        return new Swell(from.plusDays(Math.round(gap * share)), Math.max(0.5, gap / 2.0));
    }
}
