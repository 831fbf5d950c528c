package baylantern.core.day.crew;

import java.util.List;
import org.apache.commons.statistics.distribution.GammaDistribution;

/**
 * How long a person takes beside what is usual, learned from their logged times.
 *
 * <p>One graft takes {@code usual × f × g}, {@code g} from a gamma of mean 1 and the shape of the rulebook. The belief of
 * 1/f is a gamma, which such times leave a gamma (conjugate; Fink 1997): its mean is {@code (s + Σ ratio) / (s + n)} with
 * the prior counting for {@code s} grafts.
 *
 * @param mean of f
 * @param shape of the belief of 1/f
 * @param rate of the same
 * @param times logged times it was learned from
 */
public record Pace(double mean, double shape, double rate, int times) {

    /**
     * What times say.
     *
     * @param spreadShape shape of one graft's time, over 0
     * @param strength so many grafts the usual counts for, over 0
     * @param ratios times over what is usual, each over 0
     */
    public static Pace learned(double spreadShape, double strength, List<Double> ratios) {
        double sum = ratios.stream().mapToDouble(Double::doubleValue).sum();
        double shape = spreadShape * (strength + ratios.size()) + 1;
        double rate = spreadShape * (strength + sum);
        return new Pace(rate / (shape - 1), shape, rate, ratios.size());
    }

    /** The pace that so much of the belief lies under; share over 0 and under 1. */
    public double quantile(double share) {
        return 1 / GammaDistribution.of(shape, 1 / rate).inverseCumulativeProbability(1 - share);
    }
}
