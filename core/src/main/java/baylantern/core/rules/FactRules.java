package baylantern.core.rules;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** How what is known of a graft is told apart, and what is made of that. */
public record FactRules(Map<String, AspectRule> aspects, Map<String, Figure> figures) {

    /** Requires that all figures are there. */
    public FactRules {
        figures = FigureName.checked(FigureName.Subject.FACT, figures);
    }

    /** The better side of a mark. */
    public enum Side {
        LESS,
        MORE,
        NONE
    }

    /**
     * Something known of each graft.
     *
     * @param hand true where the grower can choose it
     * @param inTime true where its kinds follow each other in time, by their keys
     * @param steps how a number is cut into kinds, null where it is no number
     */
    public record AspectRule(
            String key,
            String words,
            boolean hand,
            boolean inTime,
            @Nullable Steps steps) {}

    /**
     * A number cut into kinds: under the first value, between two, from the last on.
     *
     * @param at rising
     * @param good which side of {@code mark} counts as the better one
     */
    public record Steps(String unit, List<Double> at, Side good, double mark) {

        /** Requires rising values with the mark among them. */
        public Steps {
            if (!at.stream().sorted().distinct().toList().equals(at) || !at.contains(mark)) {
                throw new IllegalStateException("steps rise and hold their mark, not " + at + ", " + mark);
            }
        }

        /** Which kind a number is of, 0 to the number of values. */
        public int kind(double number) {
            return (int) at.stream().filter(value -> number >= value).count();
        }

        /** A kind in words, such as "7 to 14 days". */
        public String words(int kind) {
            String of = unit.isEmpty() ? "" : unit.equals("°") ? unit : " " + unit;
            if (kind == 0) {
                return "under " + plain(at.get(0)) + of;
            }
            return kind == at.size()
                    ? plain(at.get(kind - 1)) + of + " and over"
                    : plain(at.get(kind - 1)) + " to " + plain(at.get(kind)) + of;
        }

        /** The better side in words, such as "under 7 days". */
        public String goodWords() {
            int kind = at.indexOf(mark);
            return switch (good) {
                case LESS -> new Steps(unit, List.of(mark), good, mark).words(0);
                case MORE -> new Steps(unit, List.of(mark), good, mark).words(1);
                case NONE -> words(kind);
            };
        }

        /** Whether a kind lies on the better side; false for all where neither is. */
        public boolean isGood(int kind) {
            int mark = at.indexOf(this.mark);
            return (good == Side.LESS && kind <= mark) || (good == Side.MORE && kind > mark);
        }

        private static String plain(double number) {
            return Plain.number(number);
        }
    }

    FactRules with(FigureChange change) {
        return new FactRules(aspects, change.of("", figures));
    }

    /** The value of a figure. */
    public double value(FigureName name) {
        return name.in(figures).value();
    }
}
