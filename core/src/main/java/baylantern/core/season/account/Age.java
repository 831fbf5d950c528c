package baylantern.core.season.account;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What part of trees has swelled by an age: a log-normal with a share of a wider one, since trees are late or early
 * more often than a normal allows. Held as the cumulative rate −ln(1 − F), so that rates of day after day add up.
 */
final class Age {

    private static final double WIDE_SHARE = 0.1;
    private static final double WIDE_TIMES = 2.2;
    private static final double LOW = -9;
    private static final double HIGH = 9;
    private static final double STEP = 0.02;
    private static final double[] RATES = rates();
    private static final double LEAST = 1.0 / 64;
    private static final int LOG_STEPS = 128;
    private static final double MOST = 16;
    private static final double[] LOGS = logs();

    private Age() {}

    private static double[] rates() {
        NormalDistribution normal = NormalDistribution.of(0, 1);
        double[] rates = new double[(int) Math.round((HIGH - LOW) / STEP) + 1];
        for (int i = 0; i < rates.length; i++) {
            double z = LOW + i * STEP;
            rates[i] = -Math.log((1 - WIDE_SHARE) * normal.survivalProbability(z)
                    + WIDE_SHARE * normal.survivalProbability(z / WIDE_TIMES));
        }
        return rates;
    }

    private static double[] logs() {
        double[] logs = new double[(int) (MOST * LOG_STEPS) + 2];
        for (int i = 0; i < logs.length; i++) {
            logs[i] = Math.log(Math.max(LEAST, i / (double) LOG_STEPS));
        }
        return logs;
    }

    private static double log(double ratio) {
        if (ratio <= LEAST) {
            return LOGS[0];
        }
        double at = Math.min(MOST, ratio) * LOG_STEPS;
        int low = (int) at;
        return LOGS[low] + (at - low) * (LOGS[low + 1] - LOGS[low]);
    }

    /** Cumulative rate at an age given as a share of the usual one, with a spread on the log scale. */
    static double rate(double ratio, double spread) {
        double at = (Math.max(LOW, Math.min(HIGH - STEP, log(ratio) / spread)) - LOW) / STEP;
        int low = (int) at;
        return RATES[low] + (at - low) * (RATES[low + 1] - RATES[low]);
    }
}
