package baylantern.core.season.account;

/**
 * When a tree that goes by the calendar swells again. The swells its dates let expect since the last one are its clock,
 * which stands still while buds rest. A tree that kept its dates to the letter would swell at any point of the clock's
 * first turn, all equally likely, and so never miss one: it has not swelled after n turns with a chance of 1 − n. A tree
 * that swells by chance at a constant rate has not with e^−n; that counts as a doubt, so that a date that passed unseen does
 * not make the next for sure.
 */
final class DatesClock {

    private static final double DOUBT = 0.02;
    private static final int[] REST_ENDS = Rest.ends();

    private final YearRates rates;

    DatesClock(YearRates rates) {
        this.rates = rates;
    }

    /** The clock as it goes from a swell on a day counted from the epoch; asked for many days. */
    Since since(int swell) {
        return new Since(swell);
    }

    /** Since a swell. */
    final class Since {
        private final int[] rested = new int[REST_ENDS.length];
        private final double[] begun = new double[REST_ENDS.length];

        private Since(int swell) {
            for (int i = 0; i < rested.length; i++) {
                rested[i] = swell + REST_ENDS[i];
                begun[i] = rates.until(rested[i]);
            }
        }

        /** Turns to the evening of a day. */
        double turns(int until) {
            double now = rates.until(until + 1);
            double sum = 0;
            for (int i = 0; i < rested.length; i++) {
                sum += until + 1 > rested[i] ? now - begun[i] : 0;
            }
            return sum / rested.length;
        }

        /** Cumulative rate of the next swell: less the log of the chance that it has not come by the evening of a day. */
        double rate(int until) {
            double turns = turns(until);
            double kept = Math.max(0, 1 - turns);
            return -Math.log((1 - DOUBT) * kept + DOUBT * Math.exp(-turns));
        }
    }
}
