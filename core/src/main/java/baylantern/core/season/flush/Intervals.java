package baylantern.core.season.flush;

import baylantern.core.season.warmth.DailySums;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Turns the swells of a plant into intervals of warmth. */
public final class Intervals {

    private static final double LEAST_WARMTH = 20;

    private Intervals() {}

    /** The intervals between swells in a row; those with hardly any warmth between are slips and left out. */
    public static List<Interval> of(long plant, List<Swell> swells, DailySums warmth) {
        List<Interval> found = new ArrayList<>();
        for (int i = 1; i < swells.size(); i++) {
            Swell from = swells.get(i - 1);
            Swell to = swells.get(i);
            double between = warmth.upTo(to.day()) - warmth.upTo(from.day());
            if (between > LEAST_WARMTH) {
                double blur = blur(from, warmth) + blur(to, warmth);
                found.add(new Interval(plant, from, to, between, blur / (between * between)));
            }
        }
        return List.copyOf(found);
    }

    // The day lies anywhere within half a gap of the one given: a uniform spread, in warmth.
    private static double blur(Swell swell, DailySums warmth) {
        long half = (long) Math.ceil(swell.halfGapDays());
        LocalDate low = swell.day().minusDays(half);
        double width = warmth.upTo(swell.day().plusDays(half)) - warmth.upTo(low);
        return width * width / 12;
    }
}
