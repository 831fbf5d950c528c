package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.ArrayList;
import java.util.List;

/**
 * Centre-split cleft: a wedge of length L in a split through the pith.
 *
 * <pre>
 *   d(z) = d0·(1 − z/L)                      half-thickness of the wedge at depth z
 *   scion's cambium   x0 + z·tan(tilt) ± √(rc² − d(z)²),  none where d &gt; rc
 *   stock's cambium   ±√(Rc² − c²),  c the split's distance from the pith, 0 where it is centred
 * </pre>
 *
 * <p>Contact is the length where the two lie within δ, summed over two faces and two edges; the whole is 4·L. A plain
 * wedge starts at the bark (d0 = r), so its faces begin as a point; a shouldered one starts inside. Two scions stand
 * flush at both ends of the split, each with its outer edges only.
 *
 * <p>Limits: a thin scion centred in a thick stock meets nowhere; equal stems centred meet on all four edges toward the
 * tip. Assumed: the halves of the stock open without bending along the cut. The geometry is that of a plane cutting a
 * cylinder.
 */
final class CleftContact extends WedgeModel {

    CleftContact(FitRules rules) {
        super("cleft", rules);
    }

    @Override
    public List<Way> ways() {
        return List.of(Way.SHOULDERED, Way.PLAIN, Way.TWO);
    }

    @Override
    public boolean hasRoom(Way way, Round stock, Round scion) {
        return way == Way.TWO ? 2 * scion.radiusMm() <= stock.radiusMm() : super.hasRoom(way, stock, scion);
    }

    @Override
    public String depthName() {
        return "Half-thickness at the top of the wedge";
    }

    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        return way == Way.PLAIN ? scion.radiusMm() : figure(FigureName.SHOULDER_SHARE) * scion.cambiumMm();
    }

    @Override
    public boolean splits() {
        return true;
    }

    @Override
    double split(Joint joint) {
        return joint.placing().splitMm();
    }

    @Override
    List<Face> faces(Joint joint) {
        double top = joint.placing().way() == Way.PLAIN
                ? joint.r()
                : Math.min(joint.placing().depthMm(), joint.r());
        Face face = new Face(top, -top / joint.length(), 0, joint.length());
        return List.of(face, face);
    }

    @Override
    Edge stockEdge(Joint joint, Face face, int side) {
        return Arc.chord(0, 0, side, joint.bigC(), split(joint));
    }

    @Override
    List<Lying> lying(Joint joint) {
        double x = joint.placing().offsetMm();
        double lean = joint.placing().lean();
        return joint.placing().way() == Way.TWO
                ? List.of(new Lying(Math.abs(x), lean, 1), new Lying(-Math.abs(x), -lean, -1))
                : List.of(new Lying(x, lean, 0));
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        List<CutStep> steps = new ArrayList<>();
        steps.add(CutStep.mm("split", "Split depth", joint.length() + 2));
        if (split(joint) > 0) {
            steps.add(CutStep.mm("offcentre", "Split off centre", split(joint)));
        }
        steps.add(CutStep.mm("wedge", "Wedge, two single strokes", joint.length()));
        steps.add(CutStep.mm(
                "top", "Wedge thick at the top", 2 * faces(joint).get(0).top()));
        steps.add(showing());
        return steps;
    }
}
