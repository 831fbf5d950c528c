package baylantern.app.fit;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A stem as stored, with its latest measure; readings as "height:diameter;height:diameter". */
record StemRow(
        long stemId,
        long plantId,
        String label,
        String plantCode,
        String speciesKey,
        String spotName,
        @Nullable Double diameterMm,
        @Nullable Double heightMm,
        @Nullable LocalDate onDay,
        @Nullable String readings,
        @Nullable Double barkMm,
        @Nullable Double topMm,
        @Nullable Double leafMm,
        @Nullable Double directionDeg,
        @Nullable String takenBy) {}
