package baylantern.core.fit.contact;

import java.util.Arrays;

/** A line being drawn: x0, y0, x1, y1 and on, in mm. Points that are not numbers are left out. */
final class Points {

    private static final double HUNDREDTHS = 100;

    private double[] xy = new double[64];
    private int size;

    Points add(double x, double y) {
        if (Double.isFinite(x) && Double.isFinite(y)) {
            if (size + 2 > xy.length) {
                xy = Arrays.copyOf(xy, xy.length * 2);
            }
            xy[size++] = Math.round(x * HUNDREDTHS) / HUNDREDTHS;
            xy[size++] = Math.round(y * HUNDREDTHS) / HUNDREDTHS;
        }
        return this;
    }

    double[] all() {
        return Arrays.copyOf(xy, size);
    }

    /** An arc of a circle from one angle to another, in radians, counted from the right toward the front. */
    Points arc(double cx, double cy, double r, double from, double to) {
        int steps = Math.max(2, (int) Math.ceil(Math.abs(to - from) / (Math.PI / 60)));
        for (int i = 0; i <= steps; i++) {
            double a = from + (to - from) * i / steps;
            add(cx + r * Math.cos(a), cy + r * Math.sin(a));
        }
        return this;
    }
}
