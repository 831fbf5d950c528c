package baylantern.core.take.gain;

import java.util.List;

/**
 * What a logistic regression is reckoned from.
 *
 * @param columns how many coefficients there are
 * @param precision one over the variance of the prior of each coefficient; 0 for a flat one. Those within a spread take its
 * @param spreads runs of coefficients whose common spread is fitted
 * @param sessions how many sessions there are, 0 where they do not differ
 * @param sessionSpread where the fit of the sessions' spread begins, on log-odds
 * @param rows grafts alike, counted
 */
record LogitDesign(
        int columns, double[] precision, List<Spread> spreads, int sessions, double sessionSpread, List<Row> rows) {

    /**
     * Coefficients {@code from} to {@code to} exclusive lie about 0 with a common spread.
     *
     * @param start the spread before the records tell, on log-odds
     * @param weight so many coefficients that counts for
     */
    record Spread(int from, int to, double start, double weight) {}

    /**
     * Grafts alike.
     *
     * @param at which coefficients count for them
     * @param times how often each does
     * @param session 0 to {@code sessions} exclusive
     */
    record Row(int[] at, double[] times, int session, double taken, double decided) {}

    LogitDesign with(List<Row> other) {
        return new LogitDesign(columns, precision, spreads, sessions, sessionSpread, other);
    }
}
