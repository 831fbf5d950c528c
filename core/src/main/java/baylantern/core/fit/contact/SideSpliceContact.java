package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FitRules;
import java.util.ArrayList;
import java.util.List;

/**
 * Side splice: a long sloping cut into the side of the stock and one through the scion, of equal width at the foot.
 *
 * <pre>
 *   stock's face at depth z lies R − h·z/L from its axis: half-width √(Rc² − (R − h·z/L)²)
 *   scion's face lies r − r·z/L from its axis:            half-width √(rc² − (r − r·z/L)²)
 *   h so that both are rc wide at the foot:               h = R − √(Rc² − rc²)
 * </pre>
 *
 * <p>The whole is the length of the scion's two edges under the bark. Limits: equal stems laid square meet along all of
 * it; in a thicker stock the edges part in the middle and meet at the foot.
 */
final class SideSpliceContact extends SideModel {

    SideSpliceContact(FitRules rules) {
        super("side-splice", rules);
    }

    @Override
    double scionLevel(Round scion) {
        return 0;
    }

    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        return stock.radiusMm() - Faces.half(stock.cambiumMm(), scion.cambiumMm());
    }

    @Override
    Edge stockEdge(Joint joint, int side, double radius) {
        double deep = Math.min(joint.placing().depthMm(), 2 * joint.bigR());
        return Arc.of(0, 0, side, radius, joint.bigR(), -deep / joint.length());
    }

    @Override
    Edge scionEdge(Joint joint, int side, double radius) {
        double lean = joint.placing().lean();
        double middle = joint.placing().offsetMm() - lean * joint.length() / 2;
        return Arc.of(middle, lean, side, radius, joint.r(), -joint.r() / joint.length());
    }

    @Override
    double[] levels(Joint joint, double z) {
        double share = z / joint.length();
        return new double[] {
            joint.bigR() - joint.placing().depthMm() * share, joint.r() * (1 - share),
        };
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
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm(
                        "deep",
                        "Cut into the stock, at its foot",
                        joint.placing().depthMm()),
                CutStep.mm("long", "Cut on the stock, long", joint.length()),
                CutStep.mm("own", "Cut on the scion, one stroke", joint.length()));
    }
}
