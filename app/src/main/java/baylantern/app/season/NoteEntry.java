package baylantern.app.season;

import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stage noted on one plant or many alike.
 *
 * @param day today where empty
 * @param sun shares of the canopy, or of its sunny side, for instance "S40 M60"
 * @param shade shares of the shaded side where it was told apart
 */
record NoteEntry(
        @NotEmpty(message = "needs at least one plant") @Size(max = 2000, message = "is at most 2000 plants at once")
        List<Long> plantIds,

        @Nullable LocalDate day,

        @Size(max = 40, message = "is at most 40 characters")
        String sun,

        @Nullable @Size(max = 40, message = "is at most 40 characters")
        String shade,

        @Nullable Boolean flowering,

        @Nullable @Size(max = 4000, message = "is at most 4000 characters")
        String remark,

        @Nullable Long personId) {}
