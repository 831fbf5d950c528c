package baylantern.core.season.hindcast;

import baylantern.core.season.account.Steps;

/** Chances in the steps after a look, and the days by which a share of them has come. */
public final class Days {

    private static final int BEYOND_DAYS = 90;

    private final double[] sums;

    /** Of chances by step, the last of them beyond all steps; they need not add up to 1. */
    public Days(double[] chances) {
        sums = new double[chances.length];
        double sum = 0;
        for (int i = 0; i < chances.length; i++) {
            sum += chances[i];
            sums[i] = sum;
        }
        for (int i = 0; i < chances.length; i++) {
            sums[i] /= sum;
        }
    }

    private static int begin(int step) {
        return step == 0 ? 0 : Steps.end(step - 1);
    }

    private static int end(int step) {
        return step < Steps.count() - 1 ? Steps.end(step) : begin(step) + BEYOND_DAYS;
    }

    /** Days after the look by which a share has come, 0 to 1, with parts of a day. */
    public double at(double share) {
        int low = 0;
        int high = sums.length - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (sums[middle] >= share) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        double before = low == 0 ? 0 : sums[low - 1];
        double step = sums[low] - before;
        double part = step <= 0 ? 1 : Math.min(1, (share - before) / step);
        return begin(low) + (end(low) - begin(low)) * part;
    }

    /** The share that has come by so many days after the look, 0 to 1. */
    public double by(double days) {
        if (days <= 0) {
            return 0;
        }
        int step = Steps.of(days);
        double before = step == 0 ? 0 : sums[step - 1];
        double part = Math.min(1, (days - begin(step)) / (end(step) - begin(step)));
        return before + part * (sums[step] - before);
    }
}
