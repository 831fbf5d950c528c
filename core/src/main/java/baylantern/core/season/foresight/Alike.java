package baylantern.core.season.foresight;

import baylantern.core.season.hindcast.Hindcast;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * How much the trees of a farm are early and late together, beyond what was foretold of each: what starts a flush in one
 * starts it in the others. It is the correlation of how far off the middles told of two trees were, over all pairs of looks on
 * two trees that lie near each other and whose flushes were foretold for about the same time.
 *
 * @param share the correlation, 0 to 0.9
 */
record Alike(double share) {

    private static final int LOOKS_APART_DAYS = 20;
    private static final double FLUSHES_APART_DAYS = 40;
    // Beforehand a fifth, as sure as by so many pairs.
    private static final double BEFOREHAND = 0.2;
    private static final double PAIRS = 20;
    // Looks on one flush tell much the same.
    private static final double PAIR_COUNTS = 0.2;
    private static final double MOST = 0.9;
    // An end of a range lies so many usual deviations off the middle.
    private static final double OF_AN_END = 1.2816;
    private static final double FARTHEST = 3;
    // The seed of what is the same for all trees.
    private static final long OF_ALL = 1;

    /** As what was told on past looks and what came of it show. */
    static Alike of(List<Hindcast.Told> told) {
        double together = BEFOREHAND * PAIRS;
        double apart = PAIRS;
        for (int i = 0; i < told.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (areNear(told.get(i), told.get(j))) {
                    double one = off(told.get(i));
                    double other = off(told.get(j));
                    together += PAIR_COUNTS * one * other;
                    apart += PAIR_COUNTS * (one * one + other * other) / 2;
                }
            }
        }
        return new Alike(Math.max(0, Math.min(MOST, together / apart)));
    }

    private static boolean areNear(Hindcast.Told one, Hindcast.Told other) {
        return one.said().plant() != other.said().plant()
                && Math.abs(one.said().day() - other.said().day()) <= LOOKS_APART_DAYS
                && Math.abs(middle(one) - middle(other)) <= FLUSHES_APART_DAYS;
    }

    private static double middle(Hindcast.Told told) {
        return told.said().day() + told.said().range().mid();
    }

    // How far off in usual deviations, below 0 where it came early.
    private static double off(Hindcast.Told told) {
        double off = OF_AN_END * told.said().range().off(told.came());
        return Math.max(-FARTHEST, Math.min(FARTHEST, off));
    }

    /**
     * The place of each run of a tree from the earliest swell to the latest, counted from 0: in part the same for all trees.
     *
     * @param own what is drawn for this tree alone
     */
    int[] places(int runs, SplittableRandom own) {
        SplittableRandom common = new SplittableRandom(OF_ALL);
        double[] late = new double[runs];
        for (int run = 0; run < runs; run++) {
            late[run] = Math.sqrt(share) * common.nextGaussian() + Math.sqrt(1 - share) * own.nextGaussian();
        }
        int[] sorted = IntStream.range(0, runs)
                .boxed()
                .sorted(Comparator.comparingDouble(run -> late[run]))
                .mapToInt(Integer::intValue)
                .toArray();
        int[] places = new int[runs];
        for (int place = 0; place < runs; place++) {
            places[sorted[place]] = place;
        }
        return places;
    }
}
