package baylantern.app.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.app.BayLantern;
import baylantern.app.demo.GrownFarmTest;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.LanternSettings;
import baylantern.app.platform.StartOptions;
import baylantern.app.platform.StoreOpen;
import baylantern.app.platform.TableVault;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.h2.jdbcx.JdbcConnectionPool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.SpringApplication;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** A store of each version there was is copied, brought to this one with all its rows, and sound. */
class EachVersionTest extends GrownFarmTest {

    /** What the demo farm holds, read once for all versions. */
    private static final Map<String, TableVault.Content> GROWN = new ConcurrentHashMap<>();

    /** Looks, notes, days and the trail, of which no other row speaks: so many of one table are alike, and every eighth is enough. */
    private static final int MANY = 1_000;

    private static final int OF_MANY = 8;

    @Autowired
    private TableVault vault;

    @Autowired
    private ObjectProvider<Cells> features;

    @Autowired
    private SoundFarm sound;

    @Autowired
    private FarmClock clock;

    @TempDir
    private Path folder;

    private DataSource store() {
        return JdbcConnectionPool.create("jdbc:h2:file:" + folder.resolve("farm") + ";DB_CLOSE_DELAY=-1", "sa", "");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"1", "2", "3", "4", "5", "6", "7", "8", "9", "10", "11", "12", "13", "14", "15", "16", "17"})
    void aFarmOfAnOlderVersionIsBroughtToThisOneWhole(String version) {
        DataSource source = store();
        JdbcTemplate store = new JdbcTemplate(source);
        FluentConfiguration old = Flyway.configure().dataSource(source).locations("classpath:db/migration");
        old.target(version).load().migrate();
        Map<String, Integer> rows = filled(store);
        if (version.equals("11")) {
            made(store);
            rows.merge("day_job", 1, Integer::sum);
            rows.merge("house_trail", 1, Integer::sum);
        }
        FarmOpening opening =
                new FarmOpening(features, new LanternSettings(true, folder.toString(), false, "", 0), new StoreOpen());
        opening.migrate(Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .load());
        opening.beforeDoor();
        assertThat(folder.resolve("before-upgrade-" + version + ".zip")).isNotEmptyFile();
        rows.forEach((table, count) -> assertThat(store.queryForObject("SELECT COUNT(*) FROM " + table, Integer.class))
                .as(table)
                .isEqualTo(count));
        if (version.equals("11")) {
            assertThat(store.queryForList("SELECT face_s FROM day_made WHERE job_id = 90001", Integer.class))
                    .containsExactly(40);
            assertThat(
                            store.queryForList(
                                    "SELECT was, became FROM house_trail WHERE table_name = 'day_job' AND row_key LIKE '%90001%'"))
                    .containsExactly(Map.of("WAS", "{\"lot_id\":\"1\"}", "BECAME", "{\"lot_id\":\"2\"}"));
        }
        assertThat(new FarmJudge(StoreShape.read(store), sound.book(), clock.today()).judge(TableVault.reader(store)))
                .isEmpty();
        store.execute("SHUTDOWN");
        assertThat(Files.exists(folder.resolve("farm.mv.db"))).isTrue();
    }

    // In the application itself everything is made in its own order, and nothing may be needed of a store that is not
    // open yet.
    @ParameterizedTest
    @ValueSource(strings = {"8", "17"})
    void theApplicationItselfOpensAnOlderFarm(String version) {
        DataSource source = store();
        JdbcTemplate store = new JdbcTemplate(source);
        Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .target(version)
                .load()
                .migrate();
        store.execute("SHUTDOWN");
        StartOptions options = StartOptions.parse(new String[] {"--data", folder.toString(), "--port", "0"});
        try (var farm = new SpringApplication(BayLantern.class).run(options.springArguments())) {
            assertThat(folder.resolve("before-upgrade-" + version + ".zip")).isNotEmptyFile();
            TableVault opened = farm.getBean(TableVault.class);
            assertThat(farm.getBean(SoundFarm.class).faults(opened::read)).isEmpty();
        }
    }

    @Test
    void aFarmThatTookTheFourteenthStepInItsFirstFormOpensAndNoOtherChangedStepDoes() {
        DataSource source = store();
        JdbcTemplate store = new JdbcTemplate(source);
        Flyway flyway = Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .load();
        flyway.migrate();
        store.execute(
                "CREATE OR REPLACE VIEW bench_graft_view AS SELECT id, code, variety_id, technique_key, stem_id, made_on,"
                        + " state, species_key, maker_id, wood_source FROM bench_graft");
        store.update("UPDATE \"flyway_schema_history\" SET \"checksum\" = -263103249 WHERE \"version\" = '14'");
        FarmOpening opening =
                new FarmOpening(features, new LanternSettings(true, folder.toString(), false, "", 0), new StoreOpen());
        opening.migrate(flyway);
        opening.beforeDoor();
        assertThat(flyway.validateWithResult().validationSuccessful).isTrue();
        store.update("UPDATE \"flyway_schema_history\" SET \"checksum\" = 7 WHERE \"version\" = '14'");
        assertThatThrownBy(() -> opening.migrate(flyway)).hasMessageContaining("checksum mismatch");
        store.execute("SHUTDOWN");
    }

    // One job made, as that version told it: in the job, and in the trail of the job.
    private static void made(JdbcTemplate store) {
        store.execute(
                "INSERT INTO day_job (id, on_day, turn, block, plan_no, variety_id, technique_key, cover, stem_id, lot_id, graft_code, done_at, done_by, face_s)"
                        + " SELECT 90001, DATE '2026-05-01', 1, 'b', 1, variety_id, 'cleft', 'NONE', stem_id, lot_id, code, TIMESTAMP WITH TIME ZONE '2026-05-01 09:00:00Z',"
                        + " (SELECT MIN(id) FROM place_person), 40 FROM bench_graft WHERE lot_id IS NOT NULL ORDER BY id FETCH FIRST ROW ONLY");
        long act = store.queryForObject("SELECT MIN(id) FROM house_act", Long.class);
        for (String lot : List.of("", "\"lot_id\":\"%s\",")) {
            store.update(
                    "INSERT INTO house_trail (id, act_id, table_name, row_key, was, became) VALUES ((SELECT MAX(id) + 1 FROM house_trail), ?, 'day_job', '{\"id\":\"90001\"}', ?, ?)",
                    act,
                    "{" + lot.formatted(1) + "\"graft_code\":null,\"done_by\":null}",
                    "{" + lot.formatted(2) + "\"graft_code\":\"TL-26-001\",\"done_by\":\"1\"}");
        }
    }

    // The demo farm as far as that version could hold it.
    private Map<String, Integer> filled(JdbcTemplate store) {
        Map<String, Integer> rows = new TreeMap<>();
        StoreShape old = StoreShape.read(store);
        store.execute("SET REFERENTIAL_INTEGRITY FALSE");
        new TransactionTemplate(new DataSourceTransactionManager(Objects.requireNonNull(store.getDataSource())))
                .executeWithoutResult(whole -> rows.putAll(filled(store, old)));
        store.execute("SET REFERENTIAL_INTEGRITY TRUE");
        return rows;
    }

    private TableVault.Content grown(String table) {
        TableVault.Content all = vault.read(table);
        int step = all.rows().size() > MANY ? OF_MANY : 1;
        return new TableVault.Content(
                all.columns(),
                IntStream.range(0, all.rows().size())
                        .filter(row -> row % step == 0)
                        .mapToObj(all.rows()::get)
                        .toList());
    }

    private Map<String, Integer> filled(JdbcTemplate store, StoreShape old) {
        Map<String, Integer> rows = new TreeMap<>();
        for (String table : TableVault.TABLES) {
            String then = old.of("day_plan").isEmpty() ? table.replace("day_plan", "bench_day") : table;
            TableVault.Content now = GROWN.computeIfAbsent(table, this::grown);
            List<String> columns = new ArrayList<>(old.of(then).keySet());
            if (columns.isEmpty() || now.rows().isEmpty()) {
                continue;
            }
            columns.retainAll(now.columns());
            String marks = String.join(", ", columns.stream().map(c -> "?").toList());
            // What a farm without any record holds by itself makes room.
            store.execute("DELETE FROM " + then);
            store.batchUpdate(
                    "INSERT INTO " + then + " (" + String.join(", ", columns) + ") VALUES (" + marks + ")",
                    now.rows().stream()
                            .map(row -> columns.stream()
                                    .map(c -> row.get(now.columns().indexOf(c)))
                                    .toArray())
                            .toList());
            rows.put(table, now.rows().size());
        }
        return rows;
    }
}
