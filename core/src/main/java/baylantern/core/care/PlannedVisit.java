package baylantern.core.care;

import java.time.LocalDate;

/**
 * A visit a graft needs.
 *
 * @param kind key of the kind in the rulebook
 * @param round 0 for the first of its kind, then 1, 2 …
 */
public record PlannedVisit(String kind, int round, LocalDate earliest, LocalDate target, LocalDate latest) {

    /** True from its earliest day on. */
    public boolean due(LocalDate today) {
        return !today.isBefore(earliest);
    }

    /** True past its latest day. */
    public boolean overdue(LocalDate today) {
        return today.isAfter(latest);
    }
}
