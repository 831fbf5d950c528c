package baylantern.core.care.walk;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Chooses the days on which to walk: the fewest days that lie in every errand's span, of those the ones nearest to the
 * targets; then, of these days, the fewest for each place alone, again nearest to its targets. Both by going through the
 * days in order: between two walks that follow each other no errand may begin and end, and an errand is made on the nearer
 * of the walks about its target. That is exact, for any number of errands.
 *
 * <p>Days on which nobody walks are left out and days that are fixed are walked on whatever they cost; an errand that only
 * fits into days left out is told as late and made on the first walk after.
 */
public final class WalkPlanner {

    /** One more walk weighs more than any sum of days beside the targets. */
    private static final long A_WALK = 1L << 40;

    private final LocalDate first;
    private final List<LocalDate> days;
    private final Set<LocalDate> fixed;

    private WalkPlanner(LocalDate first, List<LocalDate> days, Set<LocalDate> fixed) {
        this.first = first;
        this.days = days;
        this.fixed = fixed;
    }

    /**
     * A planner for some days.
     *
     * @param days how many, 1 or more
     * @param fixed days somebody walks on anyway; others than those looked at say nothing
     * @param never days on which nobody walks; a day that is fixed too is walked on
     */
    public static WalkPlanner over(LocalDate first, int days, Set<LocalDate> fixed, Set<LocalDate> never) {
        if (!(days >= 1)) {
            throw new IllegalArgumentException("walks are planned for 1 day or more, not " + days);
        }
        List<LocalDate> all = first.datesUntil(first.plusDays(days))
                .filter(day -> fixed.contains(day) || !never.contains(day))
                .toList();
        return new WalkPlanner(first, all, all.stream().filter(fixed::contains).collect(Collectors.toSet()));
    }

    /** The walks for some errands; what is not due before the last day is left for later. */
    public WalkPlan plan(List<Errand> errands) {
        LocalDate today = first;
        List<Errand> due = errands.stream().map(e -> fromToday(e, today)).toList();
        List<Errand> late = due.stream()
                .filter(e -> mustBe(e) && days.stream().noneMatch(e::fits))
                .toList();
        List<Errand> must =
                due.stream().filter(e -> mustBe(e) && !late.contains(e)).toList();
        List<LocalDate> walks = fewest(must, days, fixed);
        Map<LocalDate, Map<Long, List<Errand>>> done = new TreeMap<>();
        due.stream()
                .collect(Collectors.groupingBy(Errand::place, LinkedHashMap::new, Collectors.toList()))
                .values()
                .forEach(own -> atPlace(own, must, walks, done));
        late.forEach(e -> walks.stream()
                .filter(day -> day.isAfter(e.latest()))
                .findFirst()
                .ifPresent(day -> put(done, day, e)));
        return new WalkPlan(told(done), late);
    }

    // What is overdue is due today.
    private static Errand fromToday(Errand e, LocalDate today) {
        LocalDate latest = e.latest().isBefore(today) ? today : e.latest();
        LocalDate earliest = e.earliest().isBefore(today) ? today : e.earliest();
        LocalDate target = e.target().isBefore(earliest) ? earliest : e.target();
        return new Errand(e.key(), e.place(), earliest, target.isAfter(latest) ? latest : target, latest);
    }

    // An errand that may as well wait until after the last day asks for no walk.
    private boolean mustBe(Errand e) {
        return !days.isEmpty() && !e.latest().isAfter(days.get(days.size() - 1));
    }

    private static void atPlace(
            List<Errand> own, List<Errand> must, List<LocalDate> walks, Map<LocalDate, Map<Long, List<Errand>>> done) {
        Set<Errand> bound = Set.copyOf(must);
        List<Errand> needed = own.stream().filter(bound::contains).toList();
        List<LocalDate> here = fewest(needed, walks, Set.of());
        for (Errand e : own) {
            here.stream()
                    .filter(e::fits)
                    .min(Comparator.<LocalDate>comparingLong(day -> away(e, day))
                            .thenComparing(day -> day))
                    .ifPresent(day -> put(done, day, e));
        }
    }

    private static void put(Map<LocalDate, Map<Long, List<Errand>>> done, LocalDate day, Errand e) {
        done.computeIfAbsent(day, k -> new LinkedHashMap<>())
                .computeIfAbsent(e.place(), k -> new ArrayList<>())
                .add(e);
    }

    private static List<WalkPlan.Walk> told(Map<LocalDate, Map<Long, List<Errand>>> done) {
        return done.entrySet().stream()
                .map(day -> new WalkPlan.Walk(
                        day.getKey(),
                        day.getValue().entrySet().stream()
                                .map(at -> new WalkPlan.AtPlace(at.getKey(), List.copyOf(at.getValue())))
                                .toList()))
                .toList();
    }

    private static long away(Errand e, LocalDate day) {
        return Math.abs(ChronoUnit.DAYS.between(e.target(), day));
    }

    /**
     * Of some days the fewest that lie in every span, of those the nearest to the targets. Every errand must fit one.
     *
     * @param fixed days that are walked on in any case
     */
    static List<LocalDate> fewest(List<Errand> errands, List<LocalDate> days, Set<LocalDate> fixed) {
        if (errands.isEmpty()) {
            return days.stream().filter(fixed::contains).toList();
        }
        int n = days.size();
        // Walk 0 stands before all days, walk n + 1 after them.
        long[] best = new long[n + 2];
        int[] from = new int[n + 2];
        for (int j = 1; j <= n + 1; j++) {
            best[j] = Long.MAX_VALUE;
            for (int i = j - 1; i >= 0; i--) {
                long step = step(errands, days, i, j);
                if (step >= 0 && best[i] < Long.MAX_VALUE && best[i] + step < best[j]) {
                    best[j] = best[i] + step;
                    from[j] = i;
                }
                if (i > 0 && fixed.contains(days.get(i - 1))) {
                    break;
                }
            }
        }
        TreeSet<LocalDate> walks = new TreeSet<>();
        for (int j = from[n + 1]; j > 0; j = from[j]) {
            walks.add(days.get(j - 1));
        }
        return List.copyOf(walks);
    }

    // What it costs to walk next on day j after day i: −1 where an errand lies wholly between them.
    private static long step(List<Errand> errands, List<LocalDate> days, int i, int j) {
        LocalDate before = i == 0 ? LocalDate.MIN : days.get(i - 1);
        LocalDate after = j == days.size() + 1 ? LocalDate.MAX : days.get(j - 1);
        long cost = j == days.size() + 1 ? 0 : A_WALK;
        for (Errand e : errands) {
            if (e.earliest().isAfter(before) && e.latest().isBefore(after)) {
                return -1;
            }
            if (e.target().isAfter(before) && !e.target().isAfter(after)) {
                cost += nearer(e, before, after);
            }
        }
        return cost;
    }

    private static long nearer(Errand e, LocalDate before, LocalDate after) {
        long back = before.equals(LocalDate.MIN) || before.isBefore(e.earliest()) ? Long.MAX_VALUE : away(e, before);
        long ahead = after.equals(LocalDate.MAX) || after.isAfter(e.latest()) ? Long.MAX_VALUE : away(e, after);
        long least = Math.min(back, ahead);
        return least == Long.MAX_VALUE ? 0 : least;
    }
}
