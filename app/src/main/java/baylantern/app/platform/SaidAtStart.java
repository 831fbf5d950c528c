package baylantern.app.platform;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.OwnFigures;
import baylantern.core.rules.Rulebook;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** How finely the farm reckons, as it was said at its start; it stands before what the grower says. */
public final class SaidAtStart implements OwnFigures {

    private static final Map<String, FigureName> FIGURES =
            Map.of("lantern.weather-runs", FigureName.WEATHER_RUNS, "lantern.past-looks", FigureName.PAST_LOOKS);

    private final Map<String, Double> said = new HashMap<>();
    private final OwnFigures own;

    /**
     * What was said before what the grower says; throws {@link IllegalArgumentException} where it cannot be reckoned with.
     *
     * @param said what was said under a name, null for nothing
     */
    SaidAtStart(Function<String, @Nullable String> said, OwnFigures own) {
        wrong(said).ifPresent(sentence -> {
            throw new IllegalArgumentException(sentence);
        });
        this.own = own;
        FIGURES.forEach((name, figure) -> {
            String word = said.apply(name);
            if (word != null && Integer.parseInt(word) > 0) {
                this.said.put(figure.key(), (double) Integer.parseInt(word));
            }
        });
    }

    /**
     * A plain sentence about what was said and cannot be reckoned with; empty where all can. 0 leaves it to the rulebook.
     *
     * @param said what was said under a name, null for nothing
     */
    public static Optional<String> wrong(Function<String, @Nullable String> said) {
        return FIGURES.entrySet().stream()
                .flatMap(one -> Optional.ofNullable(said.apply(one.getKey())).stream()
                        .filter(word -> !reckoned(word, figure(one.getValue())))
                        .map(word -> sentence(one.getKey(), word, figure(one.getValue()))))
                .sorted()
                .findFirst();
    }

    private static Figure figure(FigureName name) {
        return Rulebook.shipped().flush().figure(name);
    }

    private static boolean reckoned(String word, Figure figure) {
        try {
            int number = Integer.parseInt(word);
            return number == 0 || figure.spans(number);
        } catch (NumberFormatException e) {
            return false;
        }
    }

    private static String sentence(String name, String word, Figure figure) {
        return String.format(
                Locale.ROOT,
                "%s is \"%s\"; it must be a whole number from %.0f to %.0f.",
                name,
                word,
                figure.low(),
                figure.high());
    }

    @Override
    public @Nullable Double of(String of, String key) {
        return said.containsKey(key) ? said.get(key) : own.of(of, key);
    }

    @Override
    public Map<String, Double> ofAll() {
        return own.ofAll();
    }
}
