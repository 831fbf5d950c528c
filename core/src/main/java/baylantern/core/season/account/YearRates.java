package baylantern.core.season.account;

/** How often a tree swells on each day of the year, added up, so that what is expected between two days is told at once. */
final class YearRates {

    static final int DAYS = 366;

    // Expected before each day. The last day comes in leap years only; a year is the sum of those before it.
    private final double[] upTo = new double[DAYS];

    /** Of swells expected on each of {@link #DAYS} days. */
    YearRates(double[] byDay) {
        for (int i = 1; i < DAYS; i++) {
            upTo[i] = upTo[i - 1] + byDay[i - 1];
        }
    }

    /** Swells expected from the epoch to the morning of a day counted from it. */
    double until(int epochDay) {
        int years = YearDay.years(epochDay);
        return years * upTo[DAYS - 1] + upTo[YearDay.of(epochDay, years)];
    }
}
