package baylantern.core.season.account;

/**
 * One line of weather as the buds meet it: the days that were and one way they may go on, counted in days since the
 * epoch. Many lines share the same past.
 */
public final class SkyDays {

    private final int firstDay;
    private final int known;
    private final double[] past;
    private final double[] ahead;
    private final double[][] pastDrivers;
    private final double[][] aheadDrivers;

    /**
     * A line.
     *
     * @param firstDay the first day known, days since the epoch
     * @param known so many days are known; what the past holds beyond them is not looked at
     * @param past bud warmth summed to the evening of each day known, degree-days
     * @param ahead the same for the days after, going on from the last of the past
     */
    SkyDays(int firstDay, int known, double[] past, double[] ahead, double[][] pastDrivers, double[][] aheadDrivers) {
        this.firstDay = firstDay;
        this.known = known;
        this.past = past;
        this.ahead = ahead;
        this.pastDrivers = pastDrivers;
        this.aheadDrivers = aheadDrivers;
    }

    /** Bud warmth summed to the evening of a day, degree-days; days outside read as the nearest end. */
    public double warmth(int day) {
        int at = day - firstDay;
        if (at < 0) {
            return past[0];
        }
        return at < known ? past[at] : ahead[Math.min(at - known, ahead.length - 1)];
    }

    /** What drives the buds besides warmth on a day, see {@link Drivers}. */
    double[] drivers(int day) {
        int at = Math.max(0, day - firstDay);
        return at < known ? pastDrivers[at] : aheadDrivers[Math.min(at - known, aheadDrivers.length - 1)];
    }

    int known() {
        return known;
    }

    /** Bud warmth summed over the days that were, also those after this line's last known. */
    double[] pastWarmth() {
        return past;
    }

    double[] aheadWarmth() {
        return ahead;
    }

    double[][] pastDrivers() {
        return pastDrivers;
    }

    double[][] aheadDrivers() {
        return aheadDrivers;
    }

    /** The last day of the line. */
    public int lastDay() {
        return firstDay + known + ahead.length - 1;
    }

    /** The first day known. */
    public int firstDay() {
        return firstDay;
    }

    /** The first day after a day by whose evening the warmth is reached; the day after the line where it is not. */
    public int reaching(double warmth, int after) {
        int low = after;
        int high = lastDay() + 1;
        while (low + 1 < high) {
            int middle = (low + high) >>> 1;
            if (warmth(middle) >= warmth) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }
}
