package baylantern.app.care;

import baylantern.core.care.Sign;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One answer for one graft or for many. */
record LookEntry(
        @NotEmpty(message = "needs a graft") @Size(max = 500, message = "are at most 500 at once")
        List<@Valid OnGraft> grafts,

        @NotNull(message = "needs what was seen") Sign sign,
        @Nullable LocalDate seenOn,
        @Nullable Long personId,

        @Nullable @Size(max = 4000, message = "is at most 4000 characters")
        String note,

        @Nullable Boolean correction) {

    /** A graft and the version of it that was on the screen. */
    record OnGraft(@NotNull(message = "needs a graft") Long graftId, int version) {}
}
