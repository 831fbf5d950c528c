package baylantern.app.care;

import baylantern.core.care.Look;
import baylantern.core.care.Sign;
import baylantern.core.care.Trace;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One answer for one graft or for many.
 *
 * @param lengthMm how long its longest shoot is, mm
 * @param found what was found beside how it stands
 * @param sure true where what was asked back about it has been read and it stands
 */
record LookEntry(
        @NotEmpty(message = "needs a graft") @Size(max = 500, message = "are at most 500 at once")
        List<@Valid OnGraft> grafts,

        @NotNull(message = "needs what was seen") Sign sign,
        @Nullable LocalDate seenOn,
        @Nullable Long personId,

        @Nullable @Size(max = 4000, message = "is at most 4000 characters")
        String note,

        @Nullable Boolean correction,

        @Nullable
        @DecimalMin(value = "1", message = "is from 1 to 5000 mm")
        @DecimalMax(value = "5000", message = "is from 1 to 5000 mm")
        Double lengthMm,

        @Nullable @Size(max = 20, message = "are at most 20")
        List<@NotNull Trace> found,

        @Nullable Boolean sure) {

    /** The look it tells of, on a day. */
    Look look(LocalDate on) {
        return new Look(on, sign, Boolean.TRUE.equals(correction), lengthMm, traces());
    }

    private Set<Trace> traces() {
        return found == null ? Set.of() : Set.copyOf(found);
    }

    /** A graft and the version of it that was on the screen. */
    record OnGraft(@NotNull(message = "needs a graft") Long graftId, int version) {}
}
