package baylantern.app.lineage;

import baylantern.core.lineage.Link;
import baylantern.core.lineage.Node;
import java.time.LocalDate;

/** A plant was raised from something. */
record ParentRow(long id, long plantId, String fromKey, LocalDate onDay) {

    Link link() {
        return new Link(Node.parse(fromKey), Node.plant(plantId), onDay);
    }
}
