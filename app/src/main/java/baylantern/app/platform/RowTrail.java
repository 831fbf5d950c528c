package baylantern.app.platform;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.h2.tools.TriggerAdapter;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps what a row was and what it became while an act is followed. The store itself calls it for each row of the farm's
 * tables that is written, deleted or changed by whatever statement, so that no writer can forget to.
 */
public final class RowTrail extends TriggerAdapter {

    /** Columns that follow from looks: they are worked out anew, not put back. */
    private static final Set<String> FOLLOWING =
            Set.of("bench_graft.state", "bench_graft.outcome", "bench_graft.last_look_on");

    private static final String NAMED = "TRAIL_";
    private static final String VERSION = "version";

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final ThreadLocal<@Nullable Long> FOLLOWED = new ThreadLocal<>();

    private List<String> columns = List.of();
    private List<String> keys = List.of();

    /** Follows an act on this thread, or none with null. */
    static void follow(@Nullable Long actId) {
        FOLLOWED.set(actId);
    }

    @Override
    public void fire(Connection store, @Nullable ResultSet before, @Nullable ResultSet after) throws SQLException {
        Long act = FOLLOWED.get();
        if (act == null) {
            return;
        }
        if (columns.isEmpty()) {
            learn(store);
        }
        Map<String, @Nullable String> was = before == null ? Map.of() : row(before);
        Map<String, @Nullable String> became = after == null ? Map.of() : row(after);
        Map<String, @Nullable String> key = new LinkedHashMap<>();
        keys.forEach(k -> key.put(k, (after == null ? was : became).get(k)));
        if (before != null && after != null) {
            was.entrySet()
                    .removeIf(cell ->
                            follows(cell.getKey()) || Objects.equals(cell.getValue(), became.get(cell.getKey())));
            became.keySet().retainAll(was.keySet());
            if (was.isEmpty()) {
                return;
            }
        }
        try (PreparedStatement write = store.prepareStatement(
                "INSERT INTO house_trail (act_id, table_name, row_key, was, became) VALUES (?, ?, ?, ?, ?)")) {
            write.setLong(1, act);
            write.setString(2, table());
            write.setString(3, JSON.writeValueAsString(key));
            write.setString(4, before == null ? null : JSON.writeValueAsString(was));
            write.setString(5, after == null ? null : JSON.writeValueAsString(became));
            write.executeUpdate();
        }
    }

    // A trigger is named after its table; while a migration copies the table, both have another name with this at its
    // end.
    private String storedTable() {
        return triggerName.substring(triggerName.lastIndexOf(NAMED) + NAMED.length());
    }

    private String table() {
        return storedTable().toLowerCase(Locale.ROOT);
    }

    // A version only guards against two who write at once.
    private boolean follows(String column) {
        return column.equals(VERSION) || FOLLOWING.contains(table() + "." + column);
    }

    private void learn(Connection store) throws SQLException {
        List<String> key = new ArrayList<>();
        try (ResultSet found = store.getMetaData().getPrimaryKeys(null, schemaName, storedTable())) {
            while (found.next()) {
                key.add(found.getString("COLUMN_NAME").toLowerCase(Locale.ROOT));
            }
        }
        List<String> all = new ArrayList<>();
        try (ResultSet found = store.getMetaData().getColumns(null, schemaName, storedTable(), null)) {
            while (found.next()) {
                all.add(found.getString("COLUMN_NAME").toLowerCase(Locale.ROOT));
            }
        }
        keys = List.copyOf(key);
        columns = List.copyOf(all);
    }

    private Map<String, @Nullable String> row(ResultSet row) throws SQLException {
        Map<String, @Nullable String> cells = new LinkedHashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            cells.put(columns.get(i), row.getString(i + 1));
        }
        return cells;
    }
}
