package baylantern.app.day;

import baylantern.core.bench.Cover;
import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was so before the farm began to keep its records here: written as it was, on the days it was, without an act that
 * could be taken back.
 */
@Service
@Transactional
public class DayHistory {

    private final DayService days;

    DayHistory(DayService days) {
        this.days = days;
    }

    /** A graft day that was planned before. */
    public void plan(LocalDate day, long spotId, String speciesKey, long varietyId, String techniqueKey, int grafts) {
        days.insertNew(new DayEntry(day, spotId, speciesKey, varietyId, techniqueKey, grafts, Cover.BAG, null), null);
    }
}
