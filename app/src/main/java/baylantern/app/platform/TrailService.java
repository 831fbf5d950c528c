package baylantern.app.platform;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Acts of whatever sort, taken back row by row from what {@link RowTrail} kept, latest first. What was changed again since
 * is not touched: then the act cannot be taken back, and nothing is.
 */
@Service
public class TrailService implements Undoer {

    private static final String KIND = "trail";
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<LinkedHashMap<String, @Nullable String>> CELLS = new TypeReference<>() {};

    /** The column that tells which graft or plant a row is of. */
    private static final Map<String, String> WHOSE = Map.of(
            "care_look", "graft_id",
            "bench_graft", "id",
            "bench_school", "graft_id",
            "place_plant", "id",
            "place_stem", "plant_id",
            "season_note", "plant_id");

    private final JdbcTemplate jdbc;
    private final TableVault vault;
    private final Changes changes;
    private final ActMapper acts;
    private final FarmClock clock;
    private final Doer doer;

    TrailService(JdbcTemplate jdbc, TableVault vault, Changes changes, ActMapper acts, FarmClock clock, Doer doer) {
        this.jdbc = jdbc;
        this.vault = vault;
        this.changes = changes;
        this.acts = acts;
        this.clock = clock;
        this.doer = doer;
    }

    /**
     * Opens an act and follows every row written from here to the end of the caller's transaction; the sentence tells what
     * is done.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public long follow(String sentence) {
        return follow(KIND, sentence);
    }

    /** The same for an act of another kind, which its own {@link Undoer} takes back, or does not. */
    @Transactional(propagation = Propagation.MANDATORY)
    public long follow(String kind, String sentence) {
        long act = acts.insert(
                kind, ActService.told(sentence), clock.now(), clock.today(), doer.personId(), doer.device());
        RowTrail.follow(act);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                RowTrail.follow(null);
            }
        });
        return act;
    }

    /** What the transaction writes from here on follows by itself, and is no part of the act. */
    public void done() {
        RowTrail.follow(null);
    }

    @Override
    public String kind() {
        return KIND;
    }

    private record Step(
            String table,
            Map<String, @Nullable String> key,
            @Nullable Map<String, @Nullable String> was,
            @Nullable Map<String, @Nullable String> became) {}

    @Override
    @Transactional
    public void undo(long actId) {
        List<Step> steps = jdbc.query(
                "SELECT table_name, row_key, was, became FROM house_trail WHERE act_id = ? ORDER BY id DESC",
                (row, n) -> new Step(
                        row.getString(1), cells(row.getString(2)), read(row.getString(3)), read(row.getString(4))),
                actId);
        Set<String> later = writtenLater(actId);
        if (steps.stream().anyMatch(step -> step.was == null && later.contains(step.table + step.key))) {
            throw FarmProblem.conflict("It was changed again since. Take back what was done later first.");
        }
        try {
            inOrder(steps).forEach(this::takeBack);
        } catch (DataIntegrityViolationException e) {
            throw FarmProblem.conflict("Something written since hangs on it. Take that back first.");
        }
    }

    // Rows that later acts which stand have written; of what such an act changed, nothing else would tell that it was.
    private Set<String> writtenLater(long actId) {
        return Set.copyOf(jdbc.query(
                "SELECT DISTINCT t.table_name, t.row_key FROM house_trail t JOIN house_act a ON a.id = t.act_id"
                        + " WHERE t.act_id > ? AND NOT a.undone",
                (row, n) -> row.getString(1) + cells(row.getString(2)),
                actId));
    }

    // Rows that went together come back in the order in which tables can be filled.
    private static List<Step> inOrder(List<Step> steps) {
        List<Step> ordered = new ArrayList<>();
        List<Step> gone = new ArrayList<>();
        for (Step step : steps) {
            if (step.became == null) {
                gone.add(step);
            } else {
                ordered.addAll(byTable(gone));
                gone.clear();
                ordered.add(step);
            }
        }
        ordered.addAll(byTable(gone));
        return ordered;
    }

    private static List<Step> byTable(List<Step> gone) {
        return gone.stream()
                .sorted(Comparator.comparingInt(step -> TableVault.TABLES.indexOf(step.table)))
                .toList();
    }

    private static Map<String, @Nullable String> cells(String json) {
        return JSON.readValue(json, CELLS);
    }

    private static @Nullable Map<String, @Nullable String> read(@Nullable String json) {
        return json == null ? null : cells(json);
    }

    private void takeBack(Step step) {
        Set<Long> whose = whose(step);
        if (step.was == null) {
            write("DELETE FROM " + step.table, " WHERE " + where(step.key.keySet()), step.key.values(), whose);
        } else if (step.became == null) {
            String marks = step.was.keySet().stream().map(c -> "?").collect(Collectors.joining(", "));
            write(
                    "INSERT INTO " + step.table,
                    " (" + String.join(", ", step.was.keySet()) + ") VALUES (" + marks + ")",
                    step.was.values(),
                    whose);
        } else {
            Map<String, @Nullable String> now = new LinkedHashMap<>(step.key);
            now.putAll(step.became);
            List<@Nullable String> values = new ArrayList<>(step.was.values());
            values.addAll(now.values());
            String set = step.was.keySet().stream().map(c -> c + " = ?").collect(Collectors.joining(", "));
            String version = vault.columns(step.table).contains("version") ? ", version = version + 1" : "";
            write("UPDATE " + step.table, " SET " + set + version + " WHERE " + where(now.keySet()), values, whose);
        }
    }

    // Of which graft or plant the row is, so that only what follows from it is worked out anew; empty where any may be.
    private Set<Long> whose(Step step) {
        String column = WHOSE.get(step.table);
        if (column == null) {
            return Set.of();
        }
        for (Map<String, @Nullable String> cells : Arrays.asList(step.key, step.was, step.became)) {
            String id = cells == null ? null : cells.get(column);
            if (id != null) {
                return Set.of(Long.valueOf(id));
            }
        }
        return Set.copyOf(jdbc.queryForList(
                "SELECT " + column + " FROM " + step.table + " WHERE " + where(step.key.keySet()),
                Long.class,
                step.key.values().toArray()));
    }

    private static String where(Set<String> columns) {
        return columns.stream().map(c -> c + " IS NOT DISTINCT FROM ?").collect(Collectors.joining(" AND "));
    }

    private void write(String what, String how, Iterable<@Nullable String> values, Set<Long> whose) {
        List<@Nullable Object> all = new ArrayList<>();
        values.forEach(all::add);
        changes.wrote(Fact.changedBy(what + how), whose);
        int changed = jdbc.update(what + how, all.toArray());
        Rows.oneOr(changed, FarmProblem.conflict("It was changed again since. Take back what was done later first."));
    }
}
