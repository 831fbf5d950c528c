package baylantern.core.exchange;

import baylantern.core.rules.Words;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** What the words of one column mean: the grower's corrections first, the rulebook next, then words inside a phrase. */
final class WordBook {

    private final String topic;
    private final Words words;
    private final Map<String, String> corrected;
    private final Map<String, Seen> seen = new LinkedHashMap<>();

    private record Seen(String word, @Nullable String meaning, int rows) {}

    WordBook(String topic, Words words, Map<String, String> corrections) {
        this.topic = topic;
        this.words = words;
        this.corrected = new LinkedHashMap<>();
        corrections.forEach((word, meaning) -> corrected.put(Words.plain(word), meaning));
    }

    /** The meaning of a word, remembered for the report; empty where it is not known. */
    Optional<String> read(String word) {
        if (word.isBlank()) {
            return Optional.empty();
        }
        String plain = Words.plain(word);
        Seen known = seen.get(plain);
        Seen now = known == null
                ? new Seen(word, meaning(plain), 1)
                : new Seen(known.word(), known.meaning(), known.rows() + 1);
        seen.put(plain, now);
        return Optional.ofNullable(now.meaning());
    }

    /** The meaning of a word without counting it. */
    Optional<String> peek(String word) {
        return word.isBlank() ? Optional.empty() : Optional.ofNullable(meaning(Words.plain(word)));
    }

    private @Nullable String meaning(String plain) {
        String chosen = corrected.get(plain);
        if (chosen != null) {
            return chosen.isEmpty() ? null : chosen;
        }
        return words.meaning(topic, plain).or(() -> inside(plain)).orElse(null);
    }

    // A phrase means what its known words mean, if they agree.
    private Optional<String> inside(String plain) {
        String padded = " " + plain.replaceAll("[^\\p{L}\\p{N}&+/]+", " ").strip() + " ";
        Optional<String> exact = words.meaning(topic, padded.strip());
        if (exact.isPresent()) {
            return exact;
        }
        Set<String> meanings = new TreeSet<>();
        int longest = 0;
        for (Map.Entry<String, String> word : words.topic(topic).entrySet()) {
            int length = word.getKey().length();
            if (length > 2 && padded.contains(" " + word.getKey() + " ")) {
                if (length > longest) {
                    meanings.clear();
                }
                longest = Math.max(longest, length);
                if (length == longest) {
                    meanings.add(word.getValue());
                }
            }
        }
        return meanings.size() == 1 ? Optional.of(meanings.iterator().next()) : Optional.empty();
    }

    List<NotebookReport.WordGuess> guesses() {
        return seen.values().stream()
                .map(found -> new NotebookReport.WordGuess(topic, found.word(), found.meaning(), found.rows()))
                .toList();
    }
}
