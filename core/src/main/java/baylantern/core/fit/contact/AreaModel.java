package baylantern.core.fit.contact;

import baylantern.core.rules.FitRules;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * A bud laid on bared cambium: contact is an area. The bud is scooped from its stick: at u from −1 to 1 along it the
 * blade goes t·(1 − u²) deep, so the cut is √(rc² − (r − depth)²) wide to each side under the bark.
 */
abstract class AreaModel extends ContactModel {

    private static final int STRIPS = 160;

    AreaModel(String key, FitRules rules) {
        super(key, rules);
    }

    /** Half-width of a scoop t deep at u along it, in a circle of this radius, counted from the bark of radius r. */
    static double scoop(double radius, double outer, double t, double u) {
        double level = outer - t * (1 - u * u);
        return Math.abs(u) <= 1 && level < radius ? Faces.half(radius, level) : 0;
    }

    /** Where the bud begins and ends, mm below the top of the cut. */
    abstract Span bud(Joint joint);

    /** Half-width of the bud's bared cambium at depth z. */
    abstract double shield(Joint joint, double z);

    /** Half-width of the stock's bared cambium that a bud can lie on at depth z. */
    abstract double window(Joint joint, double z);

    /** The whole a bud could give, mm². */
    abstract double whole(Joint joint);

    @Override
    List<Meets> lines(Joint joint) {
        return List.of();
    }

    @Override
    public List<Double> goodOffsets(Joint joint) {
        return List.of(0.0);
    }

    @Override
    double met(Joint joint) {
        Span bud = bud(joint);
        return area(z -> Math.max(0, right(joint, z) - left(joint, z)), bud.from(), bud.to());
    }

    @Override
    public Contact contact(Joint joint) {
        double whole = whole(joint);
        return new Contact(Math.min(met(joint), whole), whole, Contact.Unit.SQUARE_MM);
    }

    /** Area under a width along the cut, by the midpoint rule. */
    static double area(DoubleUnaryOperator width, double from, double to) {
        double step = (to - from) / STRIPS;
        double sum = 0;
        for (int i = 0; i < STRIPS; i++) {
            sum += width.applyAsDouble(from + (i + 0.5) * step) * step;
        }
        return sum;
    }

    private static double axis(Joint joint, double z) {
        return joint.placing().offsetMm() + joint.placing().lean() * (z - joint.length() / 2);
    }

    private double left(Joint joint, double z) {
        return Math.max(-window(joint, z), axis(joint, z) - shield(joint, z));
    }

    private double right(Joint joint, double z) {
        return Math.min(window(joint, z), axis(joint, z) + shield(joint, z));
    }

    private static double[] outline(DoubleUnaryOperator left, DoubleUnaryOperator right, double from, double to) {
        return Faces.strip(left::applyAsDouble, right::applyAsDouble, from, to);
    }

    @Override
    public Sketch face(Joint joint) {
        Sketch sketch = Sketch.empty();
        double length = joint.length();
        Faces.stem(sketch, Whose.STOCK, 0, joint.bigR(), joint.bigC(), -8, length + WedgeModel.BELOW_MM);
        sketch.area(Part.OPENED, outline(z -> -window(joint, z), z -> window(joint, z), 0, length));
        Span bud = bud(joint);
        sketch.area(
                Part.SCION_WOOD,
                outline(
                        z -> axis(joint, z) - shield(joint, z),
                        z -> axis(joint, z) + shield(joint, z),
                        bud.from(),
                        bud.to()));
        sketch.area(
                Part.MEETS,
                outline(z -> left(joint, z), z -> Math.max(left(joint, z), right(joint, z)), bud.from(), bud.to()));
        sketch.line(
                Part.SCION_CAMBIUM,
                outline(
                        z -> axis(joint, z) - shield(joint, z),
                        z -> axis(joint, z) + shield(joint, z),
                        bud.from(),
                        bud.to()));
        opening(sketch, joint);
        double right = joint.bigR() + 4;
        return sketch.ruler(right, 0, right, length, length);
    }

    /** The cuts in the stock's bark. */
    abstract void opening(Sketch sketch, Joint joint);

    /** How deep into the stock the bud is seated at its middle: the level of its cut face, mm from the stock's axis. */
    abstract double seat(Joint joint);

    @Override
    public Sketch section(Joint joint, double level) {
        Sketch sketch = Sketch.empty();
        double bigR = joint.bigR();
        double seat = seat(joint);
        double cut = joint.r() - joint.placing().depthMm();
        sketch.slice(Whose.STOCK, 0, 0, bigR, joint.bigC(), -bigR, Math.min(bigR, seat), 0);
        double x = axis(joint, level);
        sketch.slice(Whose.SCION, x, seat - cut, joint.r(), joint.c(), seat, seat - cut + joint.r(), 0);
        for (int side = -1; side <= 1; side += 2) {
            double own = x + side * shield(joint, middle(joint));
            sketch.spot(own, seat, Math.max(0, side * own - window(joint, middle(joint))), near());
        }
        double below = Math.max(bigR, seat - cut + joint.r()) + 3;
        return sketch.ruler(-bigR, below, bigR, below, 2 * bigR);
    }

    private double middle(Joint joint) {
        Span bud = bud(joint);
        return (bud.from() + bud.to()) / 2;
    }
}
