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
public record BetaBelief(double alpha, double beta) implements Belief {

    /** Nothing known: every rate from 0 to 1 alike. */
    public static final BetaBelief FLAT = new BetaBelief(1, 1);

    /** Requires both above 0. */
    public BetaBelief {
        if (!(alpha > 0 && beta > 0)) {
            throw new IllegalArgumentException("a belief needs both parts above 0, not " + alpha + ", " + beta);
        }
    }

    /** After seeing more grafts, or as good as seeing them. */
    public BetaBelief after(double taken, double failed) {
        return new BetaBelief(alpha + taken, beta + failed);
    }

    @Override
    public double mean() {
        return alpha / (alpha + beta);
    }

    @Override
    public double quantile(double probability) {
        return BetaDistribution.of(alpha, beta).inverseCumulativeProbability(probability);
    }
}
