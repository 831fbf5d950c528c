package baylantern.app.sound;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * What the store itself asks of its cells.
 *
 * @param columns by table, then by name
 * @param once sets of columns that together stand in a table once
 */
record StoreShape(Map<String, Map<String, Column>> columns, Map<String, List<List<String>>> once) {

    /** Sorts of values, as they are read. */
    enum Sort {
        NUMBER,
        WHOLE,
        TRUTH,
        DAY,
        MOMENT,
        TEXT
    }

    /**
     * A column.
     *
     * @param letters the most a text may have; of a whole number its bits
     * @param empty true where a row may leave it empty
     * @param left true where a table may come without it
     * @param of the table whose row it names, null where it names none
     */
    record Column(
            String name,
            Sort sort,
            long letters,
            boolean empty,
            boolean left,
            @Nullable String of) {

        /** The largest whole number it holds. */
        long most() {
            return letters == SMALL ? Integer.MAX_VALUE : Long.MAX_VALUE;
        }
    }

    private static final long SMALL = 32;

    /** Reads it. */
    static StoreShape read(JdbcTemplate jdbc) {
        Bonds bonds = Bonds.read(jdbc);
        Map<String, String> references = bonds.references();
        Map<String, Map<String, Column>> columns = new TreeMap<>();
        jdbc.query("""
                SELECT table_name, column_name, data_type, COALESCE(character_maximum_length, numeric_precision),
                    is_nullable = 'YES',
                    is_nullable = 'YES' OR column_default IS NOT NULL OR is_identity = 'YES'
                FROM information_schema.columns WHERE table_schema = 'PUBLIC' ORDER BY table_name, ordinal_position
                """, row -> {
            String table = low(row.getString(1));
            String name = low(row.getString(2));
            columns.computeIfAbsent(table, t -> new LinkedHashMap<>())
                    .put(
                            name,
                            new Column(
                                    name,
                                    sort(row.getString(3)),
                                    row.getLong(4),
                                    row.getBoolean(5),
                                    row.getBoolean(6),
                                    references.get(table + "." + name)));
        });
        return new StoreShape(columns, bonds.once());
    }

    static String low(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static Sort sort(String type) {
        if (type.startsWith("TIMESTAMP")) {
            return Sort.MOMENT;
        }
        return switch (type) {
            case "BIGINT", "INTEGER" -> Sort.WHOLE;
            case "DOUBLE PRECISION" -> Sort.NUMBER;
            case "BOOLEAN" -> Sort.TRUTH;
            case "DATE" -> Sort.DAY;
            default -> Sort.TEXT;
        };
    }

    /** The columns of a table, by name. */
    Map<String, Column> of(String table) {
        return columns.getOrDefault(table, Map.of());
    }

    /** Whether a column is sound by what the store says of it alone: days, moments, truths, and rows of other tables. */
    static boolean saysAll(Column column) {
        return column.of() != null
                || column.name().equals("id")
                || Set.of(Sort.DAY, Sort.MOMENT, Sort.TRUTH).contains(column.sort());
    }
}
