package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.ArrayList;
import java.util.List;

/**
 * Bark graft: a scion with one long face slipped under the lifted bark of a cut limb. The stock's cambium is not a line
 * here but the round surface of its wood; the flat face touches it along its middle and gapes toward its edges.
 *
 * <pre>
 *   face     d(z) = d0 − (d0 + 0.8·rc)·z/L from the scion's axis
 *   edges    x(z) = x0 + (z − L/2)·tan(tilt) ± √(rc² − d(z)²), from where the face is pressed
 *   gap      Rc − √(Rc² − x²), within δ where |x| ≤ √(2·Rc·δ − δ²)
 * </pre>
 *
 * <p>The whole is the length of both edges. The offset is how far from its middle the scion is pressed. Limits: on a
 * flat limb every edge meets; the thinner the limb, the more a wide face gapes.
 */
final class BarkContact extends ContactModel {

    private static final double TIP = 0.8;

    BarkContact(FitRules rules) {
        super("bark", rules);
    }

    @Override
    public String depthName() {
        return "Face, from the axis at the top";
    }

    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        return figure(FigureName.SHOULDER_SHARE) * scion.cambiumMm() / 2;
    }

    @Override
    public List<Double> goodOffsets(Joint joint) {
        return List.of(0.0);
    }

    private static double top(Joint joint) {
        return Math.min(joint.placing().depthMm(), joint.c());
    }

    private static Edge edge(Joint joint, int side, double radius) {
        double lean = joint.placing().lean();
        double slope = -(top(joint) + TIP * joint.c()) / joint.length();
        return Arc.of(joint.placing().offsetMm() - lean * joint.length() / 2, lean, side, radius, top(joint), slope);
    }

    /** So far from where it is pressed a flat face lies near enough to the round wood. */
    private double bed(Joint joint) {
        double delta = Math.min(near(), joint.bigC());
        return Math.sqrt(2 * joint.bigC() * delta - delta * delta);
    }

    @Override
    List<Meets> lines(Joint joint) {
        List<Meets> lines = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            lines.add(
                    new EdgePair(edge(joint, side, joint.c()), Edge.straight(0), 0, joint.length(), bed(joint), true));
        }
        return lines;
    }

    @Override
    public Sketch section(Joint joint, double level) {
        Sketch sketch = Sketch.empty();
        double bigC = joint.bigC();
        double reach = Math.min(bigC, 3 * joint.r() + bed(joint));
        double low = Math.sqrt(bigC * bigC - reach * reach);
        sketch.slice(Whose.STOCK, 0, 0, joint.bigR(), bigC, low, joint.bigR(), 0);
        double d = top(joint) - (top(joint) + TIP * joint.c()) * level / joint.length();
        double x = joint.placing().offsetMm() + joint.placing().lean() * (level - joint.length() / 2);
        sketch.slice(Whose.SCION, x, bigC + d, joint.r(), joint.c(), bigC, bigC + d + joint.r(), 0);
        for (int side = -1; side <= 1; side += 2) {
            double at = edge(joint, side, joint.c()).at(level);
            sketch.spot(at, bigC, bigC - Math.sqrt(Math.max(0, bigC * bigC - at * at)), near());
        }
        double below = bigC + d + joint.r() + 3;
        return sketch.ruler(x - joint.r(), below, x + joint.r(), below, 2 * joint.r());
    }

    @Override
    public Sketch face(Joint joint) {
        Sketch sketch = Sketch.empty();
        double length = joint.length();
        double reach = Math.min(joint.bigR(), 3 * joint.r() + bed(joint));
        sketch.area(
                Part.STOCK_BARK,
                Faces.strip(Edge.straight(-reach), Edge.straight(reach), 0, length + WedgeModel.BELOW_MM));
        sketch.area(Part.OPENED, Faces.strip(Edge.straight(-bed(joint)), Edge.straight(bed(joint)), 0, length));
        double x = joint.placing().offsetMm();
        Faces.stem(sketch, Whose.SCION, x, joint.r(), joint.c(), -WedgeModel.ABOVE * length, 0);
        sketch.area(Part.SCION_BARK, Faces.strip(edge(joint, -1, joint.r()), edge(joint, 1, joint.r()), 0, length));
        sketch.area(Part.SCION_WOOD, Faces.strip(edge(joint, -1, joint.c()), edge(joint, 1, joint.c()), 0, length));
        for (int side = -1; side <= 1; side += 2) {
            sketch.line(Part.SCION_CAMBIUM, EdgePair.line(edge(joint, side, joint.c()), 0, length));
            sketch.line(Part.STOCK_CAMBIUM, EdgePair.line(Edge.straight(side * bed(joint)), 0, length));
        }
        sketch.line(Part.CUT, new double[] {-reach - 3, 0, reach + 3, 0});
        return glow(sketch, joint).ruler(reach + 3, 0, reach + 3, length, length);
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("slit", "Slit in the bark", joint.length()),
                CutStep.mm("own", "Long face on the scion, one stroke", joint.length()),
                CutStep.mm("top", "Scion left thick at the top", joint.r() + top(joint)));
    }
}
