package baylantern.app.place;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** Many plants of one sort at once: a line each, the code and, after a space, the stem's diameter in mm. */
record PlantPaste(
        @NotBlank(message = "needs a line for each plant")
        @Size(max = 100_000, message = "is at most 100 000 characters")
        String lines,

        @NotBlank(message = "needs a species") String speciesKey,
        @NotNull(message = "needs a kind") PlantKind kind,
        @Nullable String stockKind,
        @NotNull(message = "needs a place") Long spotId) {}
