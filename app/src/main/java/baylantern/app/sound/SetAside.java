package baylantern.app.sound;

import baylantern.app.platform.TableVault;
import baylantern.app.sound.StoreShape.Column;
import baylantern.app.sound.StoreShape.Sort;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.BadSqlGrammarException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Sets aside what nobody understands, before anything reads it: what stood there is kept word for word, and something that
 * can be read stands in its place. So no page ever meets a word it does not know.
 */
final class SetAside {

    private static final Logger LOG = LoggerFactory.getLogger(SetAside.class);
    private static final int MOST_LETTERS = 4000;

    private final JdbcTemplate store;
    private final TransactionTemplate whole;
    private final StoreShape shape;
    private final CellBook book;
    private final LocalDate today;
    private final CellCheck cells;

    SetAside(DataSource source, CellBook book, LocalDate today) {
        this.store = new JdbcTemplate(source);
        this.whole = new TransactionTemplate(new DataSourceTransactionManager(source));
        this.shape = StoreShape.read(store);
        this.book = book;
        this.today = today;
        this.cells = new CellCheck(book, today);
    }

    /** Does it; tells how many cells were set aside. */
    int all() {
        int found = 0;
        for (String table : TableVault.TABLES) {
            // What the house itself keeps is of no feature, and of what was set aside nothing is.
            if (table.startsWith("house_") || table.startsWith("sound_")) {
                continue;
            }
            for (Column column : shape.of(table).values()) {
                found += column(table, column);
            }
        }
        return found;
    }

    private int column(String table, Column column) {
        CellRule rule = book.of(table, column.name());
        boolean day = column.sort() == Sort.DAY || column.sort() == Sort.MOMENT;
        if (!day && (rule == null || rule.any())) {
            return 0;
        }
        int found = 0;
        List<String> values = store.queryForList(
                "SELECT DISTINCT " + column.name() + " FROM " + table + " WHERE " + column.name() + " IS NOT NULL",
                String.class);
        for (String value : values) {
            String amiss = cells.amiss(table, column, value);
            if (amiss != null) {
                LOG.warn("{}.{} \"{}\" {}; it was set aside", table, column.name(), value, amiss);
                found += aside(table, column, value, standIn(column, rule));
            }
        }
        return found;
    }

    private int aside(String table, Column column, String value, @Nullable String standIn) {
        // Where a name may stand once, the row's number tells several apart.
        for (String how : List.of("?", "CONCAT(?, '-', id)")) {
            try {
                return Objects.requireNonNullElse(whole.execute(done -> value(table, column, value, standIn, how)), 0);
            } catch (DataIntegrityViolationException | BadSqlGrammarException e) {
                LOG.warn("{}.{} \"{}\" could not be set aside: {}", table, column.name(), value, e.getMessage());
            }
        }
        return 0;
    }

    private @Nullable String standIn(Column column, @Nullable CellRule rule) {
        if (rule != null && rule.standIn() != null) {
            return rule.standIn();
        }
        boolean day = column.sort() == Sort.DAY || column.sort() == Sort.MOMENT;
        return column.empty() || !day ? null : today.toString();
    }

    private int value(String table, Column column, String value, @Nullable String standIn, String how) {
        String is = " WHERE CAST(" + column.name() + " AS VARCHAR) = ?";
        int kept = shape.of(table).containsKey("id") ? keep(table, column, value, is) : 0;
        if (standIn == null && !column.empty()) {
            // A row that does not stand without the word follows from others.
            return store.update("DELETE FROM " + table + is, value);
        }
        return Math.max(
                kept, store.update("UPDATE " + table + " SET " + column.name() + " = " + how + is, standIn, value));
    }

    private int keep(String table, Column column, String value, String is) {
        return store.update(
                "INSERT INTO sound_unread (table_name, row_id, column_name, was) SELECT ?, id, ?, ? FROM " + table + is,
                table,
                column.name(),
                value.substring(0, Math.min(MOST_LETTERS, value.length())),
                value);
    }

    /** Columns that neither have something to stand in nor may be empty: their rows must follow from others. */
    Map<String, List<String>> withoutStandIn() {
        Map<String, List<String>> without = new java.util.TreeMap<>();
        book.all().forEach((table, rules) -> {
            if (table.startsWith("sound_")) {
                return;
            }
            List<String> names = rules.entrySet().stream()
                    .filter(rule -> !rule.getValue().any())
                    .map(rule -> shape.of(table).get(rule.getKey()))
                    .filter(column -> column != null && !column.empty() && column.of() == null)
                    .filter(column -> standIn(column, book.of(table, column.name())) == null)
                    .map(Column::name)
                    .toList();
            if (!names.isEmpty()) {
                without.put(table, names);
            }
        });
        return without;
    }
}
