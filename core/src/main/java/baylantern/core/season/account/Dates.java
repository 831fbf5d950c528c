package baylantern.core.season.account;

import baylantern.core.rules.Known;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How often trees swell on each day of the year, from the dates they did: a tree's own first, then its kin's. */
final class Dates {

    private static final int DAYS = 366;
    private static final double PRIOR_YEARS = 0.6;
    private static final double KIN_YEARS = 1.2;

    private final Map<Long, double[]> byPlant = new HashMap<>();
    private final double[] farm;

    Dates(List<TreeRecord> trees, double widthDays, double aYear) {
        double[] kernel = kernel(widthDays);
        double[] sum = new double[DAYS];
        double years = 0;
        Map<Long, double[]> own = new HashMap<>();
        Map<Long, Double> watched = new HashMap<>();
        for (TreeRecord tree : trees) {
            double[] dates = new double[DAYS];
            for (TreeRecord.Seen swell : tree.swells()) {
                add(dates, kernel, YearDay.of(swell.day()));
            }
            int looks = tree.looks().size();
            double span = looks < 2
                    ? 0
                    : (tree.looks().get(looks - 1).day() - tree.looks().get(0).day()) / YearDay.YEAR_DAYS;
            own.put(tree.plant(), dates);
            watched.put(tree.plant(), span);
            years += span;
            for (int i = 0; i < DAYS; i++) {
                sum[i] += dates[i];
            }
        }
        this.farm = new double[DAYS];
        for (int i = 0; i < DAYS; i++) {
            farm[i] = (sum[i] + PRIOR_YEARS * aYear / YearDay.YEAR_DAYS) / (years + PRIOR_YEARS);
        }
        own.forEach((plant, dates) -> {
            double span = Known.in(watched, plant);
            double[] all = new double[DAYS];
            for (int i = 0; i < DAYS; i++) {
                all[i] = (dates[i] + KIN_YEARS * farm[i]) / (span + KIN_YEARS);
            }
            byPlant.put(plant, all);
        });
    }

    private static double[] kernel(double width) {
        double[] kernel = new double[DAYS];
        for (int i = 0; i < DAYS; i++) {
            int away = Math.min(i, DAYS - i);
            kernel[i] = Math.exp(-away * away / (2 * width * width)) / (width * Math.sqrt(2 * Math.PI));
        }
        return kernel;
    }

    private static void add(double[] dates, double[] kernel, int day) {
        for (int i = 0; i < DAYS; i++) {
            dates[i] += kernel[Math.floorMod(i - day, DAYS)];
        }
    }

    /** Swells expected of a tree on each day of the year. */
    double[] of(long plant) {
        return byPlant.getOrDefault(plant, farm);
    }
}
