package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.List;

/**
 * T-bud: a shield slid under two flaps of bark, onto the bared round wood.
 *
 * <pre>
 *   shield     s·L long, t deep at its middle: half-width √(rc² − (r − t·(1 − u²))²)
 *   opening    the bark lifts so far to each side: a set share of Rc
 *   bark only  the shield bends onto the wood: it touches over its whole width
 *   with wood  it stays flat and touches only to √(2·Rc·δ − δ²) from its middle
 * </pre>
 *
 * <p>Contact is the area of the shield that lies on bared cambium, in mm²; the whole is the area of the shield.
 * Limits: a thin shield narrower than the opening meets entirely; with wood, a wide shield on a thin stock gapes.
 */
class TBudContact extends AreaModel {

    TBudContact(FitRules rules) {
        this("t-bud", rules);
    }

    TBudContact(String key, FitRules rules) {
        super(key, rules);
    }

    @Override
    public List<Way> ways() {
        return List.of(Way.THIN, Way.THICK);
    }

    @Override
    public String depthName() {
        return "How deep the bud is cut";
    }

    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        double wood = way == Way.THICK ? 2 : 1;
        return Math.min(scion.barkMm() + wood * figure(FigureName.SHIELD_MM), 0.9 * scion.radiusMm());
    }

    @Override
    Span bud(Joint joint) {
        return new Span(0, figure(FigureName.SHIELD_SHARE) * joint.length());
    }

    @Override
    double shield(Joint joint, double z) {
        Span bud = bud(joint);
        double u = 2 * (z - bud.from()) / bud.length() - 1;
        return scoop(joint.c(), joint.r(), joint.placing().depthMm(), u);
    }

    @Override
    double window(Joint joint, double z) {
        double lifted = figure(FigureName.LIFT_SHARE) * joint.bigC();
        double delta = Math.min(near(), joint.bigC());
        double flat = Math.sqrt(2 * joint.bigC() * delta - delta * delta);
        return joint.placing().way() == Way.THICK ? Math.min(lifted, flat) : lifted;
    }

    @Override
    double whole(Joint joint) {
        Span bud = bud(joint);
        return area(z -> 2 * shield(joint, z), bud.from(), bud.to());
    }

    @Override
    double seat(Joint joint) {
        return joint.bigC();
    }

    /** Depth of the crossbar, mm below the top of the cut. */
    double crossbar(Joint joint) {
        return 0;
    }

    @Override
    void opening(Sketch sketch, Joint joint) {
        double half = figure(FigureName.LIFT_SHARE) * joint.bigC();
        double bar = crossbar(joint);
        sketch.line(Part.CUT, new double[] {-half, bar, half, bar});
        sketch.line(Part.CUT, new double[] {0, 0, 0, joint.length()});
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("upright", "Upright cut, through the bark only", joint.length()),
                CutStep.mm(
                        "bar",
                        "Crossbar" + (crossbar(joint) > 0 ? ", below" : ", above"),
                        2 * figure(FigureName.LIFT_SHARE) * joint.bigC()),
                CutStep.mm("shield", "Shield long", bud(joint).length()),
                CutStep.mm("deep", "Shield deep at the bud", joint.placing().depthMm()));
    }
}
