package baylantern.core.take.gain;

import baylantern.core.take.Belief;
import baylantern.core.take.TakeCount;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * Which of two groups takes better.
 *
 * @param points the first less the second, −1 to 1
 * @param low of the range that holds the difference nine times in ten
 * @param chance that the first is better, 0 to 1
 * @param more so many more of each would settle it, 0 where it is settled; null where nothing practical would
 */
public record Duel(
        double points,
        double low,
        double high,
        double chance,
        @Nullable Integer more) {

    private static final int DRAWS = 400;

    /**
     * Two groups, each as it is believed to take.
     *
     * @param mass of the range, 0 to 1 exclusive
     * @param power how sure one wants to be that more grafts settle it
     * @param most more than so many of each is not practical
     */
    public static Duel of(Belief a, Belief b, TakeCount ofA, TakeCount ofB, double mass, double power, int most) {
        double[] first = quantiles(a);
        double[] second = quantiles(b);
        double[] differences = new double[DRAWS * DRAWS];
        double better = 0;
        for (int i = 0; i < DRAWS; i++) {
            for (int j = 0; j < DRAWS; j++) {
                differences[i * DRAWS + j] = first[i] - second[j];
                better += first[i] > second[j] ? 1 : first[i] == second[j] ? 0.5 : 0;
            }
        }
        Arrays.sort(differences);
        double low = differences[(int) ((1 - mass) / 2 * differences.length)];
        double high = differences[(int) ((1 + mass) / 2 * differences.length) - 1];
        Integer more = low > 0 || high < 0 ? Integer.valueOf(0) : more(ofA, ofB, mass, power, most);
        return new Duel(a.mean() - b.mean(), low, high, better / differences.length, more);
    }

    private static double[] quantiles(Belief belief) {
        double[] quantiles = new double[DRAWS];
        for (int i = 0; i < DRAWS; i++) {
            quantiles[i] = belief.quantile((i + 0.5) / DRAWS);
        }
        return quantiles;
    }

    /**
     * The least number of further grafts of each after which the range of the difference leaves out 0 with a chance of
     * {@code power}, where the rates are what they look like now: counts so far with one take and one failure beside, as
     * Laplace's rule has it; normal approximation.
     */
    static @Nullable Integer more(TakeCount a, TakeCount b, double mass, double power, int most) {
        double p = (a.taken() + 1.0) / (a.decided() + 2);
        double q = (b.taken() + 1.0) / (b.decided() + 2);
        double z = Normal.quantile((1 + mass) / 2);
        for (int n = 1; n <= most; n++) {
            double allA = a.decided() + 2.0 + n;
            double allB = b.decided() + 2.0 + n;
            double half = z * Math.sqrt(p * (1 - p) / allA + q * (1 - q) / allB);
            double moves = Math.sqrt(n * p * (1 - p) / (allA * allA) + n * q * (1 - q) / (allB * allB));
            if (Normal.below((Math.abs(p - q) - half) / moves) >= power) {
                return n;
            }
        }
        return null;
    }
}
