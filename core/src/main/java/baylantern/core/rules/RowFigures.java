package baylantern.core.rules;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The figures that stand in rows.
 *
 * @param rows as shipped, by key
 * @param figures as they are now, by key
 * @param now the rows as they are now; null where they stand as they were read
 */
record RowFigures(
        Map<String, RowNumbers.Row> rows,
        Map<String, Figure> figures,
        @Nullable Supplier<Rulebook> now) {

    /** Those that were read. */
    static RowFigures of(RowNumbers numbers) {
        Map<String, Figure> figures = new LinkedHashMap<>();
        numbers.rows().forEach((key, row) -> figures.put(key, row.figure()));
        return new RowFigures(numbers.rows(), figures, null);
    }

    RowFigures with(FigureChange change, @Nullable Supplier<Rulebook> now) {
        return new RowFigures(rows, change.of("", figures), now);
    }
}
