package baylantern.core.rules;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * Figures about flushes, windows and the days before a graft.
 *
 * @param until where in the way from swell to swell each stage ends, 0 to 1, by stage
 * @param stock how ready a stock is at each stage, 0 to 1
 * @param slip how well bark slips at each stage, 0 to 1
 * @param wood how ready scion wood is at each stage, 0 to 1, by species; under "other" for those not named
 * @param figures further figures by name
 */
public record FlushRules(
        Map<BudStage, Double> until,
        Map<BudStage, Double> stock,
        Map<BudStage, Double> slip,
        Map<String, WoodRule> wood,
        Map<String, Figure> figures) {

    /** Holds just the figures of its subject; what is asked for by stage is asked often. */
    public FlushRules {
        until = byStage(until);
        stock = byStage(stock);
        slip = byStage(slip);
        FigureName.checked(FigureName.Subject.FLUSH, figures);
    }

    /**
     * Scion wood of a species.
     *
     * @param best the stage growers want, in words
     * @param shootsPerGraft shoots to pinch for one graft
     */
    public record WoodRule(Map<BudStage, Double> ready, String best, double shootsPerGraft) {}

    private static Map<BudStage, Double> byStage(Map<BudStage, Double> values) {
        return values instanceof LiveRows.View ? values : Collections.unmodifiableMap(new EnumMap<>(values));
    }

    /** The wood rule of a species. */
    public WoodRule woodOf(String speciesKey) {
        return Optional.ofNullable(wood.get(speciesKey)).orElseGet(() -> wood.get("other"));
    }

    /** The named figure. */
    public Figure figure(FigureName name) {
        return name.in(figures);
    }

    /** The value of the named figure. */
    public double value(FigureName name) {
        return figure(name).value();
    }

    FlushRules with(FigureChange change, RowChange rows) {
        return new FlushRules(
                rows.of(book -> book.flush().until),
                rows.of(book -> book.flush().stock),
                rows.of(book -> book.flush().slip),
                rows.of(book -> book.flush().wood()),
                change.of("", figures));
    }
}
