package baylantern.core.rules;

import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Figures about scion wood: when a stick is ready, how long it keeps, how blades are kept clean.
 *
 * @param looks how each state of each look is judged, by look and state
 * @param measures what a measure outside its range means
 * @param species what each species wants; under "other" for those not named
 * @param keeping how long wood keeps, by species; under "other" for those not named
 * @param figures further figures by name
 */
public record WoodRules(
        Map<String, LookRule> looks,
        Map<String, MeasureRule> measures,
        Map<String, WoodKind> species,
        Map<String, Keep> keeping,
        Map<String, Figure> figures) {

    /** Holds just the figures of its subject. */
    public WoodRules {
        FigureName.checked(FigureName.Subject.WOOD, figures);
    }

    /** How good a stick is; worse ones come later. */
    public enum Grade {
        A("ready"),
        B("usable, with an action"),
        C("last resort"),
        X("leave it");

        private final String words;

        Grade(String words) {
            this.words = words;
        }

        /** As the grower says it. */
        public String words() {
            return words;
        }

        /** The worse of two. */
        public Grade worse(Grade other) {
            return ordinal() >= other.ordinal() ? this : other;
        }
    }

    /**
     * What a state of a stick means.
     *
     * @param points 0 to 1
     * @param act what to do about it, null for nothing
     * @param waitHd healing days to wait while the stick is on its tree, 0 for none
     * @param cut what holds instead once it is cut, null for the same
     */
    public record Verdict(
            Grade grade,
            double points,
            @Nullable String act,
            double waitHd,
            String why,
            @Nullable Verdict cut) {

        /** The verdict on a stick on its tree, or cut. */
        public Verdict held(boolean isCut) {
            return isCut && cut != null ? cut : this;
        }
    }

    /** One thing to look at, how much it weighs, and its states. */
    public record LookRule(double weight, Map<String, Verdict> states) {}

    /** The most any stick can be measured to, mm or buds. */
    private static final double MOST_MEASURED = 1000;

    /**
     * The verdict of a look's state in general; throws {@link IllegalArgumentException}, naming what the look can show,
     * where it cannot show that.
     */
    public static Verdict shown(String look, LookRule rule, String state) {
        Verdict verdict = rule.states().get(state);
        if (verdict == null) {
            throw new IllegalArgumentException(look + " cannot be " + state + "; it is one of "
                    + String.join(", ", rule.states().keySet()) + ".");
        }
        return verdict;
    }

    /** A measure as it is; throws {@link IllegalArgumentException} with its range where no stick measures that. */
    public static double measured(String name, double x) {
        if (!(x >= 0 && x <= MOST_MEASURED)) {
            throw new IllegalArgumentException(name + " of " + x + " cannot be; it lies from 0 to 1000.");
        }
        return x;
    }

    /**
     * One thing to measure.
     *
     * @param far share of the limit beyond which it is much worse, 0 to 1
     */
    public record MeasureRule(
            String unit, double weight, double far, Verdict below, Verdict above, Verdict farBelow, Verdict farAbove) {}

    /**
     * What a species wants of its wood.
     *
     * @param measures ranges by measure; those not named do not matter
     * @param states verdicts that differ from the general ones, by look and state
     */
    public record WoodKind(String wants, Map<String, Figure> measures, Map<String, Map<String, Verdict>> states) {}

    /**
     * How long wood keeps: days to 70 % viability, well wrapped, at the warmth of a cool box, a fridge and the shade.
     *
     * @param q10 how many times faster it ages for each 10 °C
     * @param chillBelowC warmth under which buds are hurt, null for none
     * @param chillWhy what happens then
     */
    public record Keep(
            double coolBoxDays,
            double fridgeDays,
            double ambientDays,
            double q10,
            @Nullable Double chillBelowC,
            @Nullable String chillWhy) {

        /** Which cold hurts its buds, as a sentence goes on; empty where none does. */
        public Optional<String> chillWords() {
            return Optional.ofNullable(chillBelowC).map(limit -> "below " + Quantity.of(limit, "°C") + " " + chillWhy);
        }
    }

    /** What the species wants of its wood. */
    public WoodKind kind(String speciesKey) {
        return Optional.ofNullable(species.get(speciesKey)).orElseGet(() -> species.get("other"));
    }

    /** How long wood of the species keeps. */
    public Keep keep(String speciesKey) {
        return Optional.ofNullable(keeping.get(speciesKey)).orElseGet(() -> keeping.get("other"));
    }

    /** The verdict of a species on a state of a look; throws {@link IllegalArgumentException} where there is none. */
    public Verdict verdict(String speciesKey, String look, String state) {
        Verdict own = kind(speciesKey).states().getOrDefault(look, Map.of()).get(state);
        Verdict general = looks.containsKey(look) ? looks.get(look).states().get(state) : null;
        if (own == null && general == null) {
            throw new IllegalArgumentException(look + " cannot be " + state);
        }
        return own != null ? own : java.util.Objects.requireNonNull(general);
    }

    WoodRules with(FigureChange change, RowChange rows) {
        return new WoodRules(
                rows.of(book -> book.wood().looks()),
                rows.of(book -> book.wood().measures()),
                rows.of(book -> book.wood().species()),
                rows.of(book -> book.wood().keeping()),
                change.of("", figures));
    }

    /** The named figure. */
    public Figure figure(FigureName name) {
        return name.in(figures);
    }

    /** The value of the named figure. */
    public double value(FigureName name) {
        return figure(name).value();
    }
}
