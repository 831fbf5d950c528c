package baylantern.app.lineage;

import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Node;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A health test as written down; of a plant or of a source. */
public record TestRow(
        long id,
        @Nullable Long plantId,
        @Nullable Long sourceId,
        LocalDate onDay,
        String subject,
        HealthTest.Result outcome,
        int validDays,
        String lab) {

    Node node() {
        return plantId != null ? Node.plant(plantId) : Node.source(java.util.Objects.requireNonNull(sourceId));
    }

    HealthTest test() {
        return new HealthTest(onDay, outcome, validDays);
    }
}
