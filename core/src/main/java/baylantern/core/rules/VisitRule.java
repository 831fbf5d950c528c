package baylantern.core.rules;

import java.util.Optional;
import java.util.Set;

/**
 * When one kind of visit is due, and for which grafts.
 *
 * @param groups techniques that share their aftercare
 */
public record VisitRule(Set<Technique.Group> groups, When when, Where where) {

    /**
     * When it is due.
     *
     * @param after what the count starts from: a life such as MADE or LEAFED, something found such as CALLUS, or, with
     *     "done" before it, another kind of visit
     * @param from earliest, {@code 0 <= from <= aim <= to}
     * @param aim target
     * @param to latest
     * @param every comes again so long after the last look; empty for a single visit
     * @param until the life or the find from which it is no longer needed
     * @param unit what is counted
     */
    public record When(
            String after,
            double from,
            double aim,
            double to,
            Optional<Double> every,
            Optional<String> until,
            Unit unit,
            Optional<Size> size) {

        /** Requires {@code 0 <= from <= aim <= to}. */
        public When {
            if (!(0 <= from && from <= aim && aim <= to)) {
                throw new IllegalArgumentException(
                        "a visit needs 0 ≤ from ≤ aim ≤ to, not " + from + ", " + aim + ", " + to);
            }
        }
    }

    /** What a rule counts. */
    public enum Unit {
        HEALING_DAYS,
        DAYS,
        /** Days about the next midwinter. */
        MIDWINTER
    }

    /**
     * Lengths of the scion that open and end a visit once any length is known.
     *
     * @param fromMm it is due from here, {@code 0 < fromMm <= toMm}
     * @param toMm late from here
     */
    public record Size(double fromMm, double toMm) {

        /** Requires {@code 0 < fromMm <= toMm}. */
        public Size {
            if (!(0 < fromMm && fromMm <= toMm)) {
                throw new IllegalArgumentException("sizes of a visit need 0 < from ≤ to, not " + Quantity.mm(fromMm)
                        + " and " + Quantity.mm(toMm));
            }
        }
    }

    /**
     * For which grafts; an empty set is any.
     *
     * @param covers names of covers
     * @param schools any of these, written question=school
     * @param species only these
     * @param not none of these species
     * @param settings POT or GROUND
     * @param stockFromMm only on stocks this thick or thicker
     */
    public record Where(
            Set<String> covers,
            Set<String> schools,
            Set<String> species,
            Set<String> not,
            Set<String> settings,
            double stockFromMm) {}
}
