package baylantern.core.exchange.phrase;

import baylantern.core.exchange.phrase.PhraseWords.Word;
import java.util.List;
import java.util.Set;

/** Numbers in a phrase: of leaves and weeks, or of so many grafts among several. */
final class Counted {

    private static final Set<String> BUDS = Set.of(
            "bud",
            "buds",
            "eye",
            "eyes",
            "yema",
            "yemas",
            "gema",
            "gemas",
            "gomo",
            "gomos",
            "oeil",
            "yeux",
            "bourgeon",
            "bourgeons",
            "knospe",
            "knospen",
            "auge",
            "augen",
            "gemma",
            "gemme",
            "occhio",
            "occhi");

    private Counted() {}

    /**
     * True where every number counts growth or time: "2 leaves", "3 weeks", "1 bud pushed".
     *
     * @param growsOnly true where nothing but growth is said, and nothing denied
     */
    static boolean onlyGrowth(List<Word> words, boolean growsOnly) {
        boolean grows = growsOnly && words.stream().anyMatch(word -> word.kind().growth());
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i).kind() == WordKind.NUMBER
                    && (i + 1 == words.size() || !countsGrowth(words.get(i + 1), grows))) {
                return false;
            }
        }
        return true;
    }

    private static boolean countsGrowth(Word next, boolean grows) {
        boolean bud = next.kind() == WordKind.SCION && BUDS.contains(next.text());
        return next.kind() == WordKind.UNIT
                || next.kind().growth()
                || (grows && (bud || next.kind() == WordKind.FILLER));
    }
}
