package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FitRules;
import java.util.List;

/**
 * Two stems cut across at a long slope and laid together. A plane that falls 2·R over the length L cuts a cylinder of
 * radius ρ in an ellipse of half-width ρ and half-length ρ·L/(2·R); the cambium of each stem is such an ellipse.
 */
abstract class SlopeModel extends ContactModel {

    SlopeModel(String key, FitRules rules) {
        super(key, rules);
    }

    @Override
    public String depthName() {
        return "";
    }

    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        return 0;
    }

    /** How far a stem of this radius is cut through at depth z: from −radius at the top to +radius. */
    double plane(Joint joint, double z, double radius) {
        return -radius + 2 * radius * z / joint.length();
    }

    static Ellipse stock(Joint joint, double radius) {
        double half = joint.length() / 2;
        return new Ellipse(0, half, radius, radius * half / joint.bigR(), 0);
    }

    static Ellipse scion(Joint joint, double radius) {
        double half = joint.length() / 2;
        return new Ellipse(
                joint.placing().offsetMm(),
                half,
                radius,
                radius * half / joint.r(),
                -Math.toRadians(joint.placing().tiltDeg()));
    }

    @Override
    public List<Double> goodOffsets(Joint joint) {
        double flush = joint.bigC() - joint.c();
        return List.of(0.0, flush, flush + Math.signum(flush) * near());
    }

    @Override
    public Sketch section(Joint joint, double level) {
        Sketch sketch = Sketch.empty();
        double bigR = joint.bigR();
        double cut = plane(joint, level, bigR);
        double own = plane(joint, level, joint.r());
        double x = joint.placing().offsetMm() + joint.placing().lean() * (level - joint.length() / 2);
        double middle = cut - own;
        sketch.slice(Whose.STOCK, 0, 0, bigR, joint.bigC(), -bigR, cut, 0);
        sketch.slice(Whose.SCION, x, middle, joint.r(), joint.c(), cut, middle + joint.r(), 0);
        for (int side = -1; side <= 1; side += 2) {
            double at = x + side * Math.sqrt(joint.c() * joint.c() - own * own);
            double stock = side * Math.sqrt(joint.bigC() * joint.bigC() - cut * cut);
            sketch.spot(at, cut, at - stock, near());
        }
        double below = Math.max(bigR, middle + joint.r()) + 3;
        return sketch.ruler(-bigR, below, bigR, below, 2 * bigR);
    }

    @Override
    public Sketch face(Joint joint) {
        Sketch sketch = Sketch.empty();
        double length = joint.length();
        Faces.stem(sketch, Whose.STOCK, 0, joint.bigR(), joint.bigC(), length / 2, length + WedgeModel.BELOW_MM);
        double x = joint.placing().offsetMm();
        Faces.stem(sketch, Whose.SCION, x, joint.r(), joint.c(), -WedgeModel.ABOVE * length, length / 2);
        sketch.area(Part.STOCK_BARK, Faces.ellipse(stock(joint, joint.bigR())));
        sketch.area(Part.STOCK_WOOD, Faces.ellipse(stock(joint, joint.bigC())));
        sketch.area(Part.SCION_BARK, Faces.ellipse(scion(joint, joint.r())));
        sketch.area(Part.SCION_WOOD, Faces.ellipse(scion(joint, joint.c())));
        cambium(sketch, joint);
        double right = Math.max(joint.bigR(), x + joint.r()) + 4;
        return glow(sketch, joint).ruler(right, 0, right, length, length);
    }

    void cambium(Sketch sketch, Joint joint) {
        for (Meets meets : lines(joint)) {
            if (meets instanceof SlopePair pair) {
                sketch.line(Part.STOCK_CAMBIUM, part(pair.stock(), pair.from(), pair.to()));
                sketch.line(Part.SCION_CAMBIUM, part(pair.scion(), pair.from(), pair.to()));
            }
        }
    }

    // The line of an ellipse between two depths, begun outside them where there is an outside.
    private static double[] part(Ellipse e, double from, double to) {
        Points points = new Points();
        int steps = 180;
        int begin = 0;
        for (int i = 0; i < steps; i++) {
            double z = e.z(2 * Math.PI * i / steps);
            if (z < from || z > to) {
                begin = i;
            }
        }
        for (int i = 0; i <= steps; i++) {
            double t = 2 * Math.PI * (begin + i) / steps;
            if (e.z(t) >= from && e.z(t) <= to) {
                points.add(e.x(t), e.z(t));
            }
        }
        return points.all();
    }
}
