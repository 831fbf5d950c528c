package baylantern.app.lineage;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A source of wood as written down.
 *
 * @param plantId the plant of the farm it is, null for one outside
 * @param insectProof true where it stands in an insect-proof house
 */
public record SourceRow(
        long id,
        @Nullable Long plantId,
        String name,
        SourceKind kind,
        Identity identity,
        boolean insectProof,
        String permit,
        @Nullable LocalDate permitDue,
        String licence,
        @Nullable LocalDate licenceDue,
        String notes,
        int version) {}
