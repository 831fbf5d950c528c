package baylantern.app.care;

import baylantern.core.care.PlannedVisit;
import java.time.LocalDate;

/** An open visit as stored. */
public record VisitRow(
        long graftId, String kind, int repeatNo, LocalDate earliest, LocalDate target, LocalDate latest) {

    static VisitRow of(long graftId, PlannedVisit v) {
        return new VisitRow(graftId, v.kind(), v.round(), v.earliest(), v.target(), v.latest());
    }

    PlannedVisit planned() {
        return new PlannedVisit(kind, repeatNo, earliest, target, latest);
    }
}
