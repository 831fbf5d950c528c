package baylantern.core.fit.contact;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;

/**
 * Inverted T-bud: as the T-bud with the crossbar below, the shield slid upward, so that water runs off. The area that
 * meets is that of the T-bud; only where it lies differs.
 */
final class InvertedTContact extends TBudContact {

    InvertedTContact(FitRules rules) {
        super("inverted-t", rules);
    }

    @Override
    Span bud(Joint joint) {
        return new Span((1 - figure(FigureName.SHIELD_SHARE)) * joint.length(), joint.length());
    }

    @Override
    double crossbar(Joint joint) {
        return joint.length();
    }
}
