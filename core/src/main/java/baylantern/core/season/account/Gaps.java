package baylantern.core.season.account;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The gaps between swells of a species' trees. One about twice as long as this tree usually takes at that time of year, both
 * in warmth and in days, hid a flush that nobody saw; it teaches nothing of how long a tree takes.
 */
public final class Gaps {

    private static final double LEAST_WARMTH = 20;
    private static final double TWICE = 1.6;
    private static final double PRIOR_DAYS = 120;
    private static final int PRIOR_GAPS = 3;
    private static final double PRIOR_UNSEEN = 0.1;
    private static final double PRIOR_FLUSHES = 10;

    private final List<Gap> plain = new ArrayList<>();
    private final List<Gap> hiding = new ArrayList<>();

    private Gaps() {}

    /**
     * Finds them.
     *
     * @param grounds what a gap usually takes beforehand, and how much longer one over winter does
     */
    public static Gaps of(List<TreeRecord> trees, SkyDays past, Accounts.Grounds grounds) {
        List<Gap> all = new ArrayList<>();
        for (TreeRecord tree : trees) {
            for (int i = 0; i + 1 < tree.swells().size(); i++) {
                Gap gap =
                        Gap.of(tree.plant(), tree.swells().get(i), tree.swells().get(i + 1), past);
                if (gap.warmth() > LEAST_WARMTH) {
                    all.add(gap);
                }
            }
        }
        double warmth = median(all.stream().map(Gap::warmth).toList(), grounds.priorWarmth());
        double days = median(all.stream().map(Gap::days).toList(), PRIOR_DAYS);
        WinterRest rest = grounds.rest();
        Gaps gaps = new Gaps();
        for (TreeRecord tree : trees) {
            List<Gap> own =
                    all.stream().filter(gap -> gap.plant() == tree.plant()).toList();
            double usualWarmth = median(own.stream().map(Gap::warmth).toList(), warmth);
            double usualDays = median(own.stream().map(Gap::days).toList(), days);
            for (Gap gap : own) {
                // What begins in autumn is long without hiding anything.
                double most = TWICE * rest.times(gap.from().day());
                boolean twice = gap.warmth() > most * usualWarmth && gap.days() > most * usualDays;
                (twice ? gaps.hiding : gaps.plain).add(gap);
            }
        }
        return gaps;
    }

    private static double median(List<Double> values, double prior) {
        List<Double> all = new ArrayList<>(values);
        all.addAll(Collections.nCopies(PRIOR_GAPS, prior));
        Collections.sort(all);
        return all.get(all.size() / 2);
    }

    /** Those in which no flush was missed. */
    List<Gap> plain() {
        return plain;
    }

    /** The share of all flushes that nobody saw, 0 to 1; a tenth beforehand, as much as ten flushes. */
    double unseen() {
        return (PRIOR_UNSEEN * PRIOR_FLUSHES + hiding.size()) / (PRIOR_FLUSHES + plain.size() + 2 * hiding.size());
    }

    /** True where a flush before this swell of a plant went unseen. */
    public boolean hidAFlush(long plant, TreeRecord.Seen swell) {
        return hiding.stream().anyMatch(gap -> gap.plant() == plant && gap.to().equals(swell));
    }
}
