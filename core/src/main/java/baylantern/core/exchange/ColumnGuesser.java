package baylantern.core.exchange;

import baylantern.core.exchange.phrase.PhraseWords;
import baylantern.core.exchange.phrase.ResultReader;
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

/** Proposes what each column holds, from its heading first and its cells second. */
final class ColumnGuesser {

    private static final int SAMPLE = 300;
    private static final double HEADING = 1.0;
    private static final double WHOLE_HEADING = 1.5;

    /** What a heading counts for where no cell bears it out. */
    private static final double HEADING_ALONE = 0.35;

    private static final double FEWEST_FILLED = 0.2;
    private static final double MOSTLY = 0.6;
    private static final int FEW_WORDS = 12;

    private final Words words;
    private final DateReader dates;
    private final PhraseWords phrases;

    ColumnGuesser(Words words, DateReader dates, PhraseWords phrases) {
        this.words = words;
        this.dates = dates;
        this.phrases = phrases;
    }

    private ColumnCells cells(NotebookTable table, int column) {
        List<String> cells = table.lines().stream()
                .limit(SAMPLE)
                .map(line -> line.cell(column))
                .toList();
        return ColumnCells.of(
                cells, words, dates, new ResultReader(phrases, table.headings().get(column)));
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
        ColumnCells cells = cells(table, column);
        Map<ColumnRole, Double> scores = new EnumMap<>(ColumnRole.class);
        content(cells, scores, column);
        String heading = table.headings().get(column);
        byHeading(heading, words)
                .ifPresent(role -> scores.merge(
                        role,
                        (words.meaning("columns", heading).isPresent() ? WHOLE_HEADING : HEADING)
                                * (HEADING_ALONE + (1 - HEADING_ALONE) * cells.fits(role)),
                        Double::sum));
        PartHeading part = PartHeading.of(heading, words);
        if (part.around()) {
            scores.remove(ColumnRole.SCION_MM);
            scores.remove(ColumnRole.STOCK_MM);
        }
        part.thickness().ifPresent(role -> {
            double told = part.thick() ? WHOLE_HEADING : HEADING;
            scores.merge(role, told * cells.lengths(), Double::sum);
        });
        return scores;
    }

    private static void content(ColumnCells cells, Map<ColumnRole, Double> scores, int column) {
        scores.put(ColumnRole.MADE_ON, 0.9 * cells.dates() - column * 0.001);
        scores.put(ColumnRole.SEEN_ON, 0.8 * cells.dates());
        scores.put(ColumnRole.SPECIES, cells.known("species"));
        scores.put(ColumnRole.TECHNIQUE, cells.known("techniques"));
        scores.put(ColumnRole.RESULT, 0.9 * cells.results());
        scores.put(ColumnRole.SCION_MM, 0.35 * cells.lengths());
        scores.put(ColumnRole.STOCK_MM, 0.35 * cells.lengths());
        scores.put(ColumnRole.PLANT, 0.7 * cells.codes());
    }

    /** Why a column that is left out should be looked at; empty where nothing speaks for it. */
    Optional<String> ask(NotebookTable table, int column) {
        ColumnCells cells = cells(table, column);
        if (cells.filled() < FEWEST_FILLED || cells.distinct() < 2) {
            return Optional.empty();
        }
        if (cells.dates() >= MOSTLY) {
            return Optional.of("It holds days. Of what?");
        }
        if (PartHeading.of(table.headings().get(column), words).around()) {
            return Optional.of("It looks like a measure around. A thickness is wanted: about a third of it.");
        }
        if (cells.lengths() >= MOSTLY) {
            return Optional.of("It holds numbers that may be thicknesses. Of the scion, or of the stock?");
        }
        if (cells.results() >= MOSTLY) {
            return Optional.of("It holds words of how grafts fared.");
        }
        return Optional.of(
                cells.distinct() <= FEW_WORDS
                                && cells.distinct() * 2 <= cells.cells().size()
                        ? "It holds the same few words again and again. Who, where, or how?"
                        : "It is filled in " + cells.cells().size() + " of the first "
                                + Math.min(SAMPLE, table.lines().size()) + " rows. Notes?");
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
