package baylantern.core.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Figures about fit: bark, tolerance, cuts, choice of technique, pairing, limbs.
 *
 * @param figures figures by name
 * @param traits what else a technique asks and gives, by technique key
 * @param favours techniques that serve a species better, by species key
 * @param hinders techniques that serve a species worse, by species key
 */
public record FitRules(
        Map<String, Figure> figures,
        Map<String, Trait> traits,
        Map<String, Favour> favours,
        Map<String, Favour> hinders) {

    /** Holds just the figures of its subject. */
    public FitRules {
        FigureName.checked(FigureName.Subject.FIT, figures);
    }

    /**
     * What a technique asks of the maker and gives.
     *
     * @param skill 1 anyone, 2 practised, 3 a steady hand
     * @param hold how firmly it holds itself while it heals, 0 to 1
     * @param insurance share of the stock that is left for another try where the graft fails, 0 to 1
     * @param rest how well it does while the stock rests, 0 to 1
     * @param active how well it does while the stock grows, 0 to 1
     * @param needs what it is made of
     * @param best the sizes it was made for
     * @param tool whether it is cut with a hand tool of its own
     * @param lowestMm how low on the stem it is made at least, in mm above soil
     */
    public record Trait(
            int skill,
            double hold,
            double insurance,
            double rest,
            double active,
            Needs needs,
            boolean tool,
            double lowestMm,
            MadeFor best) {}

    /**
     * The sizes a technique was made for.
     *
     * @param from lowest ratio of scion to stock
     * @param to highest such ratio
     * @param thickestMm scion beyond which its cuts are hard to make true and to tie, in mm
     */
    public record MadeFor(double from, double to, double thickestMm) {}

    /** What a graft is made of. */
    public enum Needs {
        STICK("a stick"),
        BUD("a single bud"),
        ROOTED("a rooted plant");

        private final String words;

        Needs(String words) {
            this.words = words;
        }

        /** As the grower says it. */
        public String words() {
            return words;
        }
    }

    /** Techniques that serve a species better or worse than others, and why. */
    public record Favour(List<String> techniques, String why) {}

    FitRules with(FigureChange change, RowChange rows) {
        return new FitRules(change.of("", figures), rows.of(book -> book.fit().traits()), favours, hinders);
    }

    /** The named figure. */
    public Figure figure(FigureName name) {
        return name.in(figures);
    }

    /** The value of the named figure. */
    public double value(FigureName name) {
        return figure(name).value();
    }

    /** Traits of a technique; throws {@link IllegalArgumentException} where there are none. */
    public Trait trait(String techniqueKey) {
        return Optional.ofNullable(traits.get(techniqueKey))
                .orElseThrow(() -> new IllegalArgumentException("no traits of " + techniqueKey));
    }
}
