package baylantern.core.place;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Short codes a person can say across a bench: two letters for the variety, the year, a number. */
public final class Codes {

    private static final String SPARE = "ABCDEFGHJKLMNPRSTUVWXYZ";

    private static final Pattern SAID =
            Pattern.compile("(\\p{Alpha}{2,3})[\\s./-]*(\\d\\d)[\\s./-]*([wW]?)\\s*(\\d{1,5})");

    private Codes() {}

    /**
     * Two letters for a variety, not among {@code taken}: first letters of two words, else the first letter with a
     * later one, else any free pair; after 529 varieties three letters.
     */
    public static String letters(String name, Set<String> taken) {
        return candidates(plain(name)).stream()
                .filter(code -> !taken.contains(code))
                .findFirst()
                .orElseGet(() -> anyFree(taken));
    }

    /** The code of a graft, for instance TL-26-018; numbers past 999 grow longer. */
    public static String graft(String letters, int year, int number) {
        if (!(number > 0)) {
            throw new IllegalArgumentException("graft numbers start at 1, not " + number);
        }
        return String.format(Locale.ROOT, "%s-%02d-%03d", letters, year % 100, number);
    }

    /** The code of a lot of wood, for instance TL-26-W07. */
    public static String lot(String letters, int year, int number) {
        if (!(number > 0)) {
            throw new IllegalArgumentException("lot numbers start at 1, not " + number);
        }
        return String.format(Locale.ROOT, "%s-%02d-W%02d", letters, year % 100, number);
    }

    /** The part of a graft's code before its number, for instance "TL-26-". */
    public static String graftStem(String letters, int year) {
        return String.format(Locale.ROOT, "%s-%02d-", letters, year % 100);
    }

    /**
     * A code as somebody says or types it, for instance "te26001", "TE 26 1" or "te 26 w4", written whole; empty where it
     * is none, or only a part of one.
     */
    public static Optional<String> read(String typed) {
        Matcher said = SAID.matcher(typed.strip());
        if (!said.matches() || Integer.parseInt(said.group(4)) == 0) {
            return Optional.empty();
        }
        String letters = said.group(1).toUpperCase(Locale.ROOT);
        int year = Integer.parseInt(said.group(2));
        int number = Integer.parseInt(said.group(4));
        return Optional.of(said.group(3).isEmpty() ? graft(letters, year, number) : lot(letters, year, number));
    }

    private static String plain(String name) {
        String bare = Normalizer.normalize(name, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
        return bare.toUpperCase(Locale.ROOT).replaceAll("[^A-Z ]", "").strip();
    }

    private static List<String> candidates(String plain) {
        List<String> found = new ArrayList<>();
        String[] words = plain.split(" +");
        if (words.length > 1) {
            found.add("" + words[0].charAt(0) + words[1].charAt(0));
        }
        String letters = plain.replace(" ", "");
        for (int i = 1; i < letters.length(); i++) {
            found.add("" + letters.charAt(0) + letters.charAt(i));
        }
        return found;
    }

    private static String anyFree(Set<String> taken) {
        return SPARE.chars()
                .boxed()
                .flatMap(a -> SPARE.chars().mapToObj(b -> "" + (char) a.intValue() + (char) b))
                .filter(code -> !taken.contains(code))
                .findFirst()
                .orElseGet(() -> "Z" + (taken.size() + 1));
    }
}
