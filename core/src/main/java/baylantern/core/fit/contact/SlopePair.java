package baylantern.core.fit.contact;

import java.util.ArrayList;
import java.util.List;

/**
 * The scion's ellipse of cambium laid on the stock's. Length is counted along the scion's line, where the stock's line
 * is nowhere farther than the tolerance.
 *
 * @param from depth at which this part of the cut begins, mm
 * @param to depth at which it ends
 */
record SlopePair(Ellipse scion, Ellipse stock, double from, double to, double near) implements Meets {

    private static final int STEPS = 360;
    private static final int HALVINGS = 20;
    private static final double TURN = 2 * Math.PI;

    @Override
    public double wholeMm() {
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            double t = (i + 0.5) * TURN / STEPS;
            sum += inside(t) ? scion.speed(t) * TURN / STEPS : 0;
        }
        return sum;
    }

    @Override
    public double metMm() {
        return runs().stream().mapToDouble(s -> arcLength(s.from(), s.to())).sum();
    }

    @Override
    public List<double[]> glow() {
        List<double[]> lines = new ArrayList<>();
        for (Span run : runs()) {
            int steps = Math.max(2, (int) Math.ceil(run.length() / (TURN / 180)));
            Points points = new Points();
            for (int i = 0; i <= steps; i++) {
                double t = run.from() + run.length() * i / steps;
                points.add(scion.x(t), scion.z(t));
            }
            lines.add(points.all());
        }
        return lines;
    }

    // Runs in the ellipse's own angle; one over the start is told as two.
    private List<Span> runs() {
        List<Span> runs = new ArrayList<>();
        double began = Double.NaN;
        boolean was = false;
        for (int i = 0; i <= STEPS; i++) {
            double t = i * TURN / STEPS;
            boolean is = meets(t);
            if (is && !was) {
                began = i == 0 ? 0 : change(t - TURN / STEPS, t);
            }
            if (was && !is) {
                runs.add(new Span(began, change(t - TURN / STEPS, t)));
            }
            was = is;
        }
        if (was) {
            runs.add(new Span(began, TURN));
        }
        return runs;
    }

    private double change(double left, double right) {
        double a = left;
        double b = right;
        boolean atLeft = meets(a);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (a + b) / 2;
            if (meets(middle) == atLeft) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return (a + b) / 2;
    }

    private boolean inside(double t) {
        double z = scion.z(t);
        return z >= from && z <= to;
    }

    private boolean meets(double t) {
        double z = scion.z(t);
        return z >= from && z <= to && stock.within(scion.x(t), z, near);
    }

    private double arcLength(double a, double b) {
        int steps = Math.max(2, (int) Math.ceil((b - a) / (TURN / STEPS)));
        double h = (b - a) / steps;
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            sum += scion.speed(a + (i + 0.5) * h) * h;
        }
        return sum;
    }
}
