package baylantern.app.place;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Many plants of one sort at once: a line each, with the code, then the stem's diameter in mm (several stems joined by a
 * plus), then the height of the cut above the soil in mm; what is not measured is left out.
 *
 * @param varietyId what field and mother trees are; of the same species
 */
public record PlantPaste(
        @NotBlank(message = "needs a line for each plant")
        @Size(max = 100_000, message = "is at most 100 000 characters")
        String lines,

        @NotBlank(message = "needs a species") String speciesKey,
        @NotNull(message = "needs a kind") PlantKind kind,
        @Nullable String stockKind,
        @NotNull(message = "needs a place") Long spotId,
        @Nullable LocalDate startedOn,
        @Nullable Long varietyId) {}
