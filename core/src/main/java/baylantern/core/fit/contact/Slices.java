package baylantern.core.fit.contact;

import java.util.ArrayList;
import java.util.List;

/** Parts of a circle cut off by level lines. Angles run from the right, downward first. */
final class Slices {

    private Slices() {}

    /** The part of a circle between two levels, as one outline. */
    static double[] area(double cx, double cy, double r, double low, double high, double shift) {
        double a = angle(Math.max(low - cy, -r), r);
        double b = angle(Math.min(high - cy, r), r);
        if (!(b > a)) {
            return new double[0];
        }
        return new Points()
                .arc(cx, cy + shift, r, a, b)
                .arc(cx, cy + shift, r, Math.PI - b, Math.PI - a)
                .all();
    }

    /** The rim of that part: the right arc and the left one, or one where they join. */
    static List<double[]> arcs(double cx, double cy, double r, double low, double high, double shift) {
        List<double[]> arcs = new ArrayList<>();
        double a = angle(Math.max(low - cy, -r), r);
        double b = angle(Math.min(high - cy, r), r);
        if (b > a) {
            arcs.add(new Points().arc(cx, cy + shift, r, a, b).all());
            arcs.add(new Points()
                    .arc(cx, cy + shift, r, Math.PI - b, Math.PI - a)
                    .all());
        }
        return arcs;
    }

    private static double angle(double level, double r) {
        return Math.asin(Math.max(-1, Math.min(1, level / r)));
    }
}
