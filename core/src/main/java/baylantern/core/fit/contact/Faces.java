package baylantern.core.fit.contact;

/** Drawing of cut faces: strips between a left and a right edge. */
final class Faces {

    private static final double EVERY_MM = 0.5;

    private Faces() {}

    /** The area between two edges from one depth to another; depths where an edge is missing are left out. */
    static double[] strip(Edge left, Edge right, double from, double to) {
        int steps = Math.max(1, (int) Math.ceil((to - from) / EVERY_MM));
        Points points = new Points();
        for (int i = 0; i <= steps; i++) {
            double z = from + (to - from) * i / steps;
            points.add(right.at(z), z);
        }
        for (int i = steps; i >= 0; i--) {
            double z = from + (to - from) * i / steps;
            points.add(left.at(z), z);
        }
        return points.all();
    }

    /** The whole stem as seen from the side, with its cambium lines. */
    static void stem(Sketch sketch, Whose whose, double cx, double outer, double cambium, double from, double to) {
        if (!(outer > 0)) {
            return;
        }
        sketch.area(whose.bark(), strip(Edge.straight(cx - outer), Edge.straight(cx + outer), from, to));
        if (cambium > 0) {
            sketch.area(whose.wood(), strip(Edge.straight(cx - cambium), Edge.straight(cx + cambium), from, to));
            for (int side = -1; side <= 1; side += 2) {
                sketch.line(whose.cambium(), EdgePair.line(Edge.straight(cx + side * cambium), from, to));
            }
        }
    }

    /** A closed ellipse. */
    static double[] ellipse(Ellipse e) {
        Points points = new Points();
        for (int i = 0; i < 120; i++) {
            double t = 2 * Math.PI * i / 120;
            points.add(e.x(t), e.z(t));
        }
        return points.all();
    }

    /** Half of the chord at distance d from the middle of a circle; 0 outside it. */
    static double half(double radius, double d) {
        return Math.abs(d) < radius ? Math.sqrt(radius * radius - d * d) : 0;
    }
}
