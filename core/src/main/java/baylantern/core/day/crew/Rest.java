package baylantern.core.day.crew;

import org.apache.commons.statistics.distribution.FDistribution;

/**
 * How long what is left takes at the pace so far. With gamma times of one shape k, {@code made} grafts in {@code T} minutes
 * leave the time of {@code open} more as {@code open · T / made} times an F of (2k·open, 2k·made): both sums are gammas of
 * the same scale (Johnson, Kotz and Balakrishnan 1995).
 *
 * @param low 5 of a hundred, minutes
 * @param high 95 of a hundred
 */
public record Rest(double low, double mid, double high) {

    /** Fewer tell nothing yet. */
    public static final int LEAST = 3;

    /**
     * What is left of a day.
     *
     * @param made grafts made in these minutes, {@value #LEAST} or more
     * @param minutes over 0
     * @param open grafts to make, 1 or more
     * @param shape of one graft's time
     */
    public static Rest of(int made, double minutes, int open, double shape) {
        if (!(made >= LEAST && minutes > 0 && open >= 1 && shape > 0)) {
            throw new IllegalArgumentException(made + " made in " + minutes + " minutes, " + open + " to go: from "
                    + LEAST + ", over 0, from 1 are wanted");
        }
        FDistribution times = FDistribution.of(2 * shape * open, 2 * shape * made);
        double usual = open * minutes / made;
        return new Rest(
                usual * times.inverseCumulativeProbability(0.05),
                usual * times.inverseCumulativeProbability(0.5),
                usual * times.inverseCumulativeProbability(0.95));
    }
}
