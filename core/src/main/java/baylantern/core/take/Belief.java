package baylantern.core.take;

import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * What is believed of a take rate: a Beta distribution.
 *
 * <p>With a flat start (1, 1) and k takes of n the mean is (k + 1)/(n + 2), Laplace's rule of succession (1814).
 *
 * @param alpha takes seen, or as good as seen, plus one; above 0
 * @param beta failures likewise; above 0
 */
public record Belief(double alpha, double beta) {

    /** Nothing known: every rate from 0 to 1 alike. */
    public static final Belief FLAT = new Belief(1, 1);

    /** Requires both above 0. */
    public Belief {
        if (!(alpha > 0 && beta > 0)) {
            throw new IllegalArgumentException("a belief needs both parts above 0, not " + alpha + ", " + beta);
        }
    }

    /** After seeing more grafts, or as good as seeing them. */
    public Belief after(double taken, double failed) {
        return new Belief(alpha + taken, beta + failed);
    }

    /** Mean, 0 to 1. */
    public double mean() {
        return alpha / (alpha + beta);
    }

    /** The rate below which the true one lies with this probability, 0 to 1. */
    public double quantile(double probability) {
        return BetaDistribution.of(alpha, beta).inverseCumulativeProbability(probability);
    }

    /** The equal-tailed range that holds the true rate with probability {@code mass}, 0 to 1 exclusive. */
    public Range range(double mass) {
        return new Range(quantile((1 - mass) / 2), quantile((1 + mass) / 2));
    }

    /** A range of rates, each 0 to 1. */
    public record Range(double low, double high) {}
}
