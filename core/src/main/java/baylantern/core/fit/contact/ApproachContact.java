package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FitRules;
import java.util.ArrayList;
import java.util.List;

/**
 * Approach: matching faces along the sides of two rooted plants.
 *
 * <pre>
 *   stock's face   h deep: half-width √(Rc² − (R − h)²)
 *   scion's face   p from its axis: half-width √(rc² − p²)
 *   two edges of length L, x0 + (z − L/2)·tan(tilt) ± the scion's half-width against ± the stock's
 * </pre>
 *
 * <p>The whole is 2·L. The tilt is the angle at which the stems cross. Limits: faces of equal width side by side meet
 * along both edges; stems that cross at an angle meet over about 2·δ/tan(angle) of each edge.
 */
final class ApproachContact extends SideModel {

    ApproachContact(FitRules rules) {
        super("approach", rules);
    }

    // Where the scion is the thicker one its face is cut shallower, so that it is no wider than the stock can give.
    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        double half = Faces.half(scion.cambiumMm(), scionLevel(scion));
        return stock.radiusMm() - Faces.half(stock.cambiumMm(), Math.min(half, 0.95 * stock.cambiumMm()));
    }

    @Override
    List<Meets> lines(Joint joint) {
        List<Meets> lines = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            lines.add(pair(joint, side, 0, joint.length(), true));
        }
        return lines;
    }

    @Override
    public Sketch face(Joint joint) {
        Sketch sketch = super.face(joint);
        double x = joint.placing().offsetMm();
        Faces.stem(sketch, Whose.SCION, x, joint.r(), joint.c(), joint.length(), joint.length() + WedgeModel.BELOW_MM);
        return sketch;
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("deep", "Face on the stock, deep", joint.placing().depthMm()),
                CutStep.mm("owndeep", "Face on the scion, deep", joint.r() - scionLevel(joint.scion())),
                CutStep.mm("long", "Both faces, long", joint.length()));
    }
}
