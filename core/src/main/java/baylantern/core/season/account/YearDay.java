package baylantern.core.season.account;

/** Where in the year a day lies that is counted from the epoch, which began on a 1 January; off by a day at most. */
final class YearDay {

    /** Days of a year on the mean of four centuries. */
    static final double YEAR_DAYS = 365.2425;

    private YearDay() {}

    /** Whole years since the epoch, less than 0 before it. */
    static int years(int epochDay) {
        return (int) Math.floor(epochDay / YEAR_DAYS);
    }

    /** Whole days since the turn of the year, 0 to 365. */
    static int of(int epochDay) {
        return of(epochDay, years(epochDay));
    }

    /** The same, where the whole years are known. */
    static int of(int epochDay, int years) {
        return (int) (epochDay - YEAR_DAYS * years);
    }

    /** The part of the year gone by, as an angle. */
    static double turn(int epochDay) {
        return 2 * Math.PI * epochDay / YEAR_DAYS;
    }
}
