package baylantern.core.season.account;

import baylantern.core.season.account.Accounts.Line;

/** A line of weather from a day on, in steps: what the accounts ask of it, read once for every swell it is asked for. */
final class Onward {

    private final Line line;
    private final int from;
    private final int[] ends;
    private final double before;
    private final double[] warmth;
    private final double[] days;
    private double[] hurried = {};
    private double[] breaks = {};

    /**
     * Reads a line.
     *
     * @param from the day from whose evening it goes on, counted from the epoch
     * @param ends ends of the steps, days after {@code from}, rising
     */
    Onward(Line line, int from, int[] ends) {
        this.line = line;
        this.from = from;
        this.ends = ends;
        this.before = line.sky().warmth(from);
        this.warmth = new double[ends.length];
        this.days = new double[ends.length];
        for (int i = 0; i < ends.length; i++) {
            warmth[i] = line.sky().warmth(from + ends[i]);
            days[i] = end(i);
        }
    }

    int from() {
        return from;
    }

    int count() {
        return ends.length;
    }

    /** The day on whose evening a step ends. */
    int end(int step) {
        return from + ends[step];
    }

    /** Bud warmth summed to the evening it goes on from. */
    double warmthBefore() {
        return before;
    }

    /** The days on which the steps end. */
    double[] days() {
        return days;
    }

    /** Bud warmth summed to the end of each step. */
    double[] warmth() {
        return warmth;
    }

    /** Bud warmth summed to the evening of a day that was. */
    double warmthOn(int day) {
        return line.sky().warmth(day);
    }

    /** What has passed of the hurried clock by the evening of a day. */
    double hurriedOn(int day) {
        return line.hurried(day);
    }

    /** The same by the end of each step; few accounts ask. */
    double[] hurried() {
        if (hurried.length == 0) {
            hurried = new double[ends.length];
            for (int i = 0; i < hurried.length; i++) {
                hurried[i] = line.hurried(from + ends[i]);
            }
        }
        return hurried;
    }

    /** By how much rain after a dry spell multiplies the rate of each step, in the mean of its days; half of the accounts ask. */
    double[] breaks() {
        if (breaks.length == 0) {
            breaks = new double[ends.length];
            int begin = from;
            for (int i = 0; i < breaks.length; i++) {
                int end = from + ends[i];
                breaks[i] = (line.breaks(end) - line.breaks(begin)) / Math.max(1, end - begin);
                begin = end;
            }
        }
        return breaks;
    }
}
