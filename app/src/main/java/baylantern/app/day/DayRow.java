package baylantern.app.day;

import baylantern.core.bench.Cover;
import java.time.LocalDate;

/** A planned graft day with its names. */
record DayRow(
        int planNo,
        LocalDate onDay,
        long spotId,
        String spotName,
        String speciesKey,
        long varietyId,
        String varietyName,
        String techniqueKey,
        int grafts,
        Cover cover,
        String remark) {}
