package baylantern.app.platform;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Two rows that turn out to be one: whatever hangs on the one hangs on the other afterwards. What hangs on a row the store
 * itself says, by its references, so that a new table needs no word here.
 */
@Service
public class MergeService {

    /** Columns that name a plant, lot, graft or source by its key in the lineage, such as PLANT-5. */
    private static final List<String> KEYS = List.of("node_key", "from_key", "by_key");

    private final JdbcTemplate jdbc;
    private final Changes changes;
    private final TableVault vault;

    MergeService(JdbcTemplate jdbc, Changes changes, TableVault vault) {
        this.jdbc = jdbc;
        this.changes = changes;
        this.vault = vault;
    }

    private record Column(String table, String name) {}

    /**
     * Lets everything that refers to one row refer to the other, and removes the one, within an act that is followed.
     *
     * @param sort how the lineage names it, for instance PLANT; null where it does not
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void into(String table, @Nullable String sort, long from, long into) {
        if (from == into) {
            throw FarmProblem.conflict("That is one and the same already.");
        }
        try {
            for (Column column : references(table)) {
                write(
                        "UPDATE " + column.table + " SET " + column.name + " = ? WHERE " + column.name + " = ?",
                        into,
                        from);
            }
            if (sort != null) {
                for (Column column : keys()) {
                    write(
                            "UPDATE " + column.table + " SET " + column.name + " = ? WHERE " + column.name + " = ?",
                            sort + "-" + into,
                            sort + "-" + from);
                }
            }
            write("DELETE FROM " + table + " WHERE id = ?", from);
        } catch (DataIntegrityViolationException e) {
            throw FarmProblem.conflict(
                    "Both have something of which there can be one only, so they cannot be made one.");
        }
    }

    private List<Column> references(String table) {
        return jdbc.query("""
                SELECT k.table_name, k.column_name FROM information_schema.referential_constraints r
                JOIN information_schema.key_column_usage k ON k.constraint_name = r.constraint_name
                JOIN information_schema.table_constraints u ON u.constraint_name = r.unique_constraint_name
                WHERE u.table_name = ? ORDER BY 1, 2
                """, (row, n) -> column(row.getString(1), row.getString(2)), table.toUpperCase(Locale.ROOT));
    }

    private List<Column> keys() {
        return TableVault.TABLES.stream()
                .filter(table -> table.startsWith("lineage_"))
                .flatMap(table ->
                        vault.columns(table).stream().filter(KEYS::contains).map(name -> new Column(table, name)))
                .toList();
    }

    private static Column column(String table, String name) {
        return new Column(table.toLowerCase(Locale.ROOT), name.toLowerCase(Locale.ROOT));
    }

    private void write(String sql, Object... values) {
        if (jdbc.update(sql, values) > 0) {
            changes.wrote(Fact.changedBy(sql), Set.of());
        }
    }
}
