package baylantern.core.season.flush;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What is believed of the warmth from swell to swell of one plant, on the log scale.
 *
 * @param logMean mean of the log of degree-days
 * @param meanVariance how unsure that mean is
 * @param cycleVariance how flushes of one plant differ
 * @param ownCycles intervals seen on the plant itself
 * @param farmCycles intervals seen on the farm's trees of this species
 */
public record Rhythm(double logMean, double meanVariance, double cycleVariance, int ownCycles, int farmCycles) {

    /** What the rhythm rests on. */
    public enum Basis {
        SPECIES_PRIOR,
        FARM,
        OWN
    }

    /** What the rhythm rests on. */
    public Basis basis() {
        return ownCycles > 0 ? Basis.OWN : farmCycles > 0 ? Basis.FARM : Basis.SPECIES_PRIOR;
    }

    /** The log of the next interval. */
    NormalDistribution next() {
        return NormalDistribution.of(logMean, Math.sqrt(meanVariance + cycleVariance));
    }

    /** The next interval in degree-days that lies above the given share of what is possible, 0 to 1. */
    public double warmthAt(double share) {
        return Math.exp(next().inverseCumulativeProbability(share));
    }
}
