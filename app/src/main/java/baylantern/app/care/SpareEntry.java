package baylantern.app.care;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A rooted offcut, as told.
 *
 * @param code what the plant is called; a free one is found where it is left out
 * @param day the day it was cut, today where it is left out
 */
record SpareEntry(
        @Nullable @Size(max = 40, message = "is at most 40 characters")
        String code,

        @NotNull(message = "needs a place") Long spotId,
        @Nullable LocalDate day) {}
