package baylantern.core.fit.choice;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Round;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.Species;
import baylantern.core.take.Belief;
import java.util.Map;

/**
 * A stick and a stem on the bench, and what bears on the choice of technique.
 *
 * @param slips whether the bark lifts cleanly
 * @param wood what there is of the scion
 * @param stock whether the stock grows or rests
 * @param keepTop true where the stock must keep its top
 * @param takes the grower's own belief of the take with each technique, by key; none where never tried
 * @param tried decided grafts behind that belief
 */
public record BenchCase(
        Pieces pieces,
        Slips slips,
        Needs wood,
        Growth stock,
        boolean keepTop,
        Hand hand,
        Map<String, Belief> takes,
        Map<String, Integer> tried) {

    /** What is to be joined. */
    public record Pieces(Species scionSpecies, Species stockSpecies, Round scion, Round stem) {}

    /**
     * What the hand can, what there is for it, and how many buds there are.
     *
     * @param skill 1 a beginner, 2 practised, 3 a steady hand
     * @param buds buds there are for each graft, at least 1
     * @param tool whether there is a hand tool that cuts a V
     */
    public record Hand(int skill, int buds, boolean tool) {

        /** Requires a skill of 1 to 3 and 1 to 20 buds. */
        public Hand {
            FitRefused.within("skill", "Skill", skill, 1, 3, "");
            FitRefused.within("buds", "Buds for each graft", buds, 1, 20, "");
        }
    }

    /** See {@link Pieces}. */
    public Species scionSpecies() {
        return pieces.scionSpecies();
    }

    /** See {@link Pieces}. */
    public Species stockSpecies() {
        return pieces.stockSpecies();
    }

    /** See {@link Pieces}. */
    public Round scion() {
        return pieces.scion();
    }

    /** See {@link Pieces}. */
    public Round stem() {
        return pieces.stem();
    }

    /** See {@link Hand}. */
    public int skill() {
        return hand.skill();
    }

    /** Whether the bark lifts. */
    public enum Slips {
        YES,
        NO,
        UNKNOWN
    }

    /** What the stock is doing. */
    public enum Growth {
        ACTIVE,
        RESTING,
        UNKNOWN
    }

    /** Scion diameter over stock diameter. */
    public double ratio() {
        return scion().radiusMm() / stem().radiusMm();
    }
}
