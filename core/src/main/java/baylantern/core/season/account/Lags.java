package baylantern.core.season.account;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * By how many days each tree swells later than its kin. Every shift up to a month is weighed by how often the others,
 * as they were moved last, swell on its dates then, and drawn to none; the mean of them is taken, in two turns.
 */
final class Lags {

    private static final int MOST_DAYS = 30;
    private static final double SPREAD_DAYS = 10;
    private static final int TURNS = 2;
    // Under all dates lies some chance, or one date of its own would keep a tree from being moved.
    private static final double ANY_DAY = 2.0 / YearRates.DAYS;

    private Lags() {}

    /**
     * Days by plant, under 0 where it is earlier.
     *
     * @param widthDays how closely dates are kept
     */
    static Map<Long, Integer> of(List<TreeRecord> trees, double widthDays) {
        Bell bell = new Bell(widthDays);
        Map<Long, Integer> lags = new HashMap<>();
        for (int turn = 0; turn < TURNS; turn++) {
            double[] all = new double[YearRates.DAYS];
            for (TreeRecord tree : trees) {
                bell.add(tree, lags.getOrDefault(tree.plant(), 0), all);
            }
            for (TreeRecord tree : trees) {
                double[] own = new double[YearRates.DAYS];
                bell.add(tree, lags.getOrDefault(tree.plant(), 0), own);
                lags.put(tree.plant(), lag(tree, all, own));
            }
        }
        return lags;
    }

    // Its own dates, as they lie in the sum, are no kin's.
    private static int lag(TreeRecord tree, double[] all, double[] own) {
        double[] logs = new double[2 * MOST_DAYS + 1];
        for (int i = 0; i < logs.length; i++) {
            int days = i - MOST_DAYS;
            logs[i] = -days * days / (2 * SPREAD_DAYS * SPREAD_DAYS);
            for (TreeRecord.Seen swell : tree.swells()) {
                int day = Math.floorMod(YearDay.of(swell.day()) - days, YearRates.DAYS);
                logs[i] += Math.log(Math.max(0, all[day] - own[day]) + ANY_DAY);
            }
        }
        double best = Arrays.stream(logs).max().orElseThrow();
        double mass = 0;
        double at = 0;
        for (int i = 0; i < logs.length; i++) {
            double chance = Math.exp(logs[i] - best);
            mass += chance;
            at += chance * (i - MOST_DAYS);
        }
        return (int) Math.round(at / mass);
    }
}
