package baylantern.app.platform;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Figures that may be said to Java at the start: how finely the farm reckons. */
public final class SaidAtStart {

    /** By the name under which {@link LanternSettings} reads it. */
    private static final Map<String, FigureName> FIGURES =
            Map.of("lantern.weather-runs", FigureName.WEATHER_RUNS, "lantern.past-looks", FigureName.PAST_LOOKS);

    private SaidAtStart() {}

    /**
     * A plain sentence about one that cannot be reckoned with; empty where all can. 0 leaves it to the rulebook.
     *
     * @param said what was said under a name, null for nothing
     */
    public static Optional<String> wrong(UnaryOperator<String> said) {
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
}
