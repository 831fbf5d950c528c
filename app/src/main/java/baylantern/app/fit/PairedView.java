package baylantern.app.fit;

import baylantern.core.fit.contact.Contact;
import baylantern.core.fit.contact.CutStep;
import baylantern.core.fit.pairing.Spare;
import java.util.List;

/**
 * A batch paired.
 *
 * @param cost what all pairs together lose, and what is left apart
 */
record PairedView(List<OnePair> pairs, List<Spare.Advice> spareSticks, List<Spare.Advice> spareStems, double cost) {

    /** A stick on a stem. */
    record OnePair(
            String stickId,
            String stemId,
            double scionMm,
            double stockMm,
            String techniqueKey,
            String techniqueName,
            Contact contact,
            double offsetMm,
            double score,
            boolean locked,
            List<CutStep> cuts) {}
}
