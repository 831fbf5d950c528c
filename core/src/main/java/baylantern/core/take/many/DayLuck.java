package baylantern.core.take.many;

import java.util.Arrays;
import java.util.List;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/**
 * How far days differ in luck: grafts of one day share weather, blade and hand. On log-odds a day lies
 * {@code N(0, spread²)} beside what its varieties usually take.
 *
 * @param mean of the spread, on log-odds
 * @param low 5 % of the belief
 * @param high 95 %
 * @param days days it was learned from
 */
public record DayLuck(double mean, double low, double high, int days) {

    private static final double MOST = 1.6;
    private static final int STEPS = 33;

    /** Nodes and weights of Gauss and Hermite for a standard normal, nine of them (Abramowitz and Stegun 1964, 25.10). */
    static final double[] NODES = {
        -4.512745863, -3.205429003, -2.076847979, -1.023255664, 0, 1.023255664, 2.076847979, 3.205429003, 4.512745863
    };

    static final double[] WEIGHTS = {
        2.234584400774659E-5,
        0.002789141321231769,
        0.04991640676521786,
        0.24409750289493909,
        0.4063492063492063,
        0.24409750289493909,
        0.04991640676521786,
        0.002789141321231769,
        2.234584400774659E-5
    };

    /**
     * Grafts of one kind on one day.
     *
     * @param usual what this kind usually takes, 0 to 1 exclusive
     */
    public record Kind(double usual, int taken, int decided) {}

    /** One spread, held. */
    public static DayLuck of(double spread) {
        return new DayLuck(spread, spread, spread, 0);
    }

    /**
     * What a farm's own days say. The belief before them is log-normal about {@code start}; each day's luck is summed out
     * by quadrature.
     *
     * @param start spread before own days, over 0
     * @param freely standard deviation of its log
     * @param days by day, its kinds
     */
    public static DayLuck learned(double start, double freely, List<List<Kind>> days) {
        double[] logs = new double[STEPS];
        for (int i = 0; i < STEPS; i++) {
            double spread = spreadAt(i);
            double z = Math.log(spread / start) / freely;
            logs[i] = -z * z / 2 - Math.log(spread);
            for (List<Kind> day : days) {
                logs[i] += Math.log(likelihood(day, spread));
            }
        }
        double most = Arrays.stream(logs).max().orElse(0);
        double[] mass = Arrays.stream(logs).map(log -> Math.exp(log - most)).toArray();
        double whole = Arrays.stream(mass).sum();
        double mean = 0;
        for (int i = 0; i < STEPS; i++) {
            mean += spreadAt(i) * mass[i] / whole;
        }
        return new DayLuck(mean, quantile(mass, whole, 0.05), quantile(mass, whole, 0.95), days.size());
    }

    private static double spreadAt(int step) {
        return MOST * (step + 0.5) / STEPS;
    }

    private static double quantile(double[] mass, double whole, double share) {
        double before = 0;
        for (int i = 0; i < STEPS; i++) {
            before += mass[i] / whole;
            if (before >= share) {
                return spreadAt(i);
            }
        }
        return MOST;
    }

    private static double likelihood(List<Kind> day, double spread) {
        double sum = 0;
        for (int node = 0; node < NODES.length; node++) {
            double product = WEIGHTS[node];
            for (Kind kind : day) {
                double rate = shifted(kind.usual(), spread * NODES[node]);
                product *= BinomialDistribution.of(kind.decided(), rate).probability(kind.taken());
            }
            sum += product;
        }
        return Math.max(sum, Double.MIN_NORMAL);
    }

    /** A rate moved on log-odds. */
    static double shifted(double rate, double by) {
        double odds = rate / (1 - rate) * Math.exp(by);
        return odds / (1 + odds);
    }
}
