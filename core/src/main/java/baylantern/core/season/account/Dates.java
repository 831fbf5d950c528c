package baylantern.core.season.account;

import baylantern.core.rules.Known;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How often trees swell on each day of the year, from the dates they did: a tree's own, and its kin's, moved by as much as
 * it swells later than they.
 */
final class Dates {

    private static final double PRIOR_YEARS = 0.6;
    private static final double KIN_YEARS = 6;

    private final Map<Long, DatesClock> byPlant = new HashMap<>();
    private final DatesClock farm;

    /**
     * Learns from trees.
     *
     * @param lags days by which each swells later than its kin, see {@link Lags}
     * @param widthDays how closely dates are kept
     * @param aYear swells a year of the species with nothing seen
     */
    Dates(List<TreeRecord> trees, Map<Long, Integer> lags, double widthDays, double aYear) {
        Bell bell = new Bell(widthDays);
        double[] kin = new double[YearRates.DAYS];
        double years = 0;
        for (TreeRecord tree : trees) {
            bell.add(tree, Known.in(lags, tree.plant()), kin);
            years += years(tree);
        }
        for (int i = 0; i < kin.length; i++) {
            kin[i] = (kin[i] + PRIOR_YEARS * aYear / YearDay.YEAR_DAYS) / (years + PRIOR_YEARS);
        }
        this.farm = new DatesClock(new YearRates(kin));
        for (TreeRecord tree : trees) {
            double[] own = new double[YearRates.DAYS];
            bell.add(tree, 0, own);
            int lag = Known.in(lags, tree.plant());
            for (int i = 0; i < own.length; i++) {
                own[i] += KIN_YEARS * kin[Math.floorMod(i - lag, own.length)];
                own[i] /= years(tree) + KIN_YEARS;
            }
            byPlant.put(tree.plant(), new DatesClock(new YearRates(own)));
        }
    }

    // Years over which it was looked at.
    private static double years(TreeRecord tree) {
        int looks = tree.looks().size();
        return looks < 2
                ? 0
                : (tree.looks().get(looks - 1).day() - tree.looks().get(0).day()) / YearDay.YEAR_DAYS;
    }

    /** The clock by which a tree swells. */
    DatesClock of(long plant) {
        return byPlant.getOrDefault(plant, farm);
    }
}
