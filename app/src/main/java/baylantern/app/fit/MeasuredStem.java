package baylantern.app.fit;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A stem of the farm and what was measured of it.
 *
 * @param measuredOn null where only its first diameter is known
 * @param takenBy code of the live graft it carries, null for none
 * @param refusal why nothing may be grafted on it, null where it may
 */
public record MeasuredStem(
        long stemId,
        String name,
        String plantCode,
        String label,
        String speciesKey,
        String spotName,
        StemMeasure measure,
        @Nullable LocalDate measuredOn,
        @Nullable String takenBy,
        @Nullable String refusal) {}
