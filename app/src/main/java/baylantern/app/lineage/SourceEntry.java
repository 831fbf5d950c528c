package baylantern.app.lineage;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A source as entered; version is that of the row being changed, absent for a new one. */
public record SourceEntry(
        @Nullable Long plantId,

        @NotBlank(message = "needs a name") @Size(max = 120, message = "is at most 120 characters")
        String name,

        @NotNull(message = "needs its sort") SourceKind kind,
        @NotNull(message = "needs its proof") Identity identity,
        boolean insectProof,
        @JsonUnwrapped @Valid Papers papers,

        @Nullable @Size(max = 4000, message = "are at most 4000 characters")
        String notes,

        @Nullable Integer version) {

    /** Its papers. */
    public record Papers(
            @Nullable @Size(max = 400, message = "is at most 400 characters")
            String permit,

            @Nullable LocalDate permitDue,

            @Nullable @Size(max = 400, message = "is at most 400 characters")
            String licence,

            @Nullable LocalDate licenceDue) {}

    /** See {@link Papers}. */
    public @Nullable String permit() {
        return papers.permit();
    }

    /** See {@link Papers}. */
    public @Nullable LocalDate permitDue() {
        return papers.permitDue();
    }

    /** See {@link Papers}. */
    public @Nullable String licence() {
        return papers.licence();
    }

    /** See {@link Papers}. */
    public @Nullable LocalDate licenceDue() {
        return papers.licenceDue();
    }
}
