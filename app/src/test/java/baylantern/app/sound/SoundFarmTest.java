package baylantern.app.sound;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.demo.GrownFarmTest;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.TableVault;
import baylantern.app.platform.TableVault.Content;
import baylantern.app.sound.StoreShape.Column;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Every cell of the demo farm is sound, and no cell of it can be anything else unnoticed. */
class SoundFarmTest extends GrownFarmTest {

    /** Rows of these follow from others, or say nothing without that word, and go with one nobody understands. */
    private static final Map<String, List<String>> FOLLOW = Map.of(
            "bench_habit", List.of("question"),
            "rules_figure", List.of("figure", "number"),
            "bench_school", List.of("question"),
            "care_visit", List.of("kind"),
            "season_climate", List.of("month_no"));

    @Autowired
    private SoundFarm sound;

    @Autowired
    private TableVault vault;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private FarmClock clock;

    @Autowired
    private CheckCommand.Check check;

    @Test
    void theDemoFarmPassesAndWhatIsMadeWrongIsSaid() {
        assertThat(check.amiss()).isEmpty();
        String lot = jdbc.queryForObject("SELECT MIN(code) FROM wood_lot WHERE sticks_left > 0", String.class);
        jdbc.update("UPDATE wood_lot SET sticks_left = sticks_left + 1 WHERE code = ?", lot);
        String graft = jdbc.queryForObject(
                "SELECT MIN(code) FROM bench_graft WHERE id IN (SELECT graft_id FROM care_visit)", String.class);
        jdbc.update(
                "UPDATE care_visit SET target = target + 1, latest = latest + 1"
                        + " WHERE graft_id = (SELECT id FROM bench_graft WHERE code = ?)",
                graft);
        assertThat(check.amiss())
                .hasSize(2)
                .anyMatch(said -> said.contains("What is left of " + lot))
                .anyMatch(said -> said.contains("The visits of " + graft));
        jdbc.update("UPDATE wood_lot SET sticks_left = sticks_left - 1 WHERE code = ?", lot);
        jdbc.update(
                "UPDATE care_visit SET target = target - 1, latest = latest - 1"
                        + " WHERE graft_id = (SELECT id FROM bench_graft WHERE code = ?)",
                graft);
        assertThat(check.amiss()).isEmpty();
    }

    @Test
    void somebodySaysOfEachColumnWhatItHolds() {
        StoreShape shape = StoreShape.read(jdbc);
        CellBook book = sound.book();
        List<String> untold = new ArrayList<>();
        for (String table : TableVault.TABLES) {
            shape.of(table).values().stream()
                    .filter(column -> !StoreShape.saysAll(column) && book.of(table, column.name()) == null)
                    .forEach(column -> untold.add(table + "." + column.name()));
        }
        assertThat(untold).isEmpty();
        List<String> nowhere = new ArrayList<>();
        book.all()
                .forEach((table, rules) -> rules.keySet().stream()
                        .filter(name -> !shape.of(table).containsKey(name))
                        .forEach(name -> nowhere.add(table + "." + name)));
        assertThat(nowhere).isEmpty();
        assertThat(new SetAside(Objects.requireNonNull(jdbc.getDataSource()), book, clock.today()).withoutStandIn())
                .isEqualTo(FOLLOW);
    }

    @Test
    void theDemoFarmIsSoundAndEachWrongCellIsFoundWhereItStands() {
        Map<String, Content> farm = new HashMap<>();
        TableVault.TABLES.forEach(table -> farm.put(table, vault.read(table)));
        assertThat(sound.faults(farm::get)).isEmpty();
        StoreShape shape = StoreShape.read(jdbc);
        FarmJudge judge = new FarmJudge(shape, sound.book(), clock.today());
        judge.judge(farm::get);
        int tried = 0;
        for (String table : TableVault.TABLES) {
            Content content = farm.get(table);
            int row = content.rows().size() - 1;
            for (int at = 0; row >= 0 && at < content.columns().size(); at++) {
                Column column = shape.of(table).get(content.columns().get(at));
                String wrong = wrong(column, sound.book().of(table, column.name()));
                if (wrong == null) {
                    continue;
                }
                List<Fault> found = judge.table(table, with(content, row, at, wrong));
                assertThat(found)
                        .as(table + "." + column.name() + " = " + wrong)
                        .anySatisfy(fault -> assertThat(List.of(fault.table(), fault.column(), fault.value()))
                                .isEqualTo(List.of(table, column.name(), wrong)));
                tried++;
            }
        }
        assertThat(tried).isGreaterThan(150);
    }

    private static @Nullable String wrong(Column column, @Nullable CellRule rule) {
        if (column.of() != null) {
            return "987654321";
        }
        return switch (column.sort()) {
            case DAY -> "9999-01-01";
            case MOMENT -> "9999-01-01 10:00:00+00";
            case TRUTH -> "maybe";
            case NUMBER -> "NaN";
            case WHOLE -> "99999999999999999999";
            case TEXT -> rule == null || rule.any() ? null : " ".repeat((int) column.letters() + 1);
        };
    }

    private static Content with(Content content, int row, int at, String wrong) {
        List<List<@Nullable String>> rows = new ArrayList<>(content.rows());
        List<@Nullable String> cells = new ArrayList<>(rows.get(row));
        cells.set(at, wrong);
        rows.set(row, cells);
        return new Content(content.columns(), rows);
    }
}
