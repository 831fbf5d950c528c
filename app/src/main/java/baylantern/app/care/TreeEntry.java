package baylantern.app.care;

import baylantern.app.place.PlantKind;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A graft that became a tree, as told.
 *
 * @param version that of the graft on the screen
 * @param day today where it is left out
 * @param spotId where it stands now
 * @param kind what the tree is kept for: fruit in the field, or wood as a mother
 * @param sure true where what was asked back about it has been read and it stands
 */
record TreeEntry(
        int version,
        @Nullable LocalDate day,
        @NotNull(message = "needs a place") Long spotId,
        @NotNull(message = "needs what it is kept for") PlantKind kind,
        @Nullable Long personId,
        @Nullable Boolean sure) {}
