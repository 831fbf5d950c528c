package baylantern.core.season.account;

/**
 * {@link Age} for one belief, tabled: it is asked for every day of many swells. Finely up to four times the usual age,
 * beyond coarsely; between its places it is straight.
 */
final class AgeTable {

    private static final int FINE = 128;
    private static final int FINE_UNTIL = 4;
    private static final int COARSE = 16;
    private static final int MOST = 16;
    private static final int FINE_PLACES = FINE * FINE_UNTIL;

    private final double per;
    private final double[] fine = new double[FINE_PLACES + 1];
    private final double[] coarse = new double[COARSE * (MOST - FINE_UNTIL) + 1];

    /** Of what is believed of the log of an age, in degree-days or days. */
    AgeTable(Levels.Belief belief) {
        this.per = Math.exp(-belief.mean());
        for (int i = 0; i < fine.length; i++) {
            fine[i] = Age.rate(i / (double) FINE, belief.spread());
        }
        for (int i = 0; i < coarse.length; i++) {
            coarse[i] = Age.rate(FINE_UNTIL + i / (double) COARSE, belief.spread());
        }
    }

    /** What part of the usual age one unit is. */
    double per() {
        return per;
    }

    /** Cumulative rate at an age given as a share of the usual one. */
    double rate(double ratio) {
        if (ratio < FINE_UNTIL) {
            double at = Math.max(0, ratio) * FINE;
            int low = (int) at;
            return fine[low] + (at - low) * (fine[low + 1] - fine[low]);
        }
        double at = Math.min(MOST - 1.0 / COARSE, ratio) * COARSE - FINE_UNTIL * COARSE;
        int low = (int) at;
        return coarse[low] + (at - low) * (coarse[low + 1] - coarse[low]);
    }
}
