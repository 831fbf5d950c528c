package baylantern.core.take.push;

import java.util.List;

/**
 * How the share that has pushed, and the share that has died, grow with the days.
 *
 * @param pushes where pushes lie, soonest first
 * @param deaths where deaths lie, soonest first
 * @param open the share of which nobody knows yet what comes
 */
public record PushCurve(List<Step> pushes, List<Step> deaths, double open) {

    private static final double ROUNDING = 1e-9;

    /** Copies. */
    public PushCurve {
        pushes = List.copyOf(pushes);
        deaths = List.copyOf(deaths);
    }

    /**
     * A share that lies somewhere after a day and by another; where in between no look tells.
     *
     * @param share of all grafts, 0 to 1
     */
    public record Step(double after, double by, double share) {}

    /** The share that has pushed by a day; inside of an interval it is taken to grow evenly. */
    public double pushedBy(double day) {
        return by(pushes, day);
    }

    /** The share that has died by a day. */
    public double diedBy(double day) {
        return by(deaths, day);
    }

    private static double by(List<Step> steps, double day) {
        double sum = 0;
        for (Step step : steps) {
            double passed = step.by <= day ? 1 : day <= step.after ? 0 : (day - step.after) / (step.by - step.after);
            sum += step.share * passed;
        }
        return sum;
    }

    /** The share that pushes in the end, of what is known. */
    public double pushed() {
        return pushes.stream().mapToDouble(Step::share).sum();
    }

    /** The share that dies in the end, of what is known. */
    public double died() {
        return deaths.stream().mapToDouble(Step::share).sum();
    }

    /** The day by which half of those have pushed that push; NaN where none does. */
    public double median() {
        double half = pushed() / 2;
        double sum = 0;
        for (Step step : pushes) {
            if (sum + step.share >= half - ROUNDING) {
                return step.after + (step.by - step.after) * Math.min(1, (half - sum) / step.share);
            }
            sum += step.share;
        }
        return Double.NaN;
    }

    /** The last day anything is known of. */
    public double last() {
        double last = 0;
        for (Step step : pushes) {
            last = Math.max(last, step.by);
        }
        for (Step step : deaths) {
            last = Math.max(last, step.by);
        }
        return last;
    }

    /** The chance that one still silent on a day pushes yet, of what is known; NaN where none is silent so long. */
    public double stillPushes(double day) {
        double silent = 1 - pushedBy(day) - diedBy(day) - open;
        double yet = pushed() - pushedBy(day);
        return silent > ROUNDING ? Math.min(1, Math.max(0, yet / silent)) : Double.NaN;
    }

    /**
     * The first day from which on no more than so many of those still silent push; NaN where the records do not go so far.
     *
     * @param line chance below which waiting does not pay, 0 to 1
     */
    public double stopsPaying(double line) {
        double stop = Double.NaN;
        for (int day = (int) Math.ceil(last()); day >= 0; day--) {
            double chance = stillPushes(day);
            if (!Double.isNaN(chance) && chance > line) {
                return stop;
            }
            stop = Double.isNaN(chance) && Double.isNaN(stop) ? stop : day;
        }
        return stop;
    }
}
