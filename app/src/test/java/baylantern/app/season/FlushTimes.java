package baylantern.app.season;

import baylantern.app.Stopwatch;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/**
 * Not a test: how long one note on one of 2 000 watched plants and the forecast of all after it take, beside a bare read
 * of their notes. Run by {@code ./lantern bench}.
 */
@EnabledIfEnvironmentVariable(named = "LANTERN_BENCH", matches = "1")
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "lantern.demo=true")
class FlushTimes {

    private static final int COPIES = 50;
    private static final long STEP = 1_000_000;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private FlushService flush;

    @Autowired
    private WatchService watch;

    @Autowired
    private baylantern.app.platform.Changes changes;

    @DynamicPropertySource
    static void store(DynamicPropertyRegistry registry) throws java.io.IOException {
        Stopwatch.store(registry);
    }

    private void multiply() {
        for (long copy = 1; copy < COPIES; copy++) {
            jdbc.update(
                    "INSERT INTO place_plant (id, code, species_key, kind, stock_kind, spot_id, walk_order, variety_id, notes)"
                            + " SELECT id + ?, code || '/' || ?, species_key, kind, stock_kind, spot_id, walk_order, variety_id, notes"
                            + " FROM place_plant p WHERE id < " + STEP
                            + " AND EXISTS (SELECT 1 FROM season_note n WHERE n.plant_id = p.id)",
                    copy * STEP,
                    copy);
            jdbc.update(
                    "INSERT INTO season_note (plant_id, on_day, sun, shade, flowering, remark, noted_at)"
                            + " SELECT plant_id + ?, on_day, sun, shade, flowering, remark, noted_at FROM season_note WHERE plant_id < "
                            + STEP,
                    copy * STEP);
        }
        jdbc.execute("ANALYZE");
    }

    @Test
    void measure() throws Exception {
        multiply();
        Integer notes = jdbc.queryForObject("SELECT COUNT(*) FROM season_note", Integer.class);
        changes.forgetAll();
        List<Watched> watched = flush.watched();
        System.out.println(watched.size() + " watched plants, " + notes + " notes");
        int[] noted = {0};
        double forecast = Stopwatch.medianMs(() -> {
            long plant = watched.get(noted[0]++ * 37 % watched.size()).plant().id();
            return watch.note(new NoteEntry(List.of(plant), null, "M", null, null, null, null))
                            .findings()
                            .size()
                    + flush.watched().size();
        });
        double bare = Stopwatch.medianMs(() -> jdbc.query(
                "SELECT plant_id, on_day, sun, shade, flowering FROM season_note ORDER BY plant_id, on_day, id",
                rows -> {
                    int cells = 0;
                    while (rows.next()) {
                        cells += rows.getString(3).length();
                    }
                    return cells;
                }));
        System.out.printf(
                Locale.ROOT,
                "Flush   one note %6.1f ms, bare read %6.1f ms, ratio %.2f%n",
                forecast,
                bare,
                forecast / bare);
    }
}
