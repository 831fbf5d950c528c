package baylantern.app.demo;

import baylantern.app.Http;
import baylantern.app.Stopwatch;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/**
 * Not a test: server times with 80 000 grafts beside a bare read of the same rows. Run by {@code ./lantern bench}; prints
 * medians of warm calls and their ratio. The store may not reuse a result, or the bare read would measure nothing.
 */
@EnabledIfEnvironmentVariable(named = "LANTERN_BENCH", matches = "1")
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "lantern.demo=true")
class ServerTimes {

    private static final int COPIES = 152;
    private static final long STEP = 1_000_000;

    private static final String MADE =
            "SELECT id, code, variety_id, technique_key, maker_id, made_on, cover, wood_cut_on, lot_id,"
                    + " fit_met, fit_whole, outcome FROM bench_graft ORDER BY made_on, id";
    private static final String DUE = """
            SELECT g.id, g.code, p.spot_id, g.variety_id, g.technique_key, g.made_on, x.kind, x.earliest, x.latest
            FROM care_visit x LEFT JOIN bench_graft g ON g.id = x.graft_id LEFT JOIN place_stem st ON st.id = g.stem_id
            LEFT JOIN place_plant p ON p.id = st.plant_id LEFT JOIN place_spot s ON s.id = p.spot_id
            WHERE x.earliest <= DATE '2026-05-14' ORDER BY s.walk_order, p.walk_order, g.code, x.kind
            """;

    private static final String DAY = "/api/bench-days/2026-05-14";

    private static final String FREE = """
            SELECT st.id, st.label, p.code, p.species_key, p.kind, s.name, st.diameter_mm
            FROM place_stem st JOIN place_plant p ON p.id = st.plant_id JOIN place_spot s ON s.id = p.spot_id
            WHERE p.kind <> 'MOTHER_TREE' AND s.name IN ('Shade House', 'Kiln Terrace')
              AND NOT EXISTS (SELECT 1 FROM bench_graft g WHERE g.stem_id = st.id AND g.state NOT IN ('FAILED', 'LOST'))
            ORDER BY p.walk_order, st.id FETCH FIRST 6000 ROWS ONLY
            """;

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcTemplate jdbc;

    private final HttpClient client = HttpClient.newHttpClient();

    @DynamicPropertySource
    static void store(DynamicPropertyRegistry registry) throws java.io.IOException {
        Stopwatch.store(registry);
    }

    // The demo farm has been grown at start; its plants, grafts, looks and visits are copied under new numbers.
    private void multiply() {
        Map<String, String> columns = Map.of(
                "place_plant",
                "code || '/' || ?, species_key, kind, stock_kind, spot_id, walk_order, started_on, variety_id, notes, act_id, version",
                "bench_graft",
                "code || '/' || ?, variety_id, species_key, stem_id + ?, technique_key, maker_id, made_on, wood_source, wood_cut_on,"
                        + " scion_mm, stock_mm, cover, notes, state, outcome, last_look_on, act_id, fingerprint, version");
        for (long copy = 1; copy < COPIES; copy++) {
            long far = copy * STEP;
            jdbc.update(
                    "INSERT INTO place_plant (id, code, species_key, kind, stock_kind, spot_id, walk_order, started_on, variety_id, notes, act_id, version)"
                            + " SELECT id + ?, " + columns.get("place_plant")
                            + " FROM place_plant WHERE id < " + STEP,
                    far,
                    copy);
            jdbc.update(
                    "INSERT INTO place_stem SELECT id + ?, plant_id + ?, label, diameter_mm, height_mm FROM place_stem WHERE id < "
                            + STEP,
                    far,
                    far);
            jdbc.update(
                    "INSERT INTO bench_graft (id, code, variety_id, species_key, stem_id, technique_key, maker_id, made_on, wood_source, wood_cut_on,"
                            + " scion_mm, stock_mm, cover, notes, state, outcome, last_look_on, act_id, fingerprint, version)"
                            + " SELECT id + ?, " + columns.get("bench_graft")
                            + " FROM bench_graft WHERE id < " + STEP,
                    far,
                    copy,
                    far);
            jdbc.update(
                    "INSERT INTO care_look (id, graft_id, person_id, seen_on, noted_at, sign, correction, note, answered, act_id, withdrawn, length_mm, found)"
                            + " SELECT id + ?, graft_id + ?, person_id, seen_on, noted_at, sign, correction, note, answered, act_id, withdrawn, length_mm, found"
                            + " FROM care_look WHERE id < " + STEP,
                    far,
                    far);
            jdbc.update(
                    "INSERT INTO care_visit SELECT graft_id + ?, kind, repeat_no, earliest, target, latest FROM care_visit WHERE graft_id < "
                            + STEP,
                    far);
        }
        // What is made from now on is the newest, as on any farm.
        for (String table : List.of("place_plant", "place_stem", "bench_graft", "care_look")) {
            jdbc.execute("ALTER TABLE " + table + " ALTER COLUMN id RESTART WITH " + COPIES * STEP);
        }
        jdbc.execute("ANALYZE");
    }

