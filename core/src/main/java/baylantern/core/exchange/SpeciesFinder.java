package baylantern.core.exchange;

import baylantern.core.rules.Words;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The species of a row that does not say: what the same variety is elsewhere, what the farm knows, what the variety's
 * own words say, and last what plants with the same letters in their code are.
 */
final class SpeciesFinder {

    private final Words words;
    private final Map<String, String> chosen = new HashMap<>();
    private final Map<String, String> known = new HashMap<>();
    private final Map<String, Map<String, Integer>> byVariety = new HashMap<>();
    private final Map<String, Map<String, Integer>> byLetters = new HashMap<>();

    SpeciesFinder(Words words, Map<String, String> chosen, Map<String, String> known) {
        this.words = words;
        chosen.forEach((variety, species) -> this.chosen.put(Words.plain(variety), species));
        known.forEach((variety, species) -> this.known.put(Words.plain(variety), species));
    }

    void learn(String variety, String plant, String species) {
        byVariety.computeIfAbsent(Words.plain(variety), k -> new HashMap<>()).merge(species, 1, Integer::sum);
        letters(plant)
                .ifPresent(key ->
                        byLetters.computeIfAbsent(key, k -> new HashMap<>()).merge(species, 1, Integer::sum));
    }

    Optional<String> find(String variety, String plant) {
        String plain = Words.plain(variety);
        return Optional.ofNullable(chosen.get(plain))
                .or(() -> commonest(byVariety.get(plain)))
                .or(() -> Optional.ofNullable(known.get(plain)))
                .or(() -> inName(plain))
                .or(() -> letters(plant).flatMap(key -> commonest(byLetters.get(key))));
    }

    private Optional<String> inName(String plain) {
        return java.util.Arrays.stream(plain.split("[^\\p{L}]+"))
                .flatMap(word -> words.meaning("species", word).stream())
                .findFirst();
    }

    private static Optional<String> commonest(@org.jspecify.annotations.Nullable Map<String, Integer> counts) {
        return counts == null
                ? Optional.empty()
                : counts.entrySet().stream()
                        .max(Comparator.comparingInt(Map.Entry::getValue))
                        .map(Map.Entry::getKey);
    }

    private static Optional<String> letters(String plant) {
        String letters = plant.replaceAll("[^\\p{L}].*", "").toUpperCase(java.util.Locale.ROOT);
        return letters.length() >= 2 ? Optional.of(letters) : Optional.empty();
    }
}
