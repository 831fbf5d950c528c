package baylantern.core.take.gain;

import org.apache.commons.statistics.distribution.NormalDistribution;

/** The normal distribution, and rates whose log-odds are so distributed. */
final class Normal {

    private static final NormalDistribution STANDARD = NormalDistribution.of(0, 1);
    private static final int POINTS = 41;
    private static final double REACH = 5;

    private Normal() {}

    static double below(double z) {
        return STANDARD.cumulativeProbability(z);
    }

    static double quantile(double probability) {
        return STANDARD.inverseCumulativeProbability(probability);
    }

    static double logistic(double logOdds) {
        return 1 / (1 + Math.exp(-logOdds));
    }

    /** The mean of {@code logistic(x)}, x normal: summed over an even grid five standard deviations to each side. */
    static double meanRate(double logOdds, double variance) {
        double sd = Math.sqrt(variance);
        double sum = 0;
        double weights = 0;
        for (int i = 0; i < POINTS; i++) {
            double z = REACH * (2.0 * i / (POINTS - 1) - 1);
            double weight = Math.exp(-z * z / 2);
            sum += weight * logistic(logOdds + z * sd);
            weights += weight;
        }
        return sum / weights;
    }
}
