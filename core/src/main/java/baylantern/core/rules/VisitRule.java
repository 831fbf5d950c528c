package baylantern.core.rules;

import java.util.Optional;
import java.util.Set;

/**
 * When one kind of visit is due for one group of techniques; all times in healing days.
 *
 * @param after the life the count starts from: MADE, ALIVE, LEAFED, FIRM or SECOND_FLUSH
 * @param from earliest
 * @param aim target
 * @param to latest
 * @param every comes again so long after the last look; empty for a single visit
 * @param until the life from which it is no longer needed
 * @param covers only with one of these covers; empty for any
 * @param schools only with one of these, written question=school; empty for any
 */
public record VisitRule(
        Technique.Group group,
        String after,
        double from,
        double aim,
        double to,
        Optional<Double> every,
        Optional<String> until,
        Set<String> covers,
        Set<String> schools) {

    /** Requires {@code 0 <= from <= aim <= to}. */
    public VisitRule {
        if (!(0 <= from && from <= aim && aim <= to)) {
            throw new IllegalArgumentException(
                    "a visit needs 0 ≤ from ≤ aim ≤ to, not " + from + ", " + aim + ", " + to);
        }
    }
}
