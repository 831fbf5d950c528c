package baylantern.app.lineage;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/** A plant was moved, or a visitor came in. */
public record MoveRow(
        long id,
        @JsonUnwrapped Who who,
        LocalDate onDay,
        @JsonUnwrapped From from,
        @JsonUnwrapped To to,
        String remark) {

    /** What or who moved. */
    public record Who(
            @Nullable Long plantId,
            @Nullable String plantCode,
            @Nullable String visitor) {}

    /** Where from. */
    public record From(@Nullable Long fromSpotId, @Nullable String fromSpot, boolean fromHouse) {}

    /** Where to. */
    public record To(@Nullable Long toSpotId, @Nullable String toSpot, boolean toHouse) {}

    /** As the store tells it. */
    @AutomapConstructor
    public MoveRow(
            long id,
            @Nullable Long plantId,
            @Nullable String plantCode,
            @Nullable String visitor,
            LocalDate onDay,
            @Nullable Long fromSpotId,
            @Nullable String fromSpot,
            boolean fromHouse,
            @Nullable Long toSpotId,
            @Nullable String toSpot,
            boolean toHouse,
            String remark) {
        this(
                id,
                new Who(plantId, plantCode, visitor),
                onDay,
                new From(fromSpotId, fromSpot, fromHouse),
                new To(toSpotId, toSpot, toHouse),
                remark);
    }

    /** See {@link Who}. */
    public @Nullable Long plantId() {
        return who.plantId();
    }

    /** See {@link From}. */
    public @Nullable Long fromSpotId() {
        return from.fromSpotId();
    }

    /** See {@link From}. */
    public boolean fromHouse() {
        return from.fromHouse();
    }

    /** See {@link To}. */
    public boolean toHouse() {
        return to.toHouse();
    }
}
