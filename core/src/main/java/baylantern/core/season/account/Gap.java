package baylantern.core.season.account;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * From one swell of a tree to the next: warmth in degree-days, days, and the variances of their logs that come from not
 * knowing the days.
 */
record Gap(long plant, int from, int to, double warmth, double warmthVariance, double days, double daysVariance) {

    private static final double LEAST_WARMTH = 20;
    static final double TWICE = 1.62;

    /** All of them, but for those so long that a flush between was not seen. */
    static List<Gap> of(List<TreeRecord> trees, SkyDays past, double priorLog) {
        List<Gap> gaps = new ArrayList<>();
        for (TreeRecord tree : trees) {
            for (int i = 0; i + 1 < tree.swells().size(); i++) {
                TreeRecord.Seen from = tree.swells().get(i);
                TreeRecord.Seen to = tree.swells().get(i + 1);
                double warmth = past.warmth(to.day()) - past.warmth(from.day());
                if (warmth > LEAST_WARMTH) {
                    double days = to.day() - from.day();
                    gaps.add(new Gap(
                            tree.plant(),
                            from.day(),
                            to.day(),
                            warmth,
                            (blur(from, past) + blur(to, past)) / (warmth * warmth),
                            days,
                            (square(from.by() - from.after()) + square(to.by() - to.after())) / 12 / (days * days)));
                }
            }
        }
        return seen(gaps, priorLog);
    }

    // Twice as long as usual both in warmth and in days: one went unseen.
    private static List<Gap> seen(List<Gap> gaps, double priorLog) {
        double warmth = median(gaps.stream().mapToDouble(Gap::warmth).toArray(), Math.exp(priorLog));
        double days = median(gaps.stream().mapToDouble(Gap::days).toArray(), 120);
        return gaps.stream()
                .filter(g -> g.warmth < TWICE * warmth || g.days < TWICE * days)
                .toList();
    }

    private static double median(double[] values, double prior) {
        double[] all = Arrays.copyOf(values, values.length + 3);
        Arrays.fill(all, values.length, all.length, prior);
        Arrays.sort(all);
        return all[all.length / 2];
    }

    private static double blur(TreeRecord.Seen swell, SkyDays past) {
        return square(past.warmth(swell.by()) - past.warmth(swell.after())) / 12;
    }

    private static double square(double x) {
        return x * x;
    }
}
