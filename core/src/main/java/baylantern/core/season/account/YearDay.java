package baylantern.core.season.account;

/** Where in the year a day lies that is counted from the epoch, which began on a 1 January; off by a day at most. */
final class YearDay {

    /** Days of a year on the mean of four centuries. */
    static final double YEAR_DAYS = 365.2425;

    /** How many parts the two waves of the year have. */
    static final int WAVES = 4;

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

    /** The time of year as two waves, each part from −1 to 1. */
    static double[] waves(int epochDay) {
        double turn = 2 * Math.PI * epochDay / YEAR_DAYS;
        return new double[] {Math.cos(turn), Math.sin(turn), Math.cos(2 * turn), Math.sin(2 * turn)};
    }
}
