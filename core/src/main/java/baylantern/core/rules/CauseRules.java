package baylantern.core.rules;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the rulebook knows of why grafts fail; every key but that of a figure is a cause's, a sign's or a circumstance's. */
public record CauseRules(
        Map<String, CauseRule> causes,
        Map<String, SignRule> signs,
        Map<String, CircumstanceRule> circumstances,
        Map<String, Figure> figures) {

    /** Requires that all figures are there and that every cause named is one. */
    public CauseRules {
        figures = FigureName.checked(FigureName.Subject.CAUSE, figures);
        for (SignRule sign : signs.values()) {
            known(causes, sign.with());
        }
        for (CircumstanceRule circumstance : circumstances.values()) {
            known(causes, circumstance.times());
        }
    }

    private static void known(Map<String, CauseRule> causes, Map<String, Double> named) {
        if (!causes.keySet().containsAll(named.keySet())) {
            throw new IllegalStateException("no cause is called one of " + named.keySet());
        }
    }

    /**
     * A cause.
     *
     * @param weight beside those of the others, before anything is seen
     * @param byGroup other weights for groups of techniques
     * @param change what to do differently
     * @param link where that is set
     */
    public record CauseRule(String name, double weight, Map<String, Double> byGroup, String change, String link) {}

    /**
     * A sign at the plant.
     *
     * @param other how often it is seen where the cause is none of those named, 0 to 1
     * @param with how often it is seen with a cause, 0 to 1
     */
    public record SignRule(double other, Map<String, Double> with) {

        /** How often it is seen with a cause. */
        public double seenWith(String cause) {
            return Optional.ofNullable(with.get(cause)).orElse(other);
        }
    }

    /**
     * Something on record.
     *
     * @param group of those in one group only the strongest counts
     * @param late kinds of visit it stands for that were late
     * @param times how many times likelier a cause is
     */
    public record CircumstanceRule(String group, String words, Set<String> late, Map<String, Double> times) {}

    CauseRules with(FigureChange change, RowChange rows) {
        return new CauseRules(
                rows.of(book -> book.causes().causes()),
                rows.of(book -> book.causes().signs()),
                rows.of(book -> book.causes().circumstances()),
                change.of("", figures));
    }

    /** The value of a figure. */
    public double value(FigureName name) {
        return name.in(figures).value();
    }
}
