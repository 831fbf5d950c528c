package baylantern.core.fit.contact;

import java.util.ArrayList;
import java.util.List;

/**
 * A drawing to scale, in mm, y downward.
 *
 * @param shapes in the order in which they are laid down
 * @param spots where two edges should meet
 * @param rulers lengths to be written beside it
 */
public record Sketch(List<FitShape> shapes, List<MeetSpot> spots, List<Ruler> rulers) {

    /** A line or, where closed, an area. */
    public record FitShape(Part part, double[] points, boolean closed) {}

    /** A place where two edges should meet, and how far they lie apart there. */
    public record MeetSpot(double x, double y, boolean meets, double gapMm) {}

    /** A length from one point to another. */
    public record Ruler(double x1, double y1, double x2, double y2, double mm) {}

    static Sketch empty() {
        return new Sketch(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    }

    Sketch area(Part part, double[] points) {
        if (points.length >= 6) {
            shapes.add(new FitShape(part, points, true));
        }
        return this;
    }

    Sketch line(Part part, double[] points) {
        if (points.length >= 4) {
            shapes.add(new FitShape(part, points, false));
        }
        return this;
    }

    Sketch spot(double x, double y, double gapMm, double near) {
        if (Double.isFinite(x) && Double.isFinite(y) && Double.isFinite(gapMm)) {
            spots.add(new MeetSpot(x, y, Math.abs(gapMm) <= near, Math.abs(gapMm)));
        }
        return this;
    }

    Sketch ruler(double x1, double y1, double x2, double y2, double mm) {
        rulers.add(new Ruler(x1, y1, x2, y2, mm));
        return this;
    }

    /** A stem or part of it, from above: what of the circle lies between two levels, moved by {@code shift}. */
    Sketch slice(
            Whose whose, double cx, double cy, double outer, double cambium, double low, double high, double shift) {
        area(whose.bark(), Slices.area(cx, cy, outer, low, high, shift));
        area(whose.wood(), Slices.area(cx, cy, cambium, low, high, shift));
        Slices.arcs(cx, cy, cambium, low, high, shift).forEach(arc -> line(whose.cambium(), arc));
        return this;
    }
}
