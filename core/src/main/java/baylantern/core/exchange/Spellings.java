package baylantern.core.exchange;

import baylantern.core.rules.Known;
import baylantern.core.rules.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Finds spellings of one name: same but for case, spaces and accents, or a near miss of a commoner one. */
final class Spellings {

    private static final double RARE_SHARE = 0.34;
    private static final int NEAR_LENGTH = 5;
    private static final int FAR_LENGTH = 7;

    private final Map<String, Map<String, Integer>> byPlain = new LinkedHashMap<>();

    void add(String spelling) {
        if (!spelling.isBlank()) {
            String tidy = spelling.strip();
            byPlain.computeIfAbsent(Words.plain(tidy), k -> new LinkedHashMap<>())
                    .merge(tidy, 1, Integer::sum);
        }
    }

    /** Every spelling that would change, with what it would become. */
    List<Spelling> proposals() {
        List<Spelling> found = new ArrayList<>();
        Map<String, String> best = new HashMap<>();
        byPlain.forEach((plain, spellings) -> best.put(plain, commonest(spellings)));
        byPlain.forEach((plain, spellings) -> spellings.forEach((spelling, rows) -> {
            if (!spelling.equals(best.get(plain))) {
                found.add(new Spelling(spelling, Known.in(best, plain), rows, Spelling.Likeness.SAME_LETTERS));
            }
        }));
        byPlain.keySet().forEach(plain -> nearest(plain, best, found));
        return List.copyOf(found);
    }

    private void nearest(String plain, Map<String, String> best, List<Spelling> found) {
        byPlain.keySet().stream()
                .filter(other -> !other.equals(plain) && rows(plain) <= RARE_SHARE * rows(other))
                .filter(other -> likeness(plain, other).isPresent())
                .max(Comparator.comparingInt(this::rows))
                .ifPresent(other -> likeness(plain, other)
                        .ifPresent(like -> found.add(
                                new Spelling(Known.in(best, plain), Known.in(best, other), rows(plain), like))));
        initial(plain, best, found);
    }

    // A lone initial belongs to the only name that begins with it.
    private void initial(String plain, Map<String, String> best, List<Spelling> found) {
        if (plain.length() != 1) {
            return;
        }
        List<String> names = byPlain.keySet().stream()
                .filter(other -> other.length() > 1 && other.startsWith(plain))
                .toList();
        if (names.size() == 1) {
            found.add(new Spelling(
                    Known.in(best, plain), Known.in(best, names.get(0)), rows(plain), Spelling.Likeness.INITIAL));
        }
    }

    private static Optional<Spelling.Likeness> likeness(String rare, String common) {
        if (!rare.replaceAll("\\D", "").equals(common.replaceAll("\\D", ""))) {
            return Optional.empty();
        }
        int most = common.length() >= FAR_LENGTH ? 2 : common.length() >= NEAR_LENGTH ? 1 : 0;
        boolean near = most > 0 && new LevenshteinDistance(most).apply(rare, common) >= 0;
        return near ? Optional.of(Spelling.Likeness.NEAR_MISS) : Optional.empty();
    }

    private int rows(String plain) {
        return Known.in(byPlain, plain).values().stream()
                .mapToInt(Integer::intValue)
                .sum();
    }

    // The commonest, then one that is not all capitals or all small letters, then single-spaced.
    private static String commonest(Map<String, Integer> spellings) {
        return spellings.entrySet().stream()
                .max(Comparator.comparingInt((Map.Entry<String, Integer> e) -> mixedCase(e.getKey()) ? 1 : 0)
                        .thenComparingInt(e -> e.getValue()))
                .orElseThrow()
                .getKey()
                .replaceAll("\\s+", " ");
    }

    private static boolean mixedCase(String s) {
        return !s.equals(s.toUpperCase(java.util.Locale.ROOT)) && !s.equals(s.toLowerCase(java.util.Locale.ROOT));
    }
}
