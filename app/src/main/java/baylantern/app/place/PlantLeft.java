package baylantern.app.place;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A plant that left the farm, as told.
 *
 * @param day today where it is left out
 * @param to whom a sold plant or one given away went to
 * @param withGrafts true where it was said that its living grafts go with it; their visits end
 */
record PlantLeft(
        @NotNull(message = "needs how it left") PlantEnd how,
        @Nullable LocalDate day,

        @Nullable @Size(max = 120, message = "is at most 120 characters")
        String to,

        @Nullable Boolean withGrafts) {}
