package baylantern.app.sound;

import baylantern.app.platform.TableVault;
import baylantern.app.platform.TableVault.Content;
import baylantern.app.sound.CellBook.RowRule;
import baylantern.app.sound.StoreShape.Column;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Judges the contents of a farm, table by table. */
final class FarmJudge {

    /** Faults told of one farm; who has so many need not read more. */
    private static final int MOST_FAULTS = 100;

    private final StoreShape shape;
    private final CellBook book;
    private final Map<String, Set<String>> ids = new HashMap<>();
    private final CellCheck cells;
    private final List<Fault> faults = new ArrayList<>();
    private List<RowRule> rules = List.of();

    FarmJudge(StoreShape shape, CellBook book, LocalDate today) {
        this.shape = shape;
        this.book = book;
        this.cells = new CellCheck(book, today);
    }

    /** What cannot be, in the order of the tables; the contents are asked for table by table, twice. */
    List<Fault> judge(Function<String, Content> contents) {
        TableVault.TABLES.forEach(table -> ids.put(table, ids(contents.apply(table))));
        List<Fault> all = new ArrayList<>();
        for (String table : TableVault.TABLES) {
            all.addAll(table(table, contents.apply(table)));
            if (all.size() >= MOST_FAULTS) {
                break;
            }
        }
        return List.copyOf(all.subList(0, Math.min(MOST_FAULTS, all.size())));
    }

    /** What cannot be in one table of the farm judged last. */
    List<Fault> table(String table, Content content) {
        faults.clear();
        rules = book.of(table, shape, cells);
        look(table, content);
        return List.copyOf(faults);
    }

    private void look(String table, Content content) {
        if (content.rows().isEmpty()) {
            return;
        }
        Map<String, Column> columns = shape.of(table);
        for (String name : content.columns()) {
            if (!columns.containsKey(name)) {
                faults.add(new Fault(table, 1, name, name, "this version has no such column"));
            }
        }
        columns.values().stream()
                .filter(c -> !c.left() && !content.columns().contains(c.name()))
                .forEach(c -> faults.add(new Fault(table, 1, c.name(), "", "the column is missing")));
        if (faults.isEmpty()) {
            rows(table, content, columns);
        }
    }

    private void rows(String table, Content content, Map<String, Column> columns) {
        List<Set<List<@Nullable String>>> seen = new ArrayList<>();
        List<List<String>> once = shape.once().getOrDefault(table, List.of());
        once.forEach(set -> seen.add(new HashSet<>()));
        long line = 2;
        for (List<@Nullable String> row : content.rows()) {
            if (row.size() != content.columns().size()) {
                faults.add(new Fault(table, line, "", "", "it has " + row.size() + " cells"));
            } else {
                row(table, line, content.columns(), row, columns);
                for (int i = 0; i < once.size(); i++) {
                    twice(table, line, content.columns(), row, once.get(i), seen.get(i));
                }
            }
            line += 1 + lines(row);
            if (faults.size() >= MOST_FAULTS) {
                return;
            }
        }
    }

    private void twice(
            String table,
            long line,
            List<String> names,
            List<@Nullable String> row,
            List<String> set,
            Set<List<@Nullable String>> seen) {
        if (!names.containsAll(set)) {
            return;
        }
        List<@Nullable String> key = new ArrayList<>();
        set.forEach(name -> key.add(row.get(names.indexOf(name))));
        if (!key.contains(null) && !seen.add(key)) {
            faults.add(new Fault(
                    table, line, String.join(" and ", set), String.join(", ", key), "stands in another row already"));
        }
    }

    private void row(
            String table, long line, List<String> names, List<@Nullable String> row, Map<String, Column> columns) {
        int before = faults.size();
        Map<String, String> told = new LinkedHashMap<>();
        for (int i = 0; i < names.size(); i++) {
            String name = names.get(i);
            String text = row.get(i);
            Column column = columns.get(name);
            String amiss = column == null ? null : cells.amiss(table, column, text);
            if (amiss == null && text != null && column != null) {
                amiss = unnamed(table, column, text);
            }
            if (amiss != null) {
                faults.add(new Fault(table, line, name, text == null ? "" : text, amiss));
            }
            if (text != null) {
                told.put(name, text);
            }
        }
        if (faults.size() > before) {
            return;
        }
        for (RowRule rule : rules) {
            String amiss = rule.amiss(told);
            if (amiss != null) {
                faults.add(new Fault(table, line, "", "", amiss));
            }
        }
    }

    private @Nullable String unnamed(String table, Column column, String text) {
        String of = column.of();
        CellBook.Named named = of == null ? book.named(table, column.name(), text) : new CellBook.Named(of, text);
        return named == null || ids.getOrDefault(named.table(), Set.of()).contains(named.id())
                ? null
                : "names no row of " + named.table();
    }

    private static Set<String> ids(Content content) {
        int at = content.columns().indexOf("id");
        Set<String> ids = new HashSet<>();
        if (at >= 0) {
            content.rows().stream().filter(row -> row.size() > at).forEach(row -> {
                String id = row.get(at);
                if (id != null) {
                    ids.add(id);
                }
            });
        }
        return ids;
    }

    // A cell may hold lines of its own.
    private static long lines(List<@Nullable String> row) {
        return row.stream()
                .mapToLong(cell ->
                        cell == null ? 0 : cell.chars().filter(c -> c == '\n').count())
                .sum();
    }
}
