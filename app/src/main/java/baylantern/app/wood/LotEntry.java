package baylantern.app.wood;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
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
 * @param shootsId pinched shoots it was cut from, which end with it
 */
public record LotEntry(
        @Nullable Long plantId,
        @Nullable Long sourceId,
        @Nullable Long varietyId,
        @JsonUnwrapped @Valid Cut cut,
        @JsonUnwrapped @Valid Count count,
        @JsonUnwrapped @Valid Kept kept,
        @Nullable Long shootsId,

        @Nullable @Size(max = 4000, message = "are at most 4000 characters")
        String notes) {

    /** When it was cut. */
    public record Cut(
            @NotNull(message = "needs the day it was cut") LocalDate cutOn,
            @Nullable LocalDate receivedOn,
            @Nullable Long cutBy) {}

    /**
     * How much of it.
     *
     * @param diametersMm thickness of sticks in mm, as many as were measured
     */
    public record Count(
            @DecimalMin(value = "1", message = "is a whole number from 1 to 5000")
            @DecimalMax(value = "5000", message = "is a whole number from 1 to 5000")
            int sticks,

            @DecimalMin(value = "1", message = "is a whole number from 1 to 40")
            @DecimalMax(value = "40", message = "is a whole number from 1 to 40")
            int budsPerStick,

            @Nullable @Size(max = 200, message = "are at most 200")
            List<Double> diametersMm) {}

    /**
     * Where it is kept.
     *
     * @param storeId where it was put
     */
    public record Kept(@NotNull(message = "needs a store") Long storeId, boolean wrapped) {}

    /** See {@link Cut}. */
    public LocalDate cutOn() {
        return cut.cutOn();
    }

    /** See {@link Cut}. */
    public @Nullable LocalDate receivedOn() {
        return cut.receivedOn();
    }

    /** See {@link Cut}. */
    public @Nullable Long cutBy() {
        return cut.cutBy();
    }

    /** See {@link Count}. */
    public int sticks() {
        return count.sticks();
    }

    /** See {@link Count}. */
    public int budsPerStick() {
        return count.budsPerStick();
    }

    /** See {@link Count}. */
    public @Nullable List<Double> diametersMm() {
        return count.diametersMm();
    }

    /** See {@link Kept}. */
    public Long storeId() {
        return kept.storeId();
    }

    /** See {@link Kept}. */
    public boolean wrapped() {
        return kept.wrapped();
    }
}
