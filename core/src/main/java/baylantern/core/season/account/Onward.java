package baylantern.core.season.account;

import baylantern.core.season.account.Accounts.Line;

/** A line of weather from a day on, in steps: what the accounts ask of it, read once for every swell it is asked for. */
final class Onward {

    private final Line line;
    private final int from;
    private final int[] ends;
    private final double before;
    private final double[] warmth;
    private double[] pulls = {};

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
        for (int i = 0; i < ends.length; i++) {
            warmth[i] = line.sky().warmth(from + ends[i]);
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

    int width(int step) {
        return step == 0 ? ends[0] : ends[step] - ends[step - 1];
    }

    /** The day in the middle of a step. */
    int middle(int step) {
        return from + ((step == 0 ? 0 : ends[step - 1]) + 1 + ends[step]) / 2;
    }

    /** Bud warmth summed to the evening it goes on from. */
    double warmthBefore() {
        return before;
    }

    /** Bud warmth summed to the end of a step. */
    double warmth(int step) {
        return warmth[step];
    }

    /** Bud warmth summed to the evening of a day that was. */
    double warmthOn(int day) {
        return line.sky().warmth(day);
    }

    /** What pulls the buds in the middle of each step; few accounts ask. */
    double[] pulls() {
        if (pulls.length == 0) {
            pulls = new double[ends.length];
            for (int i = 0; i < pulls.length; i++) {
                pulls[i] = line.pull(middle(i));
            }
        }
        return pulls;
    }
}
