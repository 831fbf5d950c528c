package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.List;

/**
 * Chip bud: a bud with its wood laid into a matching notch.
 *
 * <pre>
 *   chip    L long, t deep: half-width √(rc² − (r − t·(1 − u²))²)
 *   notch   L long, h deep: half-width √(Rc² − (R − h·(1 − u²))²),  h so that both are as wide at the middle
 * </pre>
 *
 * <p>Contact is the area within both outlines of cambium, in mm²; the whole is the larger of the two, so that a chip
 * too small for its notch and one too large both lose. The cambium of a chip is only its rim: the area says how nearly
 * the two rims are one. Limits: equal stems and cuts laid square meet wholly.
 */
final class ChipContact extends AreaModel {

    ChipContact(FitRules rules) {
        super("chip", rules);
    }

    @Override
    public String depthName() {
        return "How deep the chip is cut";
    }

    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        return Math.max(figure(FigureName.CHIP_SHARE) * scion.radiusMm(), scion.barkMm() + 0.5);
    }

    @Override
    Span bud(Joint joint) {
        return new Span(0, joint.length());
    }

    private static double along(Joint joint, double z) {
        return 2 * z / joint.length() - 1;
    }

    @Override
    double shield(Joint joint, double z) {
        return scoop(joint.c(), joint.r(), joint.placing().depthMm(), along(joint, z));
    }

    /** Depth of the notch that is as wide as the chip at the middle, mm. */
    private double notch(Joint joint) {
        double half = scoop(joint.c(), joint.r(), joint.placing().depthMm(), 0);
        return joint.bigR() - Faces.half(joint.bigC(), Math.min(half, 0.98 * joint.bigC()));
    }

    @Override
    double window(Joint joint, double z) {
        return scoop(joint.bigC(), joint.bigR(), notch(joint), along(joint, z));
    }

    @Override
    double whole(Joint joint) {
        double chip = area(z -> 2 * shield(joint, z), 0, joint.length());
        return Math.max(chip, area(z -> 2 * window(joint, z), 0, joint.length()));
    }

    @Override
    double seat(Joint joint) {
        return joint.bigR() - notch(joint);
    }

    @Override
    void opening(Sketch sketch, Joint joint) {
        sketch.line(Part.STOCK_CAMBIUM, Faces.strip(z -> -window(joint, z), z -> window(joint, z), 0, joint.length()));
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("long", "Chip and notch, long", joint.length()),
                CutStep.mm("deep", "Chip deep at the bud", joint.placing().depthMm()),
                CutStep.mm("notch", "Notch deep", notch(joint)));
    }
}
