package baylantern.app.sound;

import static baylantern.app.sound.StoreShape.low;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * What holds the tables of a store together. Each list of them is read once and put together here: the store would make
 * such a list anew for every row of another it is joined to.
 */
record Bonds(List<Bond> all, Map<String, String> leadTo) {

    private static final Set<String> ONCE = Set.of("PRIMARY KEY", "UNIQUE");

    /**
     * One of them.
     *
     * @param sort as the store says it
     * @param columns of its table, in their order
     */
    record Bond(String name, String sort, String table, List<String> columns) {}

    static Bonds read(JdbcTemplate jdbc) {
        Map<String, List<String>> columns = new TreeMap<>();
        jdbc.query(
                "SELECT constraint_name, column_name FROM information_schema.key_column_usage ORDER BY ordinal_position",
                row -> {
                    columns.computeIfAbsent(row.getString(1), c -> new ArrayList<>())
                            .add(low(row.getString(2)));
                });
        Map<String, String> leadTo = new TreeMap<>();
        jdbc.query(
                "SELECT constraint_name, unique_constraint_name FROM information_schema.referential_constraints",
                row -> {
                    leadTo.put(row.getString(1), row.getString(2));
                });
        List<Bond> all = jdbc.query(
                "SELECT constraint_name, constraint_type, table_name FROM information_schema.table_constraints"
                        + " ORDER BY constraint_name",
                (row, nth) -> new Bond(
                        row.getString(1),
                        row.getString(2),
                        low(row.getString(3)),
                        columns.getOrDefault(row.getString(1), List.of())));
        return new Bonds(all, leadTo);
    }

    /** Which table a column names a row of, by {@code table.column}. */
    Map<String, String> references() {
        Map<String, String> tables = new TreeMap<>();
        all.forEach(bond -> tables.put(bond.name(), bond.table()));
        Map<String, String> references = new TreeMap<>();
        for (Bond bond : all) {
            @Nullable String of = tables.get(leadTo.getOrDefault(bond.name(), ""));
            if (of != null) {
                bond.columns().forEach(column -> references.put(bond.table() + "." + column, of));
            }
        }
        return references;
    }

    /** Sets of columns that together stand in a table once. */
    Map<String, List<List<String>>> once() {
        Map<String, List<List<String>>> once = new TreeMap<>();
        for (Bond bond : all) {
            if (ONCE.contains(bond.sort()) && !bond.columns().isEmpty()) {
                once.computeIfAbsent(bond.table(), t -> new ArrayList<>()).add(bond.columns());
            }
        }
        return once;
    }
}
