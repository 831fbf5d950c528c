package baylantern.core.fit.contact;

import baylantern.core.rules.FitRules;
import java.util.List;

/**
 * Whip: a long slope on each stem, laid face to face.
 *
 * <pre>
 *   stock's cambium   ellipse Rc × Rc·L/(2·R) about (0, L/2)
 *   scion's cambium   ellipse rc × rc·L/(2·r) about (x0, L/2), turned by the tilt
 * </pre>
 *
 * <p>Contact is the length of the scion's line that lies within δ of the stock's; the whole is its perimeter. Assumed:
 * both slopes have the same length, so stems of unequal thickness meet at slightly unequal angles.
 *
 * <p>Limits: equal stems laid square meet all round; a thinner scion laid in the middle meets nowhere but near the tips.
 */
final class WhipContact extends SlopeModel {

    WhipContact(FitRules rules) {
        super("whip", rules);
    }

    @Override
    List<Meets> lines(Joint joint) {
        return List.of(new SlopePair(scion(joint, joint.c()), stock(joint, joint.bigC()), 0, joint.length(), near()));
    }

    @Override
    public List<CutStep> cuts(Joint joint) {
        return List.of(
                CutStep.mm("slope", "Slope on the stock, one stroke", joint.length()),
                CutStep.mm("own", "Slope on the scion, one stroke", joint.length()));
    }
}
