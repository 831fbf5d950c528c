package baylantern.core.exchange;

import baylantern.core.rules.Words;
import baylantern.core.table.DateReader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Proposes what each column holds, from its heading first and its cells second. */
final class ColumnGuesser {

    private static final int SAMPLE = 300;
    private static final double HEADING = 1.0;
    private static final double WHOLE_HEADING = 1.5;

    private final Words words;
    private final DateReader dates;

    ColumnGuesser(Words words) {
        this.words = words;
        this.dates = new DateReader(words);
    }

    private record Bid(int column, ColumnRole role, double score) {}

    List<ColumnRole> guess(NotebookTable table) {
        List<Bid> bids = new ArrayList<>();
        for (int column = 0; column < table.headings().size(); column++) {
            int at = column;
            scores(table, at).forEach((role, score) -> bids.add(new Bid(at, role, score)));
        }
        bids.sort(Comparator.comparingDouble(Bid::score).reversed().thenComparing(Bid::column));
        return settle(bids, table.headings().size());
    }

    // Best bid first; each role but notes is given once.
    private static List<ColumnRole> settle(List<Bid> bids, int width) {
        Map<Integer, ColumnRole> given = new java.util.HashMap<>();
        Set<ColumnRole> used = EnumSet.noneOf(ColumnRole.class);
        for (Bid bid : bids) {
            boolean free = bid.role() == ColumnRole.NOTES || !used.contains(bid.role());
            if (bid.score() >= 0.5 && free && !given.containsKey(bid.column())) {
                given.put(bid.column(), bid.role());
                used.add(bid.role());
            }
        }
        List<ColumnRole> roles = new ArrayList<>();
        for (int column = 0; column < width; column++) {
            roles.add(given.getOrDefault(column, ColumnRole.IGNORED));
        }
        return List.copyOf(roles);
    }

    private Map<ColumnRole, Double> scores(NotebookTable table, int column) {
        Map<ColumnRole, Double> scores = new EnumMap<>(ColumnRole.class);
        List<String> cells = table.lines().stream()
                .limit(SAMPLE)
                .map(line -> line.cell(column))
                .filter(cell -> !cell.isEmpty())
                .toList();
        content(cells, scores, column);
        String heading = table.headings().get(column);
        byHeading(heading, words)
                .ifPresent(role -> scores.merge(
                        role, words.meaning("columns", heading).isPresent() ? WHOLE_HEADING : HEADING, Double::sum));
        return scores;
    }

    private void content(List<String> cells, Map<ColumnRole, Double> scores, int column) {
        double date = share(cells, dates::looksLikeDate);
        scores.put(ColumnRole.MADE_ON, 0.9 * date - column * 0.001);
        scores.put(ColumnRole.SEEN_ON, 0.8 * date);
        scores.put(
                ColumnRole.SPECIES,
                share(cells, cell -> words.meaning("species", cell).isPresent()));
        scores.put(
                ColumnRole.TECHNIQUE,
                share(cells, cell -> words.meaning("techniques", cell).isPresent()));
        scores.put(
                ColumnRole.RESULT,
                share(cells, cell -> words.meaning("results", cell).isPresent()) * 0.9);
        double length = share(cells, cell -> date < 0.5 && LengthReader.looksLikeLength(cell));
        scores.put(ColumnRole.SCION_MM, 0.35 * length);
        scores.put(ColumnRole.STOCK_MM, 0.35 * length);
        scores.put(ColumnRole.PLANT, 0.7 * share(cells, cell -> cell.matches("\\p{L}{1,4}[- ]?\\d{1,5}")));
    }

    private static double share(List<String> cells, Predicate<String> test) {
        return cells.isEmpty() ? 0 : cells.stream().filter(test).count() / (double) cells.size();
    }

    /** A role whose words the heading is, or contains as whole words; the longest such word wins. */
    static Optional<ColumnRole> byHeading(String heading, Words words) {
        Optional<String> whole = words.meaning("columns", heading);
        if (whole.isPresent()) {
            return whole.map(ColumnRole::valueOf);
        }
        String plain =
                " " + Words.plain(heading).replaceAll("[^\\p{L}\\p{N}]+", " ").strip() + " ";
        if (plain.length() > 42) {
            return Optional.empty();
        }
        return words.topic("columns").entrySet().stream()
                .filter(word -> word.getKey().length() > 2 && plain.contains(" " + word.getKey() + " "))
                .max(Comparator.comparingInt(word -> word.getKey().length()))
                .map(word -> ColumnRole.valueOf(word.getValue()));
    }
}
