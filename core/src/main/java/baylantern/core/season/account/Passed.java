package baylantern.core.season.account;

/**
 * Sums by the evening of each day that was, and of each day ahead, going on from them. Days outside read as the nearest end:
 * trees may have been looked at before the weather is known.
 */
record Passed(double[] past, double[] ahead) {

    /** Of days that were, with none ahead. */
    static Passed of(double[] past) {
        return new Passed(past, new double[] {past[past.length - 1]});
    }

    /** What has passed by the evening of a day, counted from the epoch. */
    double by(SkyDays sky, int day) {
        int at = Math.max(0, day - sky.firstDay());
        return at < sky.known() ? past[at] : ahead[Math.min(at - sky.known(), ahead.length - 1)];
    }
}
