package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.List;

/**
 * A V by hand tool: wedge and notch are cut by the same two blades, so the angle is the tool's and the length follows:
 *
 * <pre>
 *   L = min(r, R) / tan(angle/2)
 *   d(z) = (L − z)·tan(angle/2)               the same for wedge and notch once they seat
 *   scion's cambium ±√(rc² − d²), stock's ±√(Rc² − d²)
 * </pre>
 *
 * <p>The whole is four times the part of L under the bark. There is no tilt: blades of one angle seat square or not at
 * all. Limits: equal stems meet along all edges while the offset is within δ, and nowhere beyond it, for their lines run
 * side by side.
 */
final class VToolContact extends WedgeModel {

    VToolContact(FitRules rules) {
        super("v-tool", rules);
    }

    @Override
    public String depthName() {
        return "";
    }

    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        return 0;
    }

    @Override
    public boolean tilts() {
        return false;
    }

    @Override
    public double cutLength(Round stock, Round scion, double wantedMm) {
        return Math.max(Placing.LEAST_CUT_MM, Math.min(stock.radiusMm(), scion.radiusMm()) / tangent());
    }

    private double tangent() {
        return Math.tan(Math.toRadians(figure(FigureName.TOOL_ANGLE) / 2));
    }

    @Override
    List<Face> faces(Joint joint) {
        Face face = new Face(joint.length() * tangent(), -tangent(), 0, joint.length());
        return List.of(face, face);
    }

    @Override
    List<Lying> lying(Joint joint) {
        return List.of(new Lying(joint.placing().offsetMm(), 0, 0));
    }

    @Override
    Edge stockEdge(Joint joint, Face face, int side) {
        return Arc.of(0, 0, side, joint.bigC(), face.top(), face.slope());
    }

    @Override
    public List<Double> goodOffsets(Joint joint) {
        double flush = joint.bigC() - joint.c();
        return List.of(0.0, flush / 2, flush);
    }

    // The notch takes wood out of the stock; its halves do not open.
    @Override
    public Sketch section(Joint joint, double level) {
        Sketch sketch = Sketch.empty();
        double d = Math.min(faces(joint).get(0).at(level), joint.bigR());
        double bigR = joint.bigR();
        sketch.slice(Whose.STOCK, 0, 0, bigR, joint.bigC(), -bigR, -d, 0);
        sketch.slice(Whose.STOCK, 0, 0, bigR, joint.bigC(), d, bigR, 0);
        double x = joint.placing().offsetMm();
        sketch.slice(Whose.SCION, x, 0, joint.r(), joint.c(), -d, d, 0);
        for (int face = -1; face <= 1; face += 2) {
            for (int side = -1; side <= 1; side += 2) {
                double at = x + side * Math.sqrt(joint.c() * joint.c() - d * d);
                double stock = side * Math.sqrt(joint.bigC() * joint.bigC() - d * d);
                sketch.spot(at, face * d, at - stock, near());
            }
        }
        return sketch.ruler(-bigR, bigR + 3, bigR, bigR + 3, 2 * bigR);
    }

    @Override
    void stockFace(Sketch sketch, Joint joint, double to) {
        double length = joint.length();
        Faces.stem(sketch, Whose.STOCK, 0, joint.bigR(), joint.bigC(), length, to);
        Face face = faces(joint).get(0);
        sketch.area(Part.STOCK_BARK, Faces.strip(edge(face, -1, joint.bigR()), edge(face, 1, joint.bigR()), 0, length));
        sketch.area(Part.STOCK_WOOD, Faces.strip(edge(face, -1, joint.bigC()), edge(face, 1, joint.bigC()), 0, length));
        sketch.line(Part.STOCK_CAMBIUM, EdgePair.line(edge(face, -1, joint.bigC()), 0, length));
        sketch.line(Part.STOCK_CAMBIUM, EdgePair.line(edge(face, 1, joint.bigC()), 0, length));
    }

    private static Edge edge(Face face, int side, double radius) {
        return Arc.of(0, 0, side, radius, face.top(), face.slope());
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("wedge", "Length the tool cuts", joint.length()),
                new CutStep(
                        "angle",
                        "Angle of the tool",
                        figure(FigureName.TOOL_ANGLE),
                        figure(FigureName.TOOL_ANGLE),
                        true));
    }
}
