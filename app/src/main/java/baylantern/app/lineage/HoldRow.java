package baylantern.app.lineage;

import baylantern.core.lineage.Node;
import baylantern.core.lineage.Recall;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** One thing held under a recall. */
record HoldRow(
        long id,
        long recallId,
        String recallName,
        String subject,
        LocalDate recallDay,
        String nodeKey,
        Recall.Why why,
        @Nullable LocalDate sinceDay,
        String byKey,
        boolean byBlade,
        @Nullable LocalDate releasedOn,
        @Nullable String releaseReason) {

    Node node() {
        return Node.parse(nodeKey);
    }
}
