package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
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
        return figure(FigureName.NOTCH_SHARE) * 2 * Math.min(joint.bigR(), joint.r());
    }

    @Override
    double plane(Joint joint, double z, double radius) {
        double h = notch(joint);
        double k = (2 * radius - h) / joint.length();
        return -radius + k * z + (z > joint.length() / 2 ? h : 0);
    }

    // Of a stem of this radius; the upper half's plane meets the axis at R/k, the lower one's at (R − h)/k.
    private Ellipse half(Joint joint, Round stem, double lowered, double offset, double tilt) {
        double k = (2 * stem.radiusMm() - notch(joint)) / joint.length();
        return new Ellipse(offset, (stem.radiusMm() - lowered) / k, stem.cambiumMm(), stem.cambiumMm() / k, tilt);
    }

    private SlopePair pair(Joint joint, double lowered, double from, double to) {
        double tilt = -Math.toRadians(joint.placing().tiltDeg());
        return new SlopePair(
                half(joint, joint.scion(), lowered, joint.placing().offsetMm(), tilt),
                half(joint, joint.stock(), lowered, 0, 0),
                from,
                to,
                near());
    }

    @Override
    List<Meets> lines(Joint joint) {
        double middle = joint.length() / 2;
        return List.of(pair(joint, 0, 0, middle), pair(joint, notch(joint), middle, joint.length()));
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
