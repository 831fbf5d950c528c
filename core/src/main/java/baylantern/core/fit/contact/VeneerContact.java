package baylantern.core.fit.contact;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.ArrayList;
import java.util.List;

/**
 * Veneer: a thin face down the side of a stock that keeps its top, with a short flap at its foot.
 *
 * <pre>
 *   stock's face   h deep: half-width √(Rc² − (R − h)²)
 *   scion's face   p from its axis: half-width √(rc² − p²)
 *   two long edges of length L, and the foot wedge: two more of length Lf against the flap
 * </pre>
 *
 * <p>The whole is 2·L + 2·Lf. Without tilt the edges run side by side, so an edge meets along its whole length or not
 * at all; a tilt lets them cross. Limits: faces of equal width laid square meet everywhere.
 */
final class VeneerContact extends SideModel {

    VeneerContact(FitRules rules) {
        super("veneer", rules);
    }

    private double foot(Joint joint) {
        return figure(FigureName.FOOT_SHARE) * joint.length();
    }

    @Override
    List<Meets> lines(Joint joint) {
        List<Meets> lines = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            lines.add(pair(joint, side, 0, joint.length(), true));
            lines.add(pair(joint, side, joint.length() - foot(joint), joint.length(), false));
        }
        return lines;
    }

    @Override
    public Sketch face(Joint joint) {
        double at = joint.length() - foot(joint);
        return super.face(joint).line(Part.CUT, new double[] {-joint.bigR(), at, joint.bigR(), at});
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("deep", "Face on the stock, deep", joint.placing().depthMm()),
                CutStep.mm("long", "Face on the stock, long", joint.length()),
                CutStep.mm("own", "Face on the scion, one stroke", joint.length()),
                CutStep.mm("foot", "Foot wedge, at the back", foot(joint)));
    }
}
