package baylantern.core.season.account;

/** A normal about a day of the year, round the turn of the year. */
final class Bell {

    private final double[] byDaysAway = new double[YearRates.DAYS];

    /** Of a spread in days. */
    Bell(double spread) {
        for (int i = 0; i < byDaysAway.length; i++) {
            int away = Math.min(i, byDaysAway.length - i);
            byDaysAway[i] = Math.exp(-away * away / (2 * spread * spread)) / (spread * Math.sqrt(2 * Math.PI));
        }
    }

    /** Adds one about a day of the year, which may lie beyond its ends. */
    void addTo(double[] yearDays, int about) {
        for (int i = 0; i < yearDays.length; i++) {
            yearDays[i] += byDaysAway[Math.floorMod(i - about, yearDays.length)];
        }
    }

    /** One about each swell of a tree, some days before it. */
    double[] about(TreeRecord tree, int daysBefore) {
        double[] sum = new double[YearRates.DAYS];
        for (TreeRecord.Seen swell : tree.swells()) {
            addTo(sum, YearDay.of(swell.day()) - daysBefore);
        }
        return sum;
    }
}
