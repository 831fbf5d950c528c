package baylantern.core.rules;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The words growers write, read from the rulebook, found without regard to case, accents, dots and extra spaces. */
public final class Words {

    private final Map<String, Map<String, String>> meanings = new HashMap<>();
    private final Map<String, Integer> months = new HashMap<>();
    private final Map<String, List<String>> phrases = new HashMap<>();
    private final Set<String> totals;
    private final Set<String> weekdays = new HashSet<>();

    private Words(Yaml file, Yaml phraseFile) {
        phraseFile.map().keySet().forEach(kind -> phrases.put(kind.toString(), phraseFile.texts(kind.toString())));
        for (String topic : new String[] {"columns", "parts", "techniques", "species", "covers", "weather"}) {
            meanings.put(topic, topic(file.at(topic)));
        }
        file.textMap("months").forEach((word, number) -> months.put(plain(word), Integer.valueOf(number)));
        totals = file.set("totals");
        file.texts("weekdays").forEach(day -> weekdays.add(plain(day)));
    }

    /** The words as shipped. */
    public static Words shipped() {
        return new Words(Yaml.file("words.yaml"), Yaml.file("phrases.yaml"));
    }

    private static Map<String, String> topic(Yaml file) {
        Map<String, String> found = new HashMap<>();
        file.map()
                .keySet()
                .forEach(meaning -> file.texts(meaning.toString())
                        .forEach(word -> found.putIfAbsent(plain(word), meaning.toString())));
        return found;
    }

    /** The meaning of a word in a topic: columns, parts, techniques, species, covers or weather. */
    public Optional<String> meaning(String topic, String word) {
        return Optional.ofNullable(topic(topic).get(plain(word)));
    }

    /** All words of a topic in plain spelling, with their meaning. */
    public Map<String, String> topic(String topic) {
        return meanings.getOrDefault(topic, Map.of());
    }

    /** The words of one kind in phrases about a graft's fate, as they are written; none where there is no such kind. */
    public List<String> phraseWords(String kind) {
        return phrases.getOrDefault(kind, List.of());
    }

    /** 1 to 12 for a month's name or its first letters, empty otherwise. */
    public Optional<Integer> month(String word) {
        return Optional.ofNullable(months.get(plain(word)));
    }

    /** True for a day of the week, whole or in its first letters. */
    public boolean weekday(String word) {
        return weekdays.contains(plain(word));
    }

    /** True for a word that heads a totals row. */
    public boolean total(String word) {
        return totals.contains(plain(word).replaceAll("[^\\p{L} ]", "").strip());
    }

    /** Lower case, without accents, dots and apostrophes, with single spaces. */
    public static String plain(String word) {
        String bare = Normalizer.normalize(word, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
        String spaced = bare.replaceAll("[.'’`´]", "").replaceAll("[\\s\\u00a0_]+", " ");
        return spaced.strip().toLowerCase(Locale.ROOT);
    }
}
