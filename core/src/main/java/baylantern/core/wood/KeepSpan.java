package baylantern.core.wood;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How many times as long as the figures say wood keeps on this farm: 5 %, 50 % and 95 % of the belief.
 *
 * @param grafts grafts it rests on; 0 is the figure's own spread
 */
public record KeepSpan(double low, double mid, double high, int grafts) {

    private static final int STEPS = 81;
    private static final int TAKES = 49;
    private static final double Z95 = 1.6448536269514722;
    private static final double REACH = 4;
    private static final double[] LOG_FRESH = IntStream.rangeClosed(1, TAKES)
            .mapToDouble(j -> Math.log(j / (TAKES + 1.0)))
            .toArray();

    /** Requires positive, ordered figures. */
    public KeepSpan {
        if (!(0 < low && low <= mid && mid <= high)) {
            throw new IllegalArgumentException("keeping from " + low + " to " + high + " cannot be");
        }
    }

    /** Grafts whose wood had used a share of its life, and how many of them took. */
    public record Group(double used, int tried, int took) {}

    /** The figure's own spread, for instance 0.25 for 25 % either way. */
    public static KeepSpan prior(double spread) {
        return new KeepSpan(1 - spread, 1, 1 + spread, 0);
    }

    /** Less of its life than this tells nothing of how long wood keeps. */
    private static final double AGED = 0.25;

    /**
     * What is believed before and after takes.
     *
     * @param spread the figure's own spread, shown until takes speak: 0.25 for 25 % either way
     * @param doubt takes may find wood to keep so many times as long or as short, with 90 %; over 1
     * @param from grafts from aged wood before takes speak
     */
    public record Prior(double spread, double doubt, double from) {}

    /**
     * What the farm's own takes say. A graft takes with {@code p · v(u/s)}: {@code p} the take with fresh wood, anything
     * from 0 to 1 being as likely; {@code s} how many times as long wood keeps, log-normal about 1 with 90 % within the
     * doubt. Both are summed over a grid, which is exact enough for three figures. The doubt is wide, so that a farm far
     * from the figures is believed; until enough grafts from aged wood are known the figure's own spread stands.
     */
    public static KeepSpan learned(Prior prior, List<Group> groups) {
        if (grafts(groups.stream().filter(g -> g.used() >= AGED)) < prior.from()) {
            return prior(prior.spread());
        }
        double sd = Math.log(prior.doubt()) / Z95;
        double[] logs = new double[STEPS];
        for (int i = 0; i < STEPS; i++) {
            double z = REACH * (2.0 * i / (STEPS - 1) - 1);
            logs[i] = -z * z / 2 + likelihood(Math.exp(z * sd), groups);
        }
        return quantiles(logs, sd, grafts(groups.stream()));
    }

    private static int grafts(Stream<Group> groups) {
        return groups.mapToInt(Group::tried).sum();
    }

    // Log of the likelihood of a scale, the take with fresh wood summed out.
    private static double likelihood(double scale, List<Group> groups) {
        double[] each = new double[TAKES];
        for (Group group : groups) {
            double v = Math.max(Double.MIN_NORMAL, Keeping.viability(group.used() / scale));
            int failed = group.tried() - group.took();
            for (int j = 0; j < TAKES; j++) {
                double fresh = (j + 1.0) / (TAKES + 1);
                each[j] += group.took() == 0 ? 0 : group.took() * (LOG_FRESH[j] + Math.log(v));
                each[j] += failed == 0 ? 0 : failed * Math.log1p(-v * fresh);
            }
        }
        double most = Arrays.stream(each).max().orElse(0);
        return most + Math.log(Arrays.stream(each).map(l -> Math.exp(l - most)).sum());
    }

    private static KeepSpan quantiles(double[] logs, double sd, int grafts) {
        double most = Arrays.stream(logs).max().orElse(0);
        double[] mass = Arrays.stream(logs).map(l -> Math.exp(l - most)).toArray();
        double whole = Arrays.stream(mass).sum();
        return new KeepSpan(at(mass, whole, 0.05, sd), at(mass, whole, 0.5, sd), at(mass, whole, 0.95, sd), grafts);
    }

    private static double at(double[] mass, double whole, double share, double sd) {
        double before = 0;
        for (int i = 0; i < STEPS; i++) {
            double after = before + mass[i] / whole;
            if (after >= share) {
                double within = i + (share - before) / (after - before) - 0.5;
                return Math.exp(REACH * (2.0 * within / (STEPS - 1) - 1) * sd);
            }
            before = after;
        }
        return Math.exp(REACH * sd);
    }
}
