package baylantern.core.fit.contact;

/**
 * The line a round stem's cambium shows on a sloping cut.
 *
 * @param cx middle across, mm
 * @param cz middle along the cut, mm below its top
 * @param across half-width, mm, above 0
 * @param along half-length, mm, above 0
 * @param tilt turn in the plane of the cut, radians
 */
record Ellipse(double cx, double cz, double across, double along, double tilt) {

    private static final int MOST_STEPS = 60;
    private static final double ENOUGH = 1e-13;

    double x(double t) {
        return tilt == 0
                ? cx + across * Math.cos(t)
                : cx + across * Math.cos(t) * Math.cos(tilt) - along * Math.sin(t) * Math.sin(tilt);
    }

    double z(double t) {
        return tilt == 0
                ? cz + along * Math.sin(t)
                : cz + across * Math.cos(t) * Math.sin(tilt) + along * Math.sin(t) * Math.cos(tilt);
    }

    /** Length of line for each radian at t, mm. */
    double speed(double t) {
        return Math.hypot(across * Math.sin(t), along * Math.cos(t));
    }

    /**
     * True where a point lies no farther than {@code near} from the line. With g the point's own scale of the ellipse,
     * the distance is at least |g − 1| times the shorter half and at most |1 − 1/g| times the distance from the middle;
     * only between the two is it worked out.
     */
    boolean within(double px, double pz, double near) {
        double dx = px - cx;
        double dz = pz - cz;
        double u = tilt == 0 ? dx : dx * Math.cos(tilt) + dz * Math.sin(tilt);
        double v = tilt == 0 ? dz : -dx * Math.sin(tilt) + dz * Math.cos(tilt);
        double g = Math.hypot(u / across, v / along);
        if (Math.abs(g - 1) * Math.min(across, along) > near) {
            return false;
        }
        return (g > 0 && Math.abs(1 - 1 / g) * Math.hypot(u, v) <= near) || distance(px, pz) <= near;
    }

    /**
     * Distance of a point from the line, mm. The nearest point is where (a·u/(s+a²))² + (b·v/(s+b²))² = 1 (Eberly,
     * "Distance from a point to an ellipse", 2013); the left side falls and is convex in s, so Newton's steps from the
     * left come nearer without ever passing it.
     */
    double distance(double px, double pz) {
        double dx = px - cx;
        double dz = pz - cz;
        double u = Math.abs(dx * Math.cos(tilt) + dz * Math.sin(tilt));
        double v = Math.abs(-dx * Math.sin(tilt) + dz * Math.cos(tilt));
        return across >= along ? nearest(across, along, u, v) : nearest(along, across, v, u);
    }

    // First quadrant, a ≥ b.
    private static double nearest(double a, double b, double u, double v) {
        if (v == 0) {
            double limit = (a * a - b * b) / a;
            if (u < limit) {
                double x = a * u / limit;
                double y = b * Math.sqrt(Math.max(0, 1 - x * x / (a * a)));
                return Math.hypot(x - u, y);
            }
            return Math.abs(u - a);
        }
        double s = b * (v - b);
        for (int i = 0; i < MOST_STEPS; i++) {
            double x = a * u / (s + a * a);
            double y = b * v / (s + b * b);
            double step = (x * x + y * y - 1) / (2 * (x * x / (s + a * a) + y * y / (s + b * b)));
            s += step;
            if (!(step > ENOUGH * (s + b * b))) {
                break;
            }
        }
        return Math.hypot(a * a * u / (s + a * a) - u, b * b * v / (s + b * b) - v);
    }
}
