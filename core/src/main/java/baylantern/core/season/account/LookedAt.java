package baylantern.core.season.account;

import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.FlushLength;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A look between two swells that were seen.
 *
 * @param gone bud warmth since the swell before it, degree-days
 * @param whole bud warmth between the two swells, degree-days, above 0
 * @param usual bud warmth that the tree usually takes from swell to swell, degree-days
 */
record LookedAt(double gone, double whole, double usual, CanopyShares canopy) {

    /** How far the flush had come, 0 to 1, if its length goes by the swell that follows it so much. */
    double way(double toNext) {
        return new FlushLength(usual, toNext).way(gone, whole);
    }

    /** Those of all trees. */
    static List<LookedAt> of(List<TreeRecord> trees, SkyDays past, ToDoubleFunction<TreeRecord> usual) {
        List<LookedAt> looks = new ArrayList<>();
        for (TreeRecord tree : trees) {
            of(tree, past, usual.applyAsDouble(tree), looks);
        }
        return looks;
    }

    private static void of(TreeRecord tree, SkyDays past, double usual, List<LookedAt> looks) {
        for (int i = 0; i + 1 < tree.swells().size(); i++) {
            TreeRecord.Seen swell = tree.swells().get(i);
            TreeRecord.Seen next = tree.swells().get(i + 1);
            double from = past.warmth(swell.day());
            double whole = past.warmth(next.day()) - from;
            for (TreeRecord.Look look : tree.looks()) {
                // The look that found the swell is one because of what it showed.
                if (whole > 0 && look.day() > swell.by() && look.day() <= next.after()) {
                    looks.add(new LookedAt(past.warmth(look.day()) - from, whole, usual, look.canopy()));
                }
            }
        }
    }
}
