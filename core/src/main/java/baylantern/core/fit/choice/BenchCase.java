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
 * @param skill 1 a beginner, 2 practised, 3 a steady hand
 * @param buds buds there are for each graft, at least 1
 * @param takes the grower's own belief of the take with each technique, by key; none where never tried
 * @param tried decided grafts behind that belief
 */
public record BenchCase(
        Species scionSpecies,
        Species stockSpecies,
        Round scion,
        Round stem,
        Slips slips,
        Needs wood,
        Growth stock,
        boolean keepTop,
        int skill,
        int buds,
        Map<String, Belief> takes,
        Map<String, Integer> tried) {

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

    /** Requires a skill of 1 to 3 and 1 to 20 buds. */
    public BenchCase {
        FitRefused.within("skill", "Skill", skill, 1, 3, "");
        FitRefused.within("buds", "Buds for each graft", buds, 1, 20, "");
    }

    /** Scion diameter over stock diameter. */
    public double ratio() {
        return scion.radiusMm() / stem.radiusMm();
    }
}
