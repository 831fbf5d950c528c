package baylantern.app.season;

import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A stored note of bud stages.
 *
 * @param sun shares of the canopy, or of its sunny side
 * @param shade shares of the shaded side, null where not told apart
 * @param corrects id of the note it replaces
 * @param stands false where it was replaced or removed later
 */
record NoteRow(
        long id,
        long plantId,
        LocalDate onDay,
        String sun,
        @Nullable String shade,
        boolean flowering,
        String remark,
        @Nullable String personName,
        @Nullable Long corrects,
        boolean stands) {

    BudNote note() {
        return new BudNote(onDay, CanopyShares.parse(sun), shade == null ? null : CanopyShares.parse(shade), flowering);
    }
}
