package baylantern.core.season.account;

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
     * @param leads days by which each swells later than its kin, see {@link Leads}
     * @param widthDays how closely dates are kept
     * @param aYear swells a year of the species with nothing seen
     */
    Dates(List<TreeRecord> trees, Map<Long, Integer> leads, double widthDays, double aYear) {
        double[] kernel = kernel(widthDays);
        double[] kin = new double[YearRates.DAYS];
        double years = 0;
        for (TreeRecord tree : trees) {
            addSwells(tree, leads.getOrDefault(tree.plant(), 0), kernel, kin);
            years += years(tree);
        }
        for (int i = 0; i < kin.length; i++) {
            kin[i] = (kin[i] + PRIOR_YEARS * aYear / YearDay.YEAR_DAYS) / (years + PRIOR_YEARS);
        }
        this.farm = new DatesClock(new YearRates(kin));
        for (TreeRecord tree : trees) {
            double[] own = new double[YearRates.DAYS];
            addSwells(tree, 0, kernel, own);
            int lead = leads.getOrDefault(tree.plant(), 0);
            for (int i = 0; i < own.length; i++) {
                own[i] += KIN_YEARS * kin[Math.floorMod(i - lead, own.length)];
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

    private static void addSwells(TreeRecord tree, int lead, double[] kernel, double[] into) {
        for (TreeRecord.Seen swell : tree.swells()) {
            add(into, kernel, YearDay.of(swell.day()) - lead);
        }
    }

    /** A normal of a width in days about day 0 of the year, round the turn of the year. */
    static double[] kernel(double width) {
        double[] kernel = new double[YearRates.DAYS];
        for (int i = 0; i < kernel.length; i++) {
            int away = Math.min(i, kernel.length - i);
            kernel[i] = Math.exp(-away * away / (2 * width * width)) / (width * Math.sqrt(2 * Math.PI));
        }
        return kernel;
    }

    /** Adds a kernel about a day of the year. */
    static void add(double[] dates, double[] kernel, int day) {
        for (int i = 0; i < dates.length; i++) {
            dates[i] += kernel[Math.floorMod(i - day, dates.length)];
        }
    }

    /** The clock by which a tree swells. */
    DatesClock of(long plant) {
        return byPlant.getOrDefault(plant, farm);
    }
}
