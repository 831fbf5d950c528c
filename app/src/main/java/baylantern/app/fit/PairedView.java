package baylantern.app.fit;

import baylantern.core.fit.contact.Contact;
import baylantern.core.fit.contact.CutStep;
import baylantern.core.fit.pairing.Spare;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;

/**
 * A batch paired.
 *
 * @param cost what all pairs together lose, and what is left apart
 */
record PairedView(List<OnePair> pairs, List<Spare.Advice> spareSticks, List<Spare.Advice> spareStems, double cost) {

    /** A stick on a stem. */
    record OnePair(
            @JsonUnwrapped Pieces pieces,
            @JsonUnwrapped Sizes sizes,
            @JsonUnwrapped How how,
            Contact contact,
            double offsetMm,
            double score,
            boolean locked,
            List<CutStep> cuts) {

        /** Stick and stem. */
        record Pieces(String stickId, String stemId) {}

        /** What was measured, in mm. */
        record Sizes(double scionMm, double stockMm) {}

        /** The technique. */
        record How(String techniqueKey, String techniqueName) {}
    }
}
