package baylantern.core.fit.contact;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.ArrayList;
import java.util.List;

/**
 * A wedge in a split. Its two faces lie d(z) from the scion's axis; on each the scion's cambium stands at
 * x(z) ± √(rc² − d(z)²), the stock's at the ends of the split.
 */
abstract class WedgeModel extends ContactModel {

    static final double BELOW_MM = 10;
    static final double ABOVE = 0.35;

    WedgeModel(String key, FitRules rules) {
        super(key, rules);
    }

    /** One face of the wedge: d(z) = top + slope·z from one depth to another. */
    record Face(double top, double slope, double from, double to) {

        double at(double z) {
            return top + slope * z;
        }
    }

    /** The faces: the one drawn first, then that at the back. */
    abstract List<Face> faces(Joint joint);

    /** The stock's edge on a face. */
    abstract Edge stockEdge(Joint joint, Face face, int side);

    /** Where the split runs, mm from the pith. */
    double split(Joint joint) {
        return 0;
    }

    /** How thick the wedge is toward the back and toward the front at a depth. */
    double[] thickness(Joint joint, double z) {
        List<Face> faces = faces(joint);
        return new double[] {half(faces.get(1), z, joint.r()), half(faces.get(0), z, joint.r())};
    }

    private static double half(Face face, double z, double r) {
        return z < face.from() ? r : Math.max(-r, Math.min(r, face.at(z)));
    }

    /** Axes of the scions, and which edges of each should meet: −1, +1 or 0 for both. */
    record Lying(double offset, double lean, int side) {}

    List<Lying> lying(Joint joint) {
        return List.of(new Lying(joint.placing().offsetMm(), joint.placing().lean(), 0));
    }

    static Edge scionEdge(Joint joint, Lying lying, Face face, int side, double radius) {
        return Arc.of(lying.offset(), lying.lean(), side, radius, face.top(), face.slope());
    }

    @Override
    List<Meets> lines(Joint joint) {
        List<Meets> lines = new ArrayList<>();
        List<Face> faces = faces(joint);
        for (Lying lying : lying(joint)) {
            for (int i = 0; i < faces.size(); i++) {
                Face face = faces.get(i);
                for (int side = -1; side <= 1; side += 2) {
                    if (lying.side() == 0 || lying.side() == side) {
                        lines.add(new EdgePair(
                                scionEdge(joint, lying, face, side, joint.c()),
                                stockEdge(joint, face, side),
                                face.from(),
                                face.to(),
                                near(),
                                i == 0));
                    }
                }
            }
        }
        return lines;
    }

    // At the tip the edges lie as wide as the scion, farther up less: flush there, a little within, or in the middle.
    @Override
    public List<Double> goodOffsets(Joint joint) {
        Face face = faces(joint).get(0);
        double end = Math.abs(stockEdge(joint, face, 1).at(face.to()));
        double tip = Faces.half(joint.c(), face.at(face.to()));
        double middle = Faces.half(joint.c(), face.at((face.from() + face.to()) / 2));
        return List.of(0.0, end - tip, end - tip + near(), end - middle);
    }

    @Override
    public Sketch section(Joint joint, double level) {
        Sketch sketch = Sketch.empty();
        double c = split(joint);
        double[] thick = thickness(joint, level);
        double bigR = joint.bigR();
        sketch.slice(Whose.STOCK, 0, 0, bigR, joint.bigC(), -bigR, c, -thick[0]);
        sketch.slice(Whose.STOCK, 0, 0, bigR, joint.bigC(), c, bigR, thick[1]);
        for (Lying lying : lying(joint)) {
            double x = lying.offset() + lying.lean() * level;
            sketch.slice(Whose.SCION, x, c, joint.r(), joint.c(), c - thick[0], c + thick[1], 0);
            spots(sketch, joint, lying, level, c, thick);
        }
        double below = bigR + thick[1] + 3;
        return sketch.ruler(-bigR, below, bigR, below, 2 * bigR);
    }

    private void spots(Sketch sketch, Joint joint, Lying lying, double level, double c, double[] thick) {
        List<Face> faces = faces(joint);
        for (int i = 0; i < faces.size(); i++) {
            Face face = faces.get(i);
            double y = i == 0 ? c + thick[1] : c - thick[0];
            for (int side = -1; side <= 1; side += 2) {
                if ((lying.side() == 0 || lying.side() == side) && level >= face.from() && level <= face.to()) {
                    double x = scionEdge(joint, lying, face, side, joint.c()).at(level);
                    sketch.spot(x, y, x - stockEdge(joint, face, side).at(level), near());
                }
            }
        }
    }

    @Override
    public Sketch face(Joint joint) {
        Sketch sketch = Sketch.empty();
        double length = joint.length();
        stockFace(sketch, joint, length + BELOW_MM);
        Face front = faces(joint).get(0);
        for (Lying lying : lying(joint)) {
            Faces.stem(sketch, Whose.SCION, lying.offset(), joint.r(), joint.c(), -ABOVE * length, 0);
            scionFace(sketch, joint, lying, front);
        }
        sketch.line(Part.CUT, new double[] {-joint.bigR() - 4, 0, joint.bigR() + 4, 0});
        double right = Math.max(joint.bigR(), joint.placing().offsetMm() + joint.r()) + 4;
        return glow(sketch, joint).ruler(right, 0, right, length, length);
    }

    void stockFace(Sketch sketch, Joint joint, double to) {
        double c = split(joint);
        Faces.stem(sketch, Whose.STOCK, 0, Faces.half(joint.bigR(), c), Faces.half(joint.bigC(), c), 0, to);
    }

    private static void scionFace(Sketch sketch, Joint joint, Lying lying, Face face) {
        double r = joint.r();
        double c = joint.c();
        sketch.area(
                Part.SCION_BARK,
                Faces.strip(
                        scionEdge(joint, lying, face, -1, r),
                        scionEdge(joint, lying, face, 1, r),
                        face.from(),
                        face.to()));
        Edge left = scionEdge(joint, lying, face, -1, c);
        Edge right = scionEdge(joint, lying, face, 1, c);
        sketch.area(Part.SCION_WOOD, Faces.strip(left, right, face.from(), face.to()));
        sketch.line(Part.SCION_CAMBIUM, EdgePair.line(left, face.from(), face.to()));
        sketch.line(Part.SCION_CAMBIUM, EdgePair.line(right, face.from(), face.to()));
    }

    CutStep showing() {
        return new CutStep("showing", "Left showing above the stock", showingLow(), showingLow() + 1, false);
    }

    private double showingLow() {
        return figure(FigureName.SHOWING_MM) - 0.5;
    }
}
