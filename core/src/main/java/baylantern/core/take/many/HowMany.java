package baylantern.core.take.many;

import baylantern.core.take.Belief;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/**
 * How many grafts to make so that enough live, and the other way round.
 *
 * <p>The chance of take is not known: it is summed over its belief (forty equal parts by their middles). The grafts of one
 * day share its luck, a normal shift of that chance on log-odds, summed out by quadrature: twelve on one day are not twelve
 * draws of their own. Given both, the living are binomial. Without spread and with a Beta belief this is the beta-binomial.
 */
public final class HowMany {

    /** More grafts than anybody makes in a season. */
    public static final int MOST = 100_000;

    private static final int PARTS = 40;

    private final double[] rates;
    private final double[] weights;

    /** Of grafts with this belief of their take, made on one day with such a spread of luck. */
    public HowMany(Belief belief, DayLuck luck) {
        rates = new double[PARTS * DayLuck.NODES.length];
        weights = new double[rates.length];
        for (int part = 0; part < PARTS; part++) {
            double rate = Math.min(1 - 1e-9, Math.max(1e-9, belief.quantile((part + 0.5) / PARTS)));
            for (int node = 0; node < DayLuck.NODES.length; node++) {
                int i = part * DayLuck.NODES.length + node;
                rates[i] = DayLuck.shifted(rate, luck.mean() * DayLuck.NODES[node]);
                weights[i] = DayLuck.WEIGHTS[node] / PARTS;
            }
        }
    }

    /** Chance that at least so many of so many live, 0 to 1. */
    public double chance(int living, int made) {
        if (living <= 0) {
            return 1;
        }
        if (living > made) {
            return 0;
        }
        double sum = 0;
        for (int i = 0; i < rates.length; i++) {
            sum += weights[i] * BinomialDistribution.of(made, rates[i]).survivalProbability(living - 1);
        }
        return Math.min(1, sum);
    }

    /** Living to expect of so many, on average. */
    public double expected(int made) {
        double sum = 0;
        for (int i = 0; i < rates.length; i++) {
            sum += weights[i] * rates[i];
        }
        return made * sum;
    }

    /** The most of so many of which one can be sure that they live, with this sureness; 0 where of none. */
    public int surely(int made, double sure) {
        int low = 0;
        int high = made;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (chance(middle, made) >= sure) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /**
     * The least number to make.
     *
     * @param living so many should live, 1 or more
     * @param sure with this chance, over 0 and under 1
     * @throws IllegalArgumentException where not even {@link #MOST} are enough
     */
    public int least(int living, double sure) {
        if (chance(living, MOST) < sure) {
            throw new IllegalArgumentException(
                    "Not even " + MOST + " grafts would be enough for " + living + " living.");
        }
        int low = living - 1;
        int high = Math.max(1, living);
        while (chance(living, high) < sure) {
            low = high;
            high = Math.min(MOST, 2 * high);
        }
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (chance(living, middle) >= sure) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    /** A number to make and the chance that enough of it live. */
    public record Point(int made, double chance) {}

    /** How the chance grows with the number made, from the least that can do to beyond {@code until}; at most so many points. */
    public List<Point> curve(int living, int until, int most) {
        List<Point> points = new ArrayList<>();
        int step = Math.max(1, (until - living) / Math.max(1, most - 1));
        for (int made = living; made <= until; made += step) {
            points.add(new Point(made, chance(living, made)));
        }
        return points;
    }
}
