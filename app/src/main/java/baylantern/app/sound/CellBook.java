package baylantern.app.sound;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What has been said of the cells and rows of every table. */
public final class CellBook {

    private final Map<String, Map<String, CellRule>> cells = new LinkedHashMap<>();
    private final Map<String, List<Within>> rows = new LinkedHashMap<>();
    private final Map<String, Map<String, Function<String, Named>>> names = new LinkedHashMap<>();

    CellBook(Stream<Cells> features) {
        features.forEach(feature -> feature.tell(this));
    }

    /** A row of a table, by its id. */
    public record Named(String table, String id) {}

    /** What must hold between the cells of a row. */
    public interface RowRule {

        /** Why this row cannot be, null where it can; a cell that is empty is no key of the row. */
        @Nullable
        String amiss(Map<String, String> row);
    }

    /** The same of a row that tells of other tables: what it tells is judged as they are. */
    interface Within {

        RowRule in(StoreShape shape, CellCheck cells);
    }

    /** Says what a cell holds. */
    public void cell(String table, String column, CellRule rule) {
        if (cells.computeIfAbsent(table, t -> new LinkedHashMap<>()).put(column, rule) != null) {
            throw new IllegalStateException(table + "." + column + " is told twice");
        }
    }

    /** Says of several columns that they hold the same. */
    public void cells(String table, CellRule rule, String... columns) {
        for (String column : columns) {
            cell(table, column, rule);
        }
    }

    /** Says that a cell names a row in a way of its own, which the store does not know; it is read as its rule has it. */
    public void names(String table, String column, Function<String, Named> row) {
        names.computeIfAbsent(table, t -> new LinkedHashMap<>()).put(column, row);
    }

    /** The row a cell names in a way of its own; null where it names none so. */
    @Nullable
    Named named(String table, String column, String text) {
        Function<String, Named> row = names.getOrDefault(table, Map.of()).get(column);
        return row == null ? null : row.apply(text);
    }

    /** Says what must hold between the cells of a row whose cells are all right by themselves. */
    public void row(String table, RowRule rule) {
        within(table, (shape, cells) -> rule);
    }

    @Nullable
    CellRule of(String table, String column) {
        return cells.getOrDefault(table, Map.of()).get(column);
    }

    void within(String table, Within rule) {
        rows.computeIfAbsent(table, t -> new ArrayList<>()).add(rule);
    }

    List<RowRule> of(String table, StoreShape shape, CellCheck cells) {
        return rows.getOrDefault(table, List.of()).stream()
                .map(rule -> rule.in(shape, cells))
                .toList();
    }

    /** Every rule, by table and column. */
    Map<String, Map<String, CellRule>> all() {
        return cells;
    }
}
