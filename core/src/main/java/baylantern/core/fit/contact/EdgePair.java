package baylantern.core.fit.contact;

import java.util.ArrayList;
import java.util.List;

/**
 * An edge of the scion beside an edge of the stock on the same face. They meet where they lie within the tolerance of
 * each other, measured across at the same depth. The length is that along the grain.
 *
 * @param from where the pair begins, mm below the top of the cut
 * @param to where it ends
 * @param near tolerance in mm
 * @param drawn false where the other side of the same cut is drawn already
 */
record EdgePair(Edge scion, Edge stock, double from, double to, double near, boolean drawn) implements Meets {

    private static final double JOINED = 1e-9;
    private static final double DRAW_EVERY_MM = 0.5;
    private static final double INSIDE = 1e-6;

    /** Stretches in which the edges meet, from the top down. */
    List<Span> spans() {
        List<Span> spans = new ArrayList<>();
        List<Double> cuts = cuts();
        for (int i = 1; i < cuts.size(); i++) {
            double a = cuts.get(i - 1);
            double b = cuts.get(i);
            if (b - a > JOINED && Math.abs(gap((a + b) / 2)) <= near) {
                add(spans, a, b);
            }
        }
        return spans;
    }

    private static void add(List<Span> spans, double from, double to) {
        Span last = spans.isEmpty() ? null : spans.get(spans.size() - 1);
        if (last != null && from - last.to() <= JOINED) {
            spans.set(spans.size() - 1, new Span(last.from(), to));
        } else {
            spans.add(new Span(from, to));
        }
    }

    /** How far the scion's edge lies right of the stock's, in mm; NaN where one is missing. */
    double gap(double z) {
        return scion.at(z) - stock.at(z);
    }

    // Between two neighbours of these depths nothing changes: the edges meet throughout or nowhere.
    private List<Double> cuts() {
        List<Double> cuts = new ArrayList<>(List.of(from, to));
        if (scion instanceof Arc arc && stock instanceof Arc line && line.side() == 0) {
            ends(arc, cuts);
            crossings(arc, line, near, cuts);
            crossings(arc, line, -near, cuts);
        } else {
            cuts.addAll(Roots.scanned(z -> gap(z) - near, from, to));
            cuts.addAll(Roots.scanned(z -> gap(z) + near, from, to));
        }
        cuts.removeIf(z -> !(z >= from && z <= to));
        cuts.sort(null);
        return cuts;
    }

    private static void ends(Arc arc, List<Double> cuts) {
        for (double z : Roots.quadratic(arc.q2(), arc.q1(), arc.q0())) {
            cuts.add(z);
        }
    }

    // side·√Q = k + m·z, so Q − (k + m·z)² = 0; the midpoints tell which roots are on the right side.
    private static void crossings(Arc arc, Arc line, double gap, List<Double> cuts) {
        double k = line.middle() + gap - arc.middle();
        double m = line.lean() - arc.lean();
        double[] roots = arc.side() == 0
                ? Roots.quadratic(0, m, k)
                : Roots.quadratic(arc.q2() - m * m, arc.q1() - 2 * k * m, arc.q0() - k * k);
        for (double z : roots) {
            cuts.add(z);
        }
    }

    @Override
    public double wholeMm() {
        List<Double> cuts = new ArrayList<>(List.of(from, to));
        for (Edge edge : List.of(scion, stock)) {
            if (edge instanceof Arc arc) {
                ends(arc, cuts);
            }
        }
        cuts.removeIf(z -> !(z >= from && z <= to));
        cuts.sort(null);
        double sum = 0;
        for (int i = 1; i < cuts.size(); i++) {
            if (!Double.isNaN(gap((cuts.get(i) + cuts.get(i - 1)) / 2))) {
                sum += cuts.get(i) - cuts.get(i - 1);
            }
        }
        return sum;
    }

    @Override
    public double metMm() {
        return spans().stream().mapToDouble(Span::length).sum();
    }

    @Override
    public List<double[]> glow() {
        return drawn ? spans().stream().map(s -> line(scion, s.from(), s.to())).toList() : List.of();
    }

    /** An edge as a line to draw, between two depths. */
    static double[] line(Edge edge, double from, double to) {
        int steps = Math.max(1, (int) Math.ceil((to - from) / DRAW_EVERY_MM));
        Points points = new Points();
        for (int i = 0; i <= steps; i++) {
            double z = from + (to - from) * i / steps;
            // Where a line begins, rounding may put its very end a hair outside.
            points.add(edge.at(Math.min(to - INSIDE, Math.max(from + INSIDE, z))), z);
        }
        return points.all();
    }
}
