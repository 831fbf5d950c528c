package baylantern.core.season.account;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * By how many days each tree swells later than its kin. Every shift up to a month is weighed by how often the others,
 * as they were moved last, swell on its dates then, and drawn to none; the mean of them is taken, in two turns.
 */
final class Leads {

    private static final int MOST_DAYS = 30;
    private static final double SPREAD_DAYS = 10;
    private static final double WIDTH_DAYS = 7;
    private static final int TURNS = 2;
    // Under all dates lies some chance, or one date of its own would keep a tree from being moved.
    private static final double ANY_DAY = 2.0 / YearRates.DAYS;

    private Leads() {}

    /** Days by plant, over 0 where it is later. */
    static Map<Long, Integer> of(List<TreeRecord> trees) {
        double[] kernel = Dates.kernel(WIDTH_DAYS);
        Map<Long, Integer> leads = new HashMap<>();
        for (int turn = 0; turn < TURNS; turn++) {
            double[] all = new double[YearRates.DAYS];
            for (TreeRecord tree : trees) {
                for (int day : moved(tree, leads)) {
                    Dates.add(all, kernel, day);
                }
            }
            Map<Long, Integer> next = new HashMap<>();
            for (TreeRecord tree : trees) {
                next.put(tree.plant(), lead(moved(tree, leads), yearDays(tree), all, kernel));
            }
            leads = next;
        }
        return leads;
    }

    private static List<Integer> yearDays(TreeRecord tree) {
        return tree.swells().stream().map(swell -> YearDay.of(swell.day())).toList();
    }

    private static List<Integer> moved(TreeRecord tree, Map<Long, Integer> leads) {
        int lead = leads.getOrDefault(tree.plant(), 0);
        List<Integer> days = new ArrayList<>();
        for (int day : yearDays(tree)) {
            days.add(day - lead);
        }
        return days;
    }

    // Its own dates, as they lie in the sum, are no kin's.
    private static int lead(List<Integer> own, List<Integer> dates, double[] all, double[] kernel) {
        double[] logs = new double[2 * MOST_DAYS + 1];
        for (int i = 0; i < logs.length; i++) {
            int days = i - MOST_DAYS;
            logs[i] = -days * days / (2 * SPREAD_DAYS * SPREAD_DAYS);
            for (int date : dates) {
                int day = Math.floorMod(date - days, YearRates.DAYS);
                double kin = all[day];
                for (int mine : own) {
                    kin -= kernel[Math.floorMod(day - mine, YearRates.DAYS)];
                }
                logs[i] += Math.log(Math.max(0, kin) + ANY_DAY);
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
