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

    /** Adds one about each swell of a tree, some days before it, to a sum by day of the year. */
    void add(TreeRecord tree, int daysBefore, double[] sum) {
        for (TreeRecord.Seen swell : tree.swells()) {
            int about = Math.floorMod(YearDay.of(swell.day()) - daysBefore, sum.length);
            for (int i = about; i < sum.length; i++) {
                sum[i] += byDaysAway[i - about];
            }
            for (int i = 0; i < about; i++) {
                sum[i] += byDaysAway[sum.length - about + i];
            }
        }
    }
}
