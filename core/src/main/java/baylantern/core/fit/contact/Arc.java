package baylantern.core.fit.contact;

/**
 * Cambium where a flat cut runs through a round stem. A cut that lies d(z) from the axis, d straight in z, meets the
 * circle of radius ρ at ±√(ρ² − d(z)²), so the line is
 *
 * <pre>x(z) = middle + lean·z + side·√(q0 + q1·z + q2·z²)</pre>
 *
 * @param side +1 for the right edge, −1 for the left, 0 for a line along the grain
 */
record Arc(double middle, double lean, int side, double q0, double q1, double q2) implements Edge {

    /** The edge of a cut at distance {@code d0 + slope·z} from the axis of a circle of radius {@code rho}. */
    static Arc of(double middle, double lean, int side, double rho, double d0, double slope) {
        return new Arc(middle, lean, side, rho * rho - d0 * d0, -2 * d0 * slope, -slope * slope);
    }

    /** The edge of a cut along the grain at distance d from the axis; no line where the cut misses the cambium. */
    static Edge chord(double middle, double lean, int side, double rho, double d) {
        double half = Math.abs(d) <= rho ? Math.sqrt(rho * rho - d * d) : Double.NaN;
        return new Arc(middle + side * half, lean, 0, 0, 0, 0);
    }

    /** What stands under the root. */
    double under(double z) {
        return q0 + z * (q1 + z * q2);
    }

    @Override
    public double at(double z) {
        return side == 0 ? middle + lean * z : middle + lean * z + side * Math.sqrt(under(z));
    }
}
