package baylantern.app.platform;

import baylantern.core.rules.Known;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.function.SingletonSupplier;

/**
 * The whole store, table by table, whatever feature owns it: for taking the farm out and bringing it in. Nothing else
 * may read tables in this way.
 */
@Service
public class TableVault {

    /** Tables in the order in which they can be filled. */
    public static final List<String> TABLES = Arrays.stream(Fact.values())
            .flatMap(fact -> fact.tables().stream())
            .distinct()
            .toList();

    private final JdbcTemplate jdbc;
    private final Changes changes;
    private final SingletonSupplier<Map<String, List<String>>> columns;

    TableVault(JdbcTemplate jdbc, Changes changes) {
        this.jdbc = jdbc;
        this.changes = changes;
        this.columns = SingletonSupplier.of(() -> columns(jdbc));
    }

    /** A table's content: column names, and each cell as text or null. */
    public record Content(List<String> columns, List<List<@Nullable String>> rows) {

        /** A table an older farm did not have. */
        public static final Content EMPTY = new Content(List.of(), List.of());
    }

    /** Column names of a table, in order. */
    public List<String> columns(String table) {
        return Known.in(columns.obtain(), known(table));
    }

    // Of all tables in one go: the store works out all of its columns anew for each such question.
    private static Map<String, List<String>> columns(JdbcTemplate jdbc) {
        Map<String, List<String>> columns = new HashMap<>();
        jdbc.query(
                "SELECT LOWER(table_name), LOWER(column_name) FROM information_schema.columns"
                        + " WHERE table_schema = 'PUBLIC' ORDER BY table_name, ordinal_position",
                row -> {
                    columns.computeIfAbsent(row.getString(1), table -> new ArrayList<>())
                            .add(row.getString(2));
                });
        return columns;
    }

    /** Everything in a table, in a stable order. */
    public Content read(String table) {
        return read(jdbc, known(table), columns(table));
    }

    /** Reads the same of a store that is only being opened, table by table; one it does not have yet is empty. */
    public static Function<String, Content> reader(JdbcTemplate jdbc) {
        Map<String, List<String>> columns = columns(jdbc);
        return table -> columns.containsKey(known(table)) ? read(jdbc, table, Known.in(columns, table)) : Content.EMPTY;
    }

    private static Content read(JdbcTemplate jdbc, String table, List<String> columns) {
        List<List<@Nullable String>> rows = new ArrayList<>();
        jdbc.query("SELECT " + String.join(", ", columns) + " FROM " + table + " ORDER BY 1, 2", row -> {
            List<@Nullable String> cells = new ArrayList<>();
            for (int i = 1; i <= columns.size(); i++) {
                cells.add(row.getString(i));
            }
            rows.add(cells);
        });
        return new Content(columns, rows);
    }

    /** What the application writes by itself, in a farm without any record too; it is not brought in. */
    public static final Set<String> BY_ITSELF = Set.of("house_clock", "care_planned");

    /** True where nothing is stored that anybody told. */
    public boolean empty() {
        return TABLES.stream().filter(t -> !BY_ITSELF.contains(t)).allMatch(this::emptyTable);
    }

    private boolean emptyTable(String table) {
        Integer rows = jdbc.queryForObject("SELECT COUNT(*) FROM " + table, Integer.class);
        return rows != null && rows == 0;
    }

    /** Fills a table, columns an older farm lacked staying empty, and lets its numbering go on after the highest id. */
    @Transactional
    public void fill(String table, Content content) {
        if (content.rows().isEmpty()) {
            return;
        }
        List<String> columns = content.columns();
        if (!columns(table).containsAll(columns)) {
            throw FarmProblem.wrong(
                    table, columns, columns(table).toString(), table + ".csv has other columns than this version.");
        }
        String marks = String.join(", ", columns.stream().map(c -> "?").toList());
        String sql = "INSERT INTO " + known(table) + " (" + String.join(", ", columns) + ") VALUES (" + marks + ")";
        changes.wrote(Fact.changedBy(sql), Set.of());
        jdbc.batchUpdate(sql, content.rows().stream().map(row -> row.toArray()).toList());
        if (columns.contains("id") && !List.of("house_clock", "season_station").contains(table)) {
            Long next = jdbc.queryForObject("SELECT COALESCE(MAX(id), 0) + 1 FROM " + table, Long.class);
            jdbc.execute("ALTER TABLE " + table + " ALTER COLUMN id RESTART WITH " + next);
        }
    }

    /** Takes out everything that somebody told, so that another farm can be filled in. */
    @Transactional
    public void clear() {
        for (int i = TABLES.size() - 1; i >= 0; i--) {
            if (!BY_ITSELF.contains(TABLES.get(i))) {
                String sql = "DELETE FROM " + TABLES.get(i);
                changes.wrote(Fact.changedBy(sql), Set.of());
                Rows.any(jdbc.update(sql));
            }
        }
    }

    private static String known(String table) {
        if (TABLES.contains(table)) {
            return table;
        }
        throw new IllegalArgumentException("no table is called " + table);
    }

    /** How many rows each table holds. */
    public Map<String, Integer> counts() {
        Map<String, Integer> counts = new java.util.LinkedHashMap<>();
        TABLES.forEach(t -> counts.put(t, jdbc.queryForObject("SELECT COUNT(*) FROM " + t, Integer.class)));
        return counts;
    }
}
