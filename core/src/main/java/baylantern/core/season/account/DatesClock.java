package baylantern.core.season.account;

/**
 * When a tree that goes by the calendar swells again. The swells its dates let expect since the last one are its clock,
 * which stands still while buds rest. A tree that kept its dates to the letter would swell at any point of the clock's
 * first turn, all equally likely, and so never miss one; a tree that swells by chance at a constant rate. The chance that
 * it has not swelled after n turns lies between: (1 − n/K)^K, which is the one for K = 1 and e^−n for large K, with some
 * doubt, so that a date that passed unseen does not make the next for sure.
 */
final class DatesClock {

    private static final double K = 1.1;
    private static final double DOUBT = 0.1;
    // Buds rest from 22 to 45 days after a swell; the clock begins on days spread evenly over these.
    private static final int RESTED_FIRST = 25;
    private static final int RESTED_LAST = 43;
    private static final int RESTED_STEP = 6;
    private static final int RESTED_COUNT = (RESTED_LAST - RESTED_FIRST) / RESTED_STEP + 1;

    private final YearRates rates;

    DatesClock(YearRates rates) {
        this.rates = rates;
    }

    /** Turns of the clock from a swell to the evening of a day, both counted from the epoch. */
    double turns(int swell, int until) {
        double sum = 0;
        for (int rested = RESTED_FIRST; rested <= RESTED_LAST; rested += RESTED_STEP) {
            sum += rates.between(swell + rested, until + 1);
        }
        return sum / RESTED_COUNT;
    }

    /** Cumulative rate of the next swell: less the log of the chance that it has not come by the evening of a day. */
    double rate(int swell, int until) {
        double turns = turns(swell, until);
        return -Math.log((1 - DOUBT) * Math.pow(Math.max(0, 1 - turns / K), K) + DOUBT * Math.exp(-turns));
    }
}
