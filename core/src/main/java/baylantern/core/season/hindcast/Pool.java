package baylantern.core.season.hindcast;

import baylantern.core.season.account.Steps;

/**
 * Puts what accounts say together: chances multiplied, each to the power of its account's weight (logarithmic pool, Genest
 * and Zidek 1986, Combining probability distributions). What several find likely stands out, where a sum of them would
 * spread over all that any of them holds possible. None is believed without a doubt, else one could rule out a day alone.
 */
final class Pool {

    private static final double DOUBT = 0.05;
    private static final double[] DOUBTS = doubts();

    private final double[] logs = new double[Steps.count()];
    private double weights;

    private static double[] doubts() {
        double[] doubts = new double[Steps.count()];
        double before = 0;
        for (int i = 0; i < doubts.length; i++) {
            double by = i == doubts.length - 1 ? 1 : WideGuess.by(Steps.end(i));
            doubts[i] = DOUBT * (by - before);
            before = by;
        }
        return doubts;
    }

    /** Adds an account's chances by step, which sum to 1, with a weight above 0. */
    void add(double[] chances, double weight) {
        for (int i = 0; i < logs.length; i++) {
            logs[i] += weight * Math.log((1 - DOUBT) * chances[i] + DOUBTS[i]);
        }
        weights += weight;
    }

    /** All of them together, whatever their weights sum to. */
    Days together() {
        double[] all = new double[logs.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = Math.exp(logs[i] / weights);
        }
        return new Days(all);
    }
}
