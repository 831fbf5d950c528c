package baylantern.app.platform;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.OwnFigures;
import baylantern.core.rules.Rulebook;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * How finely the farm reckons, as far as it was said at its start.
 *
 * @param figures what was said, by the key of the figure
 */
public record SaidAtStart(Map<String, Double> figures) {

    private record Named(String name, FigureName figure) {}

    private static final List<Named> NAMED = List.of(
            new Named("lantern.weather-runs", FigureName.WEATHER_RUNS),
            new Named("lantern.past-looks", FigureName.PAST_LOOKS));

    /**
     * Reads what was said; 0 leaves it to the rulebook. Throws {@link IllegalArgumentException} with a plain sentence where it
     * cannot be reckoned with.
     *
     * @param said what was said under a name, null for nothing
     */
    public static SaidAtStart read(Function<String, @Nullable String> said) {
        Map<String, Double> figures = new HashMap<>();
        for (Named one : NAMED) {
            String word = said.apply(one.name);
            if (word != null && !word.equals("0")) {
                figures.put(one.figure.key(), number(one, word));
            }
        }
        return new SaidAtStart(figures);
    }

    private static double number(Named one, String word) {
        Figure figure = Rulebook.shipped().flush().figure(one.figure);
        if (word.matches("\\d{1,9}") && figure.spans(Integer.parseInt(word))) {
            return Integer.parseInt(word);
        }
        throw new IllegalArgumentException(String.format(
                Locale.ROOT,
                "%s is \"%s\"; it must be a whole number from %.0f to %.0f.",
                one.name,
                word,
                figure.low(),
                figure.high()));
    }

    /** The grower's own figures, with what was said before them. */
    OwnFigures before(OwnFigures own) {
        return new OwnFigures() {

            @Override
            public @Nullable Double of(String of, String key) {
                return figures.containsKey(key) ? figures.get(key) : own.of(of, key);
            }

            @Override
            public Map<String, Double> ofAll() {
                return own.ofAll();
            }
        };
    }
}
