package baylantern.app.wood;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A lot as collected from a plant of the farm or received from a source; one of the two is named.
 *
 * @param storeId where it was put
 * @param diametersMm thickness of sticks in mm, as many as were measured
 * @param shootsId pinched shoots it was cut from, which end with it
 */
public record LotEntry(
        @Nullable Long plantId,
        @Nullable Long sourceId,
        @Nullable Long varietyId,
        @NotNull(message = "needs the day it was cut") LocalDate cutOn,
        @Nullable LocalDate receivedOn,
        @Nullable Long cutBy,

        @DecimalMin(value = "1", message = "is a whole number from 1 to 5000")
        @DecimalMax(value = "5000", message = "is a whole number from 1 to 5000")
        int sticks,

        @DecimalMin(value = "1", message = "is a whole number from 1 to 40")
        @DecimalMax(value = "40", message = "is a whole number from 1 to 40")
        int budsPerStick,

        @Nullable @Size(max = 200, message = "are at most 200")
        List<Double> diametersMm,

        @NotNull(message = "needs a store") Long storeId,
        boolean wrapped,
        @Nullable Long shootsId,

        @Nullable @Size(max = 4000, message = "are at most 4000 characters")
        String notes) {}
