package baylantern.core.season.account;

import java.util.List;

/**
 * A clock that rain, cold, day length and the time of year hurry or hold: what passes on a day is a power of its warmth
 * times e to a weighted sum of the {@link Drivers}, in degree-days of a usual day. A tree swells when as much has passed
 * since the last swell as it usually takes, by the time of year at which it began. With nothing learned it goes by warmth
 * and by winter's rest.
 *
 * @param usual warmth of a day in the mean of the year, degree-days
 * @param weights of the log of the day's warmth, then of its drivers
 * @param season what passes from swell to swell, by tree and by the day it begins
 */
record Hurry(double usual, double[] weights, SeasonWave season) {

    /** How much a day's warmth counts beforehand. */
    static final double BY_WARMTH = 0.8;

    /** How many weights there are. */
    static final int WEIGHTS = Drivers.COUNT + 1;

    private static final double LEAST_OF_USUAL = 0.05;
    private static final double MOST_LOG = 3;

    /** What is held beforehand, with nothing learned yet. */
    static Hurry beforehand(Accounts.Grounds grounds) {
        double[] weights = new double[WEIGHTS];
        weights[0] = BY_WARMTH;
        System.arraycopy(grounds.rest().through(), 0, weights, 1, YearDay.WAVES);
        Levels none = new Levels(grounds.warmth(), List.of());
        return new Hurry(
                grounds.warmthADay(),
                weights,
                new SeasonWave(none, grounds.rest().begun()));
    }

    /** What drives the clock on a day: how warm it is, then the drivers. */
    double[] felt(double warmth, double[] drivers) {
        double[] felt = new double[WEIGHTS];
        felt[0] = Math.log(Math.max(LEAST_OF_USUAL, warmth / usual));
        System.arraycopy(drivers, 0, felt, 1, Drivers.COUNT);
        return felt;
    }

    /** What passes on a day on which this is felt. */
    double passes(double[] felt) {
        double log = 0;
        for (int i = 0; i < WEIGHTS; i++) {
            log += weights[i] * felt[i];
        }
        return usual * Math.exp(Math.max(-MOST_LOG, Math.min(MOST_LOG, log)));
    }

    /** What has passed by the evening of each day of the past of a sky. */
    double[] past(SkyDays sky) {
        return summed(0, sky.pastWarmth(), 0, sky.pastDrivers());
    }

    /** The same of the days after it, going on from what has passed. */
    double[] ahead(SkyDays sky, double[] past) {
        int known = sky.known();
        return summed(past[known - 1], sky.aheadWarmth(), sky.pastWarmth()[known - 1], sky.aheadDrivers());
    }

    // Warmth is given as a sum, the drivers day by day.
    private double[] summed(double begin, double[] warmth, double before, double[][] drivers) {
        double[] sums = new double[warmth.length];
        double sum = begin;
        double last = before;
        for (int i = 0; i < sums.length; i++) {
            sum += passes(felt(warmth[i] - last, drivers[i]));
            last = warmth[i];
            sums[i] = sum;
        }
        return sums;
    }
}
