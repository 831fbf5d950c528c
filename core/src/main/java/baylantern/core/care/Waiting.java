package baylantern.core.care;

import baylantern.core.rules.Figure;
import java.util.Collection;
import org.apache.commons.statistics.distribution.LogNormalDistribution;

/**
 * Waiting or lost: the chance that a graft nobody has seen push still takes. With {@code p} the chance of take, {@code S(t)}
 * the share of takers not yet pushed by healing day {@code t} and {@code D(t)} the share of the doomed not yet seen dead:
 *
 * <pre>P(still takes | nothing seen by t) = p·S(t) / (p·S(t) + (1 − p)·D(t))</pre>
 *
 * <p>S and D are the rulebook's log-normal figures, weighed as so many grafts, together with the farm's own: a graft whose
 * push lay between two looks counts in the share of that stretch that is past. They are kept by whole days.
 */
public final class Waiting {

    private static final double Z80 = 1.2815515655446004;

    /** So far ahead the day is sought when waiting stops paying, healing days. */
    private static final int REACH = 400;

    private final Times pushes;
    private final Times deaths;

    /** Between two looks, in healing days: not yet at the first, seen at the second. */
    public record Between(double after, double by) {

        /** Requires {@code 0 <= after <= by}. */
        public Between {
            if (!(0 <= after && after <= by)) {
                throw new IllegalArgumentException("between " + after + " and " + by + " healing days cannot be");
            }
        }
    }

    /** When something comes: the share to which it has not come by each healing day, and so falls from 1. */
    public static final class Times {

        private final double[] notYet;

        private Times(double[] notYet) {
            this.notYet = notYet;
        }

        /**
         * From a figure whose range holds eight in ten, weighed as so many grafts, and from what the farm saw.
         *
         * @param strength grafts the figure counts for, over 0
         */
        public static Times of(Figure figure, double strength, Collection<Between> seen) {
            double[] left = new double[REACH + 1];
            for (Between b : seen) {
                int last = (int) Math.min(REACH, Math.ceil(b.by()));
                for (int day = 0; day <= last; day++) {
                    left[day] += left(b, day);
                }
            }
            double sd = (Math.log(figure.high()) - Math.log(figure.low())) / (2 * Z80);
            double mean = (Math.log(figure.high()) + Math.log(figure.low())) / 2;
            LogNormalDistribution usual = LogNormalDistribution.of(mean, sd);
            for (int day = 0; day <= REACH; day++) {
                left[day] = (strength * usual.survivalProbability(day) + left[day]) / (strength + seen.size());
            }
            return new Times(left);
        }

        private static double left(Between b, double day) {
            if (day <= b.after()) {
                return 1;
            }
            return day >= b.by() ? 0 : (b.by() - day) / (b.by() - b.after());
        }

        // Between whole days in a straight line.
        double notYet(double healingDay) {
            double day = Math.max(0, Math.min(REACH, healingDay));
            int whole = (int) Math.min(REACH - 1, Math.floor(day));
            return notYet[whole] + (day - whole) * (notYet[whole + 1] - notYet[whole]);
        }
    }

    /** From when takers push and when the doomed are seen dead. */
    public Waiting(Times pushes, Times deaths) {
        this.pushes = pushes;
        this.deaths = deaths;
    }

    /** The chance that it still takes. */
    public double stillTakes(double p, double healingDay) {
        double takes = p * pushes.notYet(healingDay);
        double doomed = (1 - p) * deaths.notYet(healingDay);
        return takes + doomed <= 0 ? 0 : takes / (takes + doomed);
    }

    /**
     * The first healing day from which the chance stays below a line; the reach where it never does.
     *
     * @param from looked for from here on
     */
    public double stopsPaying(double p, double line, double from) {
        double stops = from;
        for (double day = from; day <= REACH; day++) {
            if (stillTakes(p, day) >= line) {
                stops = day + 1;
            }
        }
        return Math.min(stops, REACH);
    }
}
