package baylantern.core.season.weather;

import baylantern.core.rules.Words;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Which heading of a weather file means what, and in which unit: "Max Temp (°F)", "Precip (in)", "Wind km/h". */
final class WeatherColumns {

    static final Words WORDS = Words.shipped();

    private static final String TOPIC = "weather";

    /** What a column may hold; what comes first is looked for first. */
    enum Role {
        DATE("date"),
        HUMIDITY("humidity"),
        WIND("wind"),
        RAIN("rain"),
        MIN("min"),
        MAX("max");

        final String key;

        Role(String key) {
            this.key = key;
        }
    }

    /** A column, with the meanings of the words in its heading. */
    record Column(String heading, Set<String> means) {

        boolean says(String meaning) {
            return means.contains(meaning);
        }
    }

    private final Map<Role, Column> byRole = new EnumMap<>(Role.class);

    /** Of the headings of a file; of several that mean the same the plainest counts. */
    WeatherColumns(Collection<String> headings) {
        List<Column> left = new ArrayList<>();
        for (String heading : headings) {
            Column column = new Column(heading, means(heading));
            if (!column.says("not")) {
                left.add(column);
            }
        }
        for (Role role : Role.values()) {
            left.stream()
                    .filter(column -> column.says(role.key))
                    .min((a, b) -> Integer.compare(a.means.size(), b.means.size()))
                    .ifPresent(column -> {
                        byRole.put(role, column);
                        left.removeIf(other -> other.says(role.key));
                    });
        }
    }

    /** The columns found. */
    Map<Role, Column> byRole() {
        return byRole;
    }

    private static Set<String> means(String heading) {
        String spaced = heading.replaceAll("(?<=\\p{Ll})(?=\\p{Lu})", " ");
        String bare = Normalizer.normalize(spaced, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
        return List.of(bare.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")).stream()
                .flatMap(word -> WORDS.meaning(TOPIC, word).stream())
                .collect(Collectors.toSet());
    }
}
