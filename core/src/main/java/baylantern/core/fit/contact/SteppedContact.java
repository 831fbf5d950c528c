package baylantern.core.fit.contact;

import baylantern.core.rules.FitRules;
import java.util.List;

/**
 * Stepped splice: a bevel on each stem with a notch of height h in its middle, so that the two lock.
 *
 * <pre>
 *   h = share·2·min(R, r)
 *   upper half   y(z) = −R + k·z,       k = (2·R − h)/L
 *   lower half   y(z) = −R + h + k·z
 *   cambium      ±√(Rc² − y²): the upper half of an ellipse about R/k, the lower of one about (R − h)/k
 * </pre>
 *
 * <p>The scion likewise with r. Contact is counted along both halves of its line; the step itself runs across the grain
 * and is not counted. Limits: with h = 0 it is the whip; equal stems laid square meet along both halves.
 */
final class SteppedContact extends SlopeModel {

    SteppedContact(FitRules rules) {
        super("stepped-splice", rules);
    }

    private double notch(Joint joint) {
        return figure("notchShare") * 2 * Math.min(joint.bigR(), joint.r());
    }

    @Override
    double plane(Joint joint, double z, double radius) {
        double h = notch(joint);
        double k = (2 * radius - h) / joint.length();
        return -radius + k * z + (z > joint.length() / 2 ? h : 0);
    }

    private Ellipse half(Joint joint, double cambium, double radius, boolean lower, boolean stock) {
        double h = notch(joint);
        double k = (2 * radius - h) / joint.length();
        double middle = (lower ? radius - h : radius) / k;
        double tilt = stock ? 0 : -Math.toRadians(joint.placing().tiltDeg());
        double offset = stock ? 0 : joint.placing().offsetMm();
        return new Ellipse(offset, middle, cambium, cambium / k, tilt);
    }

    @Override
    List<Meets> lines(Joint joint) {
        double middle = joint.length() / 2;
        return List.of(
                new SlopePair(
                        half(joint, joint.c(), joint.r(), false, false),
                        half(joint, joint.bigC(), joint.bigR(), false, true),
                        0,
                        middle,
                        near()),
                new SlopePair(
                        half(joint, joint.c(), joint.r(), true, false),
                        half(joint, joint.bigC(), joint.bigR(), true, true),
                        middle,
                        joint.length(),
                        near()));
    }

    @Override
    void cambium(Sketch sketch, Joint joint) {
        super.cambium(sketch, joint);
        double middle = joint.length() / 2;
        double half = Math.min(joint.bigR(), joint.r());
        sketch.line(Part.CUT, new double[] {-half, middle, half, middle});
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("slope", "Bevel on the stock", joint.length()),
                CutStep.mm("own", "Bevel on the scion", joint.length()),
                CutStep.mm("notchAt", "Notch below the top", joint.length() / 2),
                CutStep.mm("notch", "Notch, rocked in", notch(joint)));
    }
}
