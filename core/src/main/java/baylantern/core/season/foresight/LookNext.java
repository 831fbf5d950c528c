package baylantern.core.season.foresight;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Known;
import baylantern.core.season.flush.Outlook;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which tree to look at next, and when: the look after which the coming swell is known best for the minutes it takes.
 *
 * <p>Each run of the outlook says which stage would be seen on a day and when the swell comes. The days' variance is the
 * variance between the stages plus the mean one within them (law of total variance); a look leaves only the latter.
 */
public final class LookNext {

    private static final int[] AHEAD = {0, 2, 4, 7, 10, 14};
    private static final int NEAR_DAYS = 75;
    private static final double LEAST_GAIN_DAYS = 0.5;

    private LookNext() {}

    /** A watched tree; trees of one place share the walk to it. */
    public record Tree(long plant, long place, Outlook outlook) {}

    /**
     * A look that is worth its minutes.
     *
     * @param ahead on so many days from today
     * @param spreadDays how far off the swell may be now, in the usual deviation
     * @param afterDays and how far after the look, on average
     * @param minutes what it takes, the share of the walk included
     */
    public record Look(long plant, int ahead, double spreadDays, double afterDays, double minutes) {

        /** Days better known for each minute. */
        public double worth() {
            return (spreadDays - afterDays) / minutes;
        }
    }

    /** The looks worth most for their minutes, best first, one a tree. */
    public static List<Look> of(List<Tree> trees, FlushRules rules, int most) {
        Map<Long, Integer> atPlace = new HashMap<>();
        trees.forEach(tree -> atPlace.merge(tree.place, 1, Integer::sum));
        List<Look> looks = new ArrayList<>();
        for (Tree tree : trees) {
            double minutes = rules.value(FigureName.LOOK_MINUTES)
                    + rules.value(FigureName.WALK_MINUTES) / Known.in(atPlace, tree.place);
            best(tree, minutes).ifPresent(looks::add);
        }
        looks.sort(Comparator.comparingDouble(Look::worth).reversed());
        return List.copyOf(looks.subList(0, Math.min(most, looks.size())));
    }

    private static Optional<Look> best(Tree tree, double minutes) {
        int[] days = tree.outlook.nextAhead();
        double spread = deviation(days);
        int[] sorted = days.clone();
        Arrays.sort(sorted);
        if (sorted[sorted.length / 2] > NEAR_DAYS) {
            return Optional.empty();
        }
        Look best = null;
        for (int ahead : AHEAD) {
            double after = left(tree.outlook, days, ahead);
            Look look = new Look(tree.plant, ahead, spread, after, minutes);
            if (best == null || look.worth() > 1.1 * best.worth()) {
                best = look;
            }
        }
        return Optional.ofNullable(best).filter(look -> look.spreadDays - look.afterDays >= LEAST_GAIN_DAYS);
    }

    /** The usual deviation that is left after a look, days. */
    static double left(Outlook outlook, int[] days, int ahead) {
        Map<BudStage, List<Integer>> byStage = new EnumMap<>(BudStage.class);
        for (int run = 0; run < days.length; run++) {
            byStage.computeIfAbsent(seen(outlook.stage(run, ahead)), k -> new ArrayList<>())
                    .add(days[run]);
        }
        double variance = 0;
        for (List<Integer> own : byStage.values()) {
            double deviation =
                    deviation(own.stream().mapToInt(Integer::intValue).toArray());
            variance += deviation * deviation * own.size() / days.length;
        }
        return Math.sqrt(variance);
    }

    // Mature and resting cannot be told apart well.
    private static BudStage seen(BudStage stage) {
        return stage == BudStage.R ? BudStage.M : stage;
    }

    private static double deviation(int[] days) {
        double mean = Arrays.stream(days).average().orElse(0);
        double sum = 0;
        for (int day : days) {
            sum += (day - mean) * (day - mean);
        }
        return Math.sqrt(sum / Math.max(1, days.length));
    }
}
