package baylantern.core.exchange;

import baylantern.core.exchange.phrase.ResultReader;
import baylantern.core.exchange.phrase.ResultReading;
import baylantern.core.rules.Words;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What the words of one column mean: the grower's corrections first, the rulebook next, then words inside a phrase. */
final class WordBook {

    private static final Meaning NONE = new Meaning(null, null);

    private final String topic;
    private final Function<String, Meaning> meanings;
    private final Map<String, String> corrected;
    private final Map<String, Seen> seen = new LinkedHashMap<>();

    private record Seen(String word, Meaning meaning, int rows) {}

    /** What a word means, or where that is not known why it is asked; neither where it simply stands in no list. */
    record Meaning(@Nullable String key, @Nullable String ask) {}

    /** Words of a topic in the rulebook, alone or inside a phrase. */
    static WordBook of(String topic, Words words, Map<String, String> corrections) {
        return new WordBook(
                topic,
                word -> new Meaning(
                        words.meaning(topic, word)
                                .or(() -> inside(topic, words, Words.plain(word)))
                                .orElse(null),
                        null),
                corrections);
    }

    /** What was written of a graft's fate. */
    static WordBook ofResults(ResultReader reader, Map<String, String> corrections) {
        return new WordBook(
                "results",
                word -> {
                    ResultReading read = reader.read(word);
                    return new Meaning(read.sign() == null ? null : read.sign().name(), read.ask());
                },
                corrections);
    }

    private WordBook(String topic, Function<String, Meaning> meanings, Map<String, String> corrections) {
        this.topic = topic;
        this.meanings = meanings;
        this.corrected = new LinkedHashMap<>();
        corrections.forEach((word, meaning) -> corrected.put(Words.plain(word), meaning));
    }

    /** The meaning of a word, remembered for the report. */
    Meaning read(String word) {
        if (word.isBlank()) {
            return NONE;
        }
        String plain = Words.plain(word);
        Seen known = seen.get(plain);
        Seen now = known == null
                ? new Seen(word, meaning(word, plain), 1)
                : new Seen(known.word(), known.meaning(), known.rows() + 1);
        seen.put(plain, now);
        return now.meaning();
    }

    /** The meaning of a word without counting it. */
    Optional<String> peek(String word) {
        return word.isBlank()
                ? Optional.empty()
                : Optional.ofNullable(meaning(word, Words.plain(word)).key());
    }

    private Meaning meaning(String word, String plain) {
        String chosen = corrected.get(plain);
        if (chosen != null) {
            return new Meaning(chosen.isEmpty() ? null : chosen, null);
        }
        return meanings.apply(word);
    }

    // A phrase means what its longest known words mean, if they agree.
    private static Optional<String> inside(String topic, Words words, String plain) {
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
                .map(found -> new NotebookReport.WordGuess(
                        topic,
                        found.word(),
                        found.meaning().key(),
                        found.meaning().ask(),
                        found.rows()))
                .toList();
    }
}
