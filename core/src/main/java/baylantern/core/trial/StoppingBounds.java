package baylantern.core.trial;

import java.util.function.DoubleUnaryOperator;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How far two arms must lie apart, in standard errors, for a trial to be ended at each of a few readings, so that all readings
 * together raise a false alarm no more often than told. Early readings ask for much more than the last: the bound falls with the
 * root of what is known (O'Brien and Fleming 1979, Biometrics 35, 549–556).
 *
 * <p>Reckoned by integrating over the sum of what each reading adds, step by step (Armitage, McPherson and Rowe 1969, J. R.
 * Statist. Soc. A 132, 235–244): in that sum the bound is the same at every reading.
 *
 * @param readings how many there are, evenly spaced, 1 to 10
 * @param last the bound of the last reading
 */
public record StoppingBounds(int readings, double last) {

    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);
    private static final int STEPS = 400;
    private static final double CLOSE = 1e-7;
    private static final double FAR = 12;
    private static final int MOST = 10;

    /**
     * The bounds for so many readings.
     *
     * @param falseAlarm how often, at most, two ways that are the same are told apart, both sides together; 0 to 1 exclusive
     */
    public static StoppingBounds of(int readings, double falseAlarm) {
        if (readings < 1 || readings > MOST || !(falseAlarm > 0 && falseAlarm < 1)) {
            throw new IllegalArgumentException(readings + " readings at " + falseAlarm);
        }
        double last = root(bound -> new StoppingBounds(readings, bound).told(0) - falseAlarm, 0, FAR);
        return new StoppingBounds(readings, last);
    }

    /** The bound at a reading, 1 to {@link #readings()}. */
    public double at(int reading) {
        if (reading < 1 || reading > readings) {
            throw new IllegalArgumentException("reading " + reading + " of " + readings);
        }
        return last * Math.sqrt(readings / (double) reading);
    }

    /**
     * How often the arms are told apart at one of the readings.
     *
     * @param drift how many standard errors they truly lie apart once all is known
     */
    public double told(double drift) {
        double edge = last * Math.sqrt(readings);
        double step = drift / Math.sqrt(readings);
        double width = 2 * edge / STEPS;
        double[] density = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            density[i] = NORMAL.density(-edge + i * width - step);
        }
        for (int reading = 2; reading <= readings; reading++) {
            double[] next = new double[STEPS + 1];
            for (int to = 0; to <= STEPS; to++) {
                double sum = 0;
                for (int from = 0; from <= STEPS; from++) {
                    sum += simpson(from) * density[from] * NORMAL.density((to - from) * width - step);
                }
                next[to] = sum * width / 3;
            }
            density = next;
        }
        double within = 0;
        for (int i = 0; i <= STEPS; i++) {
            within += simpson(i) * density[i];
        }
        return 1 - within * width / 3;
    }

    /** How many standard errors the arms must truly lie apart to be told apart with a chance of {@code power}. */
    public double drift(double power) {
        return root(drift -> power - told(drift), 0, FAR);
    }

    private static int simpson(int i) {
        return i == 0 || i == STEPS ? 1 : i % 2 == 1 ? 4 : 2;
    }

    // Where a falling function passes through 0.
    private static double root(DoubleUnaryOperator falling, double from, double to) {
        double low = from;
        double high = to;
        while (high - low > CLOSE) {
            double middle = (low + high) / 2;
            if (falling.applyAsDouble(middle) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
