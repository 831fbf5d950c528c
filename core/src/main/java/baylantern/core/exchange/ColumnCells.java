package baylantern.core.exchange;

import baylantern.core.exchange.phrase.ResultReader;
import baylantern.core.rules.Words;
import baylantern.core.table.DateReader;
import java.util.List;
import java.util.function.Predicate;

/** The filled cells of one column: of what sort they are, each as a share of them from 0 to 1. */
record ColumnCells(List<String> cells, double filled, Words words, DateReader reader, ResultReader resultReader) {

    static ColumnCells of(List<String> all, Words words, DateReader reader, ResultReader results) {
        List<String> cells = all.stream().filter(cell -> !cell.isEmpty()).toList();
        double filled = all.isEmpty() ? 0 : cells.size() / (double) all.size();
        return new ColumnCells(cells, filled, words, reader, results);
    }

    double dates() {
        return share(reader::looksLikeDate);
    }

    double lengths() {
        return dates() >= 0.5 ? 0 : share(LengthReader::looksLikeLength);
    }

    double results() {
        return share(cell -> resultReader.read(cell).understood());
    }

    double known(String topic) {
        return share(cell -> words.meaning(topic, cell).isPresent());
    }

    /** Cells like codes of plants: letters and a number. */
    double codes() {
        return share(cell -> cell.matches("\\p{L}{1,4}[- ]?\\d{1,5}"));
    }

    long distinct() {
        return cells.stream().distinct().count();
    }

    /** How far the cells bear out a heading of this role; 1 where there are none. */
    double fits(ColumnRole role) {
        if (cells.isEmpty()) {
            return 1;
        }
        return switch (role) {
            case MADE_ON, SEEN_ON, WOOD_CUT_ON -> dates();
            case SCION_MM, STOCK_MM -> lengths();
            case VARIETY, SPECIES, TECHNIQUE, MAKER, SOURCE -> 1 - Math.max(dates(), lengths());
            case RESULT, PLACE -> 1 - dates();
            case PLANT -> 1 - Math.max(dates(), share(cell -> cell.matches("\\d+[.,]\\d+.*|\\d+ ?(mm|cm)")));
            case NOTES, IGNORED -> 1;
        };
    }

    private double share(Predicate<String> test) {
        return cells.isEmpty() ? 0 : cells.stream().filter(test).count() / (double) cells.size();
    }
}
