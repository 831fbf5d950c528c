package baylantern.app.day;

import baylantern.core.bench.Cover;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A graft day as planned: when, on which stocks, with which wood, how, how many.
 *
 * @param spotId where the stocks stand
 * @param speciesKey species of the stocks
 */
record DayEntry(
        @NotNull(message = "needs a day") LocalDate day,
        long spotId,

        @NotBlank(message = "needs a species") @Size(max = 40, message = "is at most 40 characters")
        String speciesKey,

        long varietyId,

        @NotBlank(message = "needs a technique") @Size(max = 40, message = "is at most 40 characters")
        String techniqueKey,

        @DecimalMin(value = "1", message = "is from 1 to 10 000")
        @DecimalMax(value = "10000", message = "is from 1 to 10 000")
        int grafts,

        @Nullable Cover cover,

        @Nullable @Size(max = 4000, message = "is at most 4000 characters")
        String remark) {}