    @Test
    void measure() throws Exception {
        multiply();
        System.out.println(jdbc.queryForObject("SELECT COUNT(*) FROM bench_graft", Integer.class) + " grafts, "
                + jdbc.queryForObject("SELECT COUNT(*) FROM place_plant", Integer.class) + " plants, "
                + jdbc.queryForObject("SELECT COUNT(*) FROM care_look", Integer.class) + " looks");
        compare("Today", "/api/today", DUE);
        compare("Rounds", "/api/rounds", DUE);
        compare("Walks", "/api/walks", DUE);
        compare("Waiting", "/api/waiting", DUE);
        compare("Takes", "/api/takes", "SELECT species_key, variety_id, made_on, outcome FROM bench_graft ORDER BY id");
        first("Facts", "/api/takes/by?first=woodAge&then=maker");
        first("Gains", "/api/takes/gains");
        compare("Facts", "/api/takes/by?first=woodAge&then=maker", MADE);
        compare("Gains", "/api/takes/gains", MADE);
        compare("Duel", "/api/takes/duel?by=technique&a=cleft&b=veneer", MADE);
        first("Push", "/api/takes/push");
        jdbc.update("UPDATE day_plan SET on_day = DATE '2026-05-14'");
        compare("Day", DAY, FREE);
        made();
    }

    // One graft of a day after the other, as one key in run mode makes them: shown, logged, the next shown.
    private void made() throws Exception {
        Http http = new Http(port);
        http.post(DAY + "/begin", Map.of());
        List<Double> shown = new ArrayList<>();
        List<Double> made = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            long asked = System.nanoTime();
            long job = http.post(DAY + "/at-hand", Map.of("personId", 1))
                    .json()
                    .get("facing")
                    .get("jobId")
                    .asLong();
            long pressed = System.nanoTime();
            int status = http.post("/api/bench-days/jobs/" + job + "/made", Map.of("personId", 1))
                    .status();
            made.add((System.nanoTime() - pressed) / 1e6);
            shown.add((pressed - asked) / 1e6);
            if (status != 200) {
                throw new IllegalStateException("a graft was answered with " + status);
            }
        }
        System.out.printf(
                Locale.ROOT,
                "Run     made %.1f ms, shown %.1f ms, ratio %.2f%n",
                median(made),
                median(shown),
                median(made) / median(shown));
    }

    // Asked for the first time, when nothing is kept yet.
    private void first(String name, String path) throws Exception {
        long asked = System.nanoTime();
        new Http(port).get(path);
        System.out.printf(Locale.ROOT, "%-7s first %.0f ms%n", name, (System.nanoTime() - asked) / 1e6);
    }

    private static double median(List<Double> times) {
        return times.stream().sorted().skip(times.size() / 2).findFirst().orElseThrow();
    }

    private void compare(String name, String path, String sql) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .build();
        double served = Stopwatch.medianMs(
                () -> client.send(request, BodyHandlers.ofByteArray()).body().length);
        double bare = Stopwatch.medianMs(() -> jdbc.query(sql, rows -> {
            int cells = 0;
            while (rows.next()) {
                for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
                    cells += rows.getObject(i) == null ? 0 : 1;
                }
            }
            return cells;
        }));
        System.out.printf(
                Locale.ROOT, "%-7s %6.1f ms, bare read %6.1f ms, ratio %.2f%n", name, served, bare, served / bare);
    }
}
