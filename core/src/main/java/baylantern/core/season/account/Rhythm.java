package baylantern.core.season.account;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What is believed of the warmth from swell to swell of a tree, on the log scale.
 *
 * @param logMean mean of the log of degree-days
 * @param spread how far the next may lie from it
 * @param ownCycles flushes seen on the tree itself
 * @param farmCycles flushes seen on the farm's trees of this species
 */
public record Rhythm(double logMean, double spread, int ownCycles, int farmCycles) {

    /** What the rhythm rests on. */
    public enum Basis {
        SPECIES_PRIOR,
        FARM,
        OWN
    }

    static Rhythm of(Levels levels, long plant) {
        Levels.Belief next = levels.next(plant);
        return new Rhythm(next.mean(), next.spread(), next.own(), levels.seen());
    }

    /** What the rhythm rests on. */
    public Basis basis() {
        return ownCycles > 0 ? Basis.OWN : farmCycles > 0 ? Basis.FARM : Basis.SPECIES_PRIOR;
    }

    /** The next warmth that lies above the given share of what is possible, 0 to 1; degree-days. */
    public double warmthAt(double share) {
        return Math.exp(NormalDistribution.of(logMean, spread).inverseCumulativeProbability(share));
    }
}
