package baylantern.core.exchange;

import baylantern.core.bench.Cover;
import baylantern.core.rules.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The cover a remark speaks of. */
final class CoverWords {

    private static final Set<String> DENIALS =
            Set.of("no", "not", "without", "sin", "sem", "sans", "pas", "ohne", "kein", "keine", "senza", "non");

    private CoverWords() {}

    /** The cover named, unless "no", "sin" or their like stands right before it. */
    static Optional<Cover> named(String remark, Words words) {
        List<String> said = List.of(Words.plain(remark).split("[^\\p{L}\\p{N}]+"));
        return words.topic("covers").entrySet().stream()
                .filter(word -> said.contains(word.getKey()))
                .filter(word -> !denied(said, said.indexOf(word.getKey())))
                .map(word -> Cover.valueOf(word.getValue()))
                .findFirst();
    }

    private static boolean denied(List<String> said, int at) {
        return at > 0 && DENIALS.contains(said.get(at - 1));
    }
}
