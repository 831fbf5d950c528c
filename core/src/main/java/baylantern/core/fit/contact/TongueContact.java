package baylantern.core.fit.contact;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.ArrayList;
import java.util.List;

/**
 * Whip and tongue: the slopes of the whip, and in each a tongue split along the grain that locks into the other.
 *
 * <pre>
 *   slopes    as the whip
 *   tongues   start s·L below the top of the slope (above its middle), s·2·R − R from the axis, t·L long
 *             edges x0 + z·tan(tilt) ± √(rc² − (r − 2·s·r)²)  against ±√(Rc² − (R − 2·s·R)²), on two faces
 * </pre>
 *
 * <p>The whole is the scion's perimeter and four edges of tongue. Assumed: both tongues start at the same share of
 * their slope and are split straight.
 *
 * <p>Limits: never less than the whip; equal stems laid square meet all round and along both tongues.
 */
final class TongueContact extends SlopeModel {

    TongueContact(FitRules rules) {
        super("whip-tongue", rules);
    }

    @Override
    List<Meets> lines(Joint joint) {
        List<Meets> lines = new ArrayList<>();
        lines.add(new SlopePair(scion(joint, joint.c()), stock(joint, joint.bigC()), 0, joint.length(), near()));
        double from = start(joint);
        double to = from + figure(FigureName.TONGUE_SHARE) * joint.length();
        double lean = joint.placing().lean();
        double middle = joint.placing().offsetMm() - lean * joint.length() / 2;
        for (int face = 0; face < 2; face++) {
            for (int side = -1; side <= 1; side += 2) {
                Edge scion = Arc.chord(middle, lean, side, joint.c(), level(joint.r()));
                Edge stock = Arc.chord(0, 0, side, joint.bigC(), level(joint.bigR()));
                lines.add(new EdgePair(scion, stock, from, to, near(), face == 0));
            }
        }
        return lines;
    }

    private double start(Joint joint) {
        return figure(FigureName.TONGUE_START) * joint.length();
    }

    private double level(double radius) {
        return radius - 2 * figure(FigureName.TONGUE_START) * radius;
    }

    @Override
    void cambium(Sketch sketch, Joint joint) {
        super.cambium(sketch, joint);
        for (Meets meets : lines(joint)) {
            if (meets instanceof EdgePair pair) {
                sketch.line(Part.STOCK_CAMBIUM, EdgePair.line(pair.stock(), pair.from(), pair.to()));
                sketch.line(Part.SCION_CAMBIUM, EdgePair.line(pair.scion(), pair.from(), pair.to()));
            }
        }
        double half = Math.min(joint.bigC(), joint.c());
        sketch.line(Part.CUT, new double[] {-half, start(joint), half, start(joint)});
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("slope", "Slope on the stock, one stroke", joint.length()),
                CutStep.mm("own", "Slope on the scion, one stroke", joint.length()),
                CutStep.mm("tongueAt", "Tongue starts below the top", start(joint)),
                CutStep.mm("tongue", "Tongue, split by rocking", figure(FigureName.TONGUE_SHARE) * joint.length()));
    }
}
