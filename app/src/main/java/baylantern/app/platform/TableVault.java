package baylantern.app.platform;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

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

    TableVault(JdbcTemplate jdbc, Changes changes) {
        this.jdbc = jdbc;
        this.changes = changes;
    }

    /** A table's content: column names, and each cell as text or null. */
    public record Content(List<String> columns, List<List<@Nullable String>> rows) {

        /** A table an older farm did not have. */
        public static final Content EMPTY = new Content(List.of(), List.of());
    }

    /** Column names of a table, in order. */
    public List<String> columns(String table) {
        return columns(jdbc, table);
    }

    private static List<String> columns(JdbcTemplate jdbc, String table) {
        return jdbc
                .queryForList(
                        "SELECT column_name FROM information_schema.columns WHERE table_name = ? ORDER BY ordinal_position",
                        String.class,
                        known(table).toUpperCase(Locale.ROOT))
                .stream()
                .map(name -> name.toLowerCase(Locale.ROOT))
                .toList();
    }

    /** Everything in a table, in a stable order. */
    public Content read(String table) {
        return read(jdbc, table);
    }

    /** The same of a store that is only being opened; a table it does not have yet is empty. */
    public static Content read(JdbcTemplate jdbc, String table) {
        List<String> columns = columns(jdbc, table);
        if (columns.isEmpty()) {
            return Content.EMPTY;
        }
        List<List<@Nullable String>> rows = new ArrayList<>();
        jdbc.query("SELECT " + String.join(", ", columns) + " FROM " + known(table) + " ORDER BY 1, 2", row -> {
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
