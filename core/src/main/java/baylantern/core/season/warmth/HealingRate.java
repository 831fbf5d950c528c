package baylantern.core.season.warmth;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.Species;
import java.util.stream.IntStream;

/**
 * How fast callus forms at a temperature, 0 to 1: the beta function of growth (Yan and Hunt 1999),
 * f = ((M−T)/(M−B)) · ((T−L)/(B−L))^((B−L)/(M−B)), 0 outside (L, M), 1 at B.
 *
 * @param leastC L, no callus at or below, °C
 * @param bestC B, fastest, °C
 * @param mostC M, no callus at or above, °C
 */
public record HealingRate(double leastC, double bestC, double mostC) {

    private static final int POINTS = 24;
    // From the coldest to the warmest; while the day cools it passes the same once more.
    private static final double[] SINE = IntStream.range(0, POINTS / 2)
            .mapToDouble(i -> Math.sin(2 * Math.PI * (i + 0.5 - POINTS / 4) / POINTS))
            .toArray();

    /** Requires {@code leastC < bestC < mostC}. */
    public HealingRate {
        if (!(leastC < bestC && bestC < mostC)) {
            throw new IllegalArgumentException(
                    "a healing curve needs least < best < most, not " + leastC + ", " + bestC + ", " + mostC);
        }
    }

    /** The curve of a species from the rulebook. */
    public static HealingRate of(Species species) {
        return new HealingRate(
                species.figure(FigureName.HEALING_LEAST).value(),
                species.figure(FigureName.HEALING_BEST).value(),
                species.figure(FigureName.HEALING_MOST).value());
    }

    /** The rate at one temperature, °C. */
    public double at(double temperatureC) {
        if (!(temperatureC > leastC && temperatureC < mostC)) {
            return 0;
        }
        double power = (bestC - leastC) / (mostC - bestC);
        double rate =
                (mostC - temperatureC) / (mostC - bestC) * Math.pow((temperatureC - leastC) / (bestC - leastC), power);
        return Math.min(1, rate);
    }

    /** Healing days of one day, 0 to 1: the mean of the rate over the day's sine at 24 evenly spaced times. */
    public double over(double minC, double maxC) {
        double mean = (minC + maxC) / 2;
        double half = (maxC - minC) / 2;
        double sum = 0;
        for (double sine : SINE) {
            sum += at(mean + half * sine);
        }
        return sum / SINE.length;
    }
}
