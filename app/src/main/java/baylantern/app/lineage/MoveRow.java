package baylantern.app.lineage;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A plant was moved, or a visitor came in. */
public record MoveRow(
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
        String remark) {}
