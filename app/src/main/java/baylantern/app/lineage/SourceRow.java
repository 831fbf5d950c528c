package baylantern.app.lineage;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
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
        @JsonUnwrapped Papers papers,
        String notes,
        int version) {

    /** Its papers. */
    public record Papers(
            String permit,
            @Nullable LocalDate permitDue,
            String licence,
            @Nullable LocalDate licenceDue) {}

    /** As the store tells it. */
    @AutomapConstructor
    public SourceRow(
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
            int version) {
        this(
                id,
                plantId,
                name,
                kind,
                identity,
                insectProof,
                new Papers(permit, permitDue, licence, licenceDue),
                notes,
                version);
    }

    /** See {@link Papers}. */
    public String permit() {
        return papers.permit();
    }

    /** See {@link Papers}. */
    public @Nullable LocalDate permitDue() {
        return papers.permitDue();
    }

    /** See {@link Papers}. */
    public String licence() {
        return papers.licence();
    }

    /** See {@link Papers}. */
    public @Nullable LocalDate licenceDue() {
        return papers.licenceDue();
    }
}
