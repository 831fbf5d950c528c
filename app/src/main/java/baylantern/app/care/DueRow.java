package baylantern.app.care;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A due visit with just enough to walk to it. */
record DueRow(
        long graftId,
        String code,
        long spotId,
        long varietyId,
        @Nullable String techniqueKey,
        LocalDate madeOn,
        String kind,
        LocalDate earliest,
        LocalDate latest) {}
