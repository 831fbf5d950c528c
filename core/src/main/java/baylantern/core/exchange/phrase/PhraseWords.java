package baylantern.core.exchange.phrase;

import baylantern.core.rules.Words;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words of phrases about a graft's fate, and how a phrase is cut into them. */
public final class PhraseWords {

    private static final int LONGEST = 5;

    private static final Pattern PIECE = Pattern.compile(
            "\\d+(?:[.,]\\d+)?\\s*%|\\d+\\s*/\\s*\\d+|\\d+(?:[.,]\\d+)?|[\\p{L}]+|→|[-=]>|\\s-\\s|[,;:.!()\\[\\]/\\n–—|]|\\?|[^\\s\\p{L}\\d]");
    private static final Pattern ELIDED =
            Pattern.compile("(?<![\\p{L}'])(n|l|d|s|c|j|m|t|qu|un|all|dell|dall|nell|sull)'(?=\\p{L})");

    private final Map<String, WordKind> kinds = new HashMap<>();
    private final Map<WordKind, Set<String>> alone = new EnumMap<>(WordKind.class);

    /** Takes them from the rulebook; worth keeping, since there are some two thousand. */
    public PhraseWords(Words book) {
        for (WordKind kind : WordKind.values()) {
            if (kind == WordKind.STRANGE || kind == WordKind.STOP) {
                continue;
            }
            Set<String> words = new HashSet<>();
            book.phraseWords(kind.name()).forEach(word -> words.add(plain(word)));
            alone.put(kind, words);
            words.forEach(word -> kinds.putIfAbsent(word, kind));
        }
    }

    /** One word, or several that stand for one thing. */
    record Word(String text, WordKind kind) {}

    /** Lower case, without accents; elided words apart, other apostrophes gone. */
    static String plain(String text) {
        String bare = Normalizer.normalize(text, Normalizer.Form.NFKD).replaceAll("\\p{M}", "");
        String lower = bare.toLowerCase(Locale.ROOT)
                .replace("ß", "ss")
                .replace("œ", "oe")
                .replaceAll("(?<=\\p{L})-(?=\\p{L})", " ")
                .replaceAll("[’`´ʼ]", "'");
        return ELIDED.matcher(lower)
                .replaceAll(found -> found.group(1).equals("n") ? "ne " : " ")
                .replace("'", "")
                .replaceAll("[\\s\\u00a0_]+", " ")
                .strip();
    }

    /** True where the whole text is a word of this kind. */
    boolean alone(WordKind kind, String plain) {
        return alone.getOrDefault(kind, Set.of()).contains(plain);
    }

    /** Cuts a plain text into words; the longest that is known first. */
    List<Word> cut(String plain) {
        List<String> pieces = new ArrayList<>();
        Matcher piece = PIECE.matcher(plain);
        while (piece.find()) {
            pieces.add(piece.group().strip());
        }
        List<Word> words = new ArrayList<>();
        for (int at = 0; at < pieces.size(); ) {
            int length = longest(pieces, at);
            String text = String.join(" ", pieces.subList(at, at + length));
            words.add(new Word(text, kind(text)));
            at += length;
        }
        return words;
    }

    private int longest(List<String> pieces, int at) {
        for (int length = Math.min(LONGEST, pieces.size() - at); length > 1; length--) {
            if (kinds.containsKey(String.join(" ", pieces.subList(at, at + length)))) {
                return length;
            }
        }
        return 1;
    }

    private WordKind kind(String text) {
        if (text.matches("[,;:.!()\\[\\]/\\n–—|-]")) {
            return WordKind.STOP;
        }
        if (text.matches("→|[-=]>")) {
            return WordKind.THEN;
        }
        if (text.equals("&")) {
            return WordKind.FILLER;
        }
        if (text.matches("\\d.*")) {
            return number(text);
        }
        return kinds.getOrDefault(text, WordKind.STRANGE);
    }

    private static WordKind number(String text) {
        if (text.endsWith("%")) {
            return text.startsWith("100") ? WordKind.ALL : text.matches("0\\s*%") ? WordKind.NOT : WordKind.SOME;
        }
        if (text.contains("/")) {
            String[] parts = text.split("\\s*/\\s*");
            return share(parts[0], parts[1]);
        }
        return text.matches("(19|20)\\d\\d") ? WordKind.FILLER : text.equals("0") ? WordKind.NOT : WordKind.NUMBER;
    }

    /** What "so many of so many" says. */
    static WordKind share(String some, String of) {
        return some.equals(of) ? WordKind.ALL : some.equals("0") ? WordKind.NOT : WordKind.SOME;
    }
}
