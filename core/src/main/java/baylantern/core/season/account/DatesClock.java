package baylantern.core.season.account;

/**
 * When a tree that goes by the calendar swells again. The swells its dates let expect since the last one are its clock,
 * which stands still while buds rest. A tree that kept its dates to the letter would swell at any point of the clock's
 * first turn, all equally likely, and so never miss one; a tree that swells by chance at a constant rate. The chance that
 * it has not swelled after n turns lies between: (1 − n/k)^k, which is the one for k = 1 and e^−n for large k, with some
 * doubt, so that a date that passed unseen does not make the next for sure.
 */
final class DatesClock {

    // k: so many turns are the most without doubt.
    private static final double MOST_TURNS = 1.1;
    private static final double DOUBT = 0.1;
    private static final int[] REST_ENDS = Rest.ends();

    private final YearRates rates;

    DatesClock(YearRates rates) {
        this.rates = rates;
    }

    /** Turns of the clock from a swell to the evening of a day, both counted from the epoch. */
    double turns(int swell, int until) {
        double sum = 0;
        for (int rested : REST_ENDS) {
            sum += rates.between(swell + rested, until + 1);
        }
        return sum / REST_ENDS.length;
    }

    /** Cumulative rate of the next swell: less the log of the chance that it has not come by the evening of a day. */
    double rate(int swell, int until) {
        double turns = turns(swell, until);
        double kept = Math.pow(Math.max(0, 1 - turns / MOST_TURNS), MOST_TURNS);
        return -Math.log((1 - DOUBT) * kept + DOUBT * Math.exp(-turns));
    }
}
