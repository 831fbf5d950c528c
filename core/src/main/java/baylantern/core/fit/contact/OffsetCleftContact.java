package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.List;

/**
 * Cleft split off centre, for one thin scion in a thicker stock. The split lies c from the pith, where the stock's
 * chord is as wide as the scion:
 *
 * <pre>
 *   c = √(Rc² − rc²)                          so that √(Rc² − c²) = rc
 *   long face   d(z) = d0 − (d0 + dt)·z/L     from a shoulder through the axis to the far side
 *   back cut    d(z) from r at L − Lb to dt at L
 *   edges       x0 + z·tan(tilt) ± √(rc² − d(z)²)  against ±√(Rc² − c²)
 * </pre>
 *
 * <p>The whole is 2·L + 2·Lb, less where the back cut is still in the bark. Assumed: the tip lies a set share of rc off
 * the axis, the back cut is a set share of the long one (both figures of the rulebook).
 *
 * <p>Limits: with c = √(Rc² − rc²) and no offset both edges of the long face meet where it crosses the axis, however
 * thick the stock.
 */
final class OffsetCleftContact extends WedgeModel {

    OffsetCleftContact(FitRules rules) {
        super("offset-cleft", rules);
    }

    @Override
    public String depthName() {
        return "Long face, from the axis at the top";
    }

    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        return figure(FigureName.SHOULDER_SHARE) * scion.cambiumMm() / 2;
    }

    @Override
    public boolean splits() {
        return true;
    }

    @Override
    public double usualSplit(Round stock, Round scion) {
        return Faces.half(stock.cambiumMm(), scion.cambiumMm());
    }

    @Override
    double split(Joint joint) {
        return Math.min(joint.placing().splitMm(), 0.98 * joint.bigC());
    }

    @Override
    List<Face> faces(Joint joint) {
        double length = joint.length();
        double back = figure(FigureName.BACK_SHARE) * length;
        double top = Math.min(joint.placing().depthMm(), joint.r());
        double tip = figure(FigureName.TIP_SHARE) * joint.c();
        double slope = -(joint.r() - tip) / back;
        return List.of(
                new Face(top, -(top + tip) / length, 0, length),
                new Face(joint.r() - slope * (length - back), slope, length - back, length));
    }

    @Override
    Edge stockEdge(Joint joint, Face face, int side) {
        return Arc.chord(0, 0, side, joint.bigC(), split(joint));
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("split", "Split depth", joint.length() + 2),
                CutStep.mm("offcentre", "Split off centre", split(joint)),
                CutStep.mm("wedge", "Long face, one stroke", joint.length()),
                CutStep.mm("back", "Back cut", figure(FigureName.BACK_SHARE) * joint.length()),
                showing());
    }
}
