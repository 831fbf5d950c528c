package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.Http;
import java.sql.Connection;
import java.sql.ParameterMetaData;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Whoever asks for one thing does not wait for all of its kind: the store finds it by what it is known by. */
class FoundNotSearchedTest extends GrownFarmTest {

    /** What there is more of with every season. */
    private static final String GROW =
            "BENCH_GRAFT|BENCH_SCHOOL|CARE_LOOK|CARE_VISIT|CARE_PICTURE|CAUSE_CASE|HOUSE_ACT|HOUSE_TRAIL"
                    + "|SEASON_NOTE|PLACE_PLANT|PLACE_STEM|LINEAGE_MOVE|LINEAGE_PARENT|WOOD_LOT|WOOD_ENTRY|WOOD_SPELL|WOOD_CHECK|DAY_JOB|DAY_MADE";

    /** A table, and what of it is gone through where no condition narrows it. */
    private static final Pattern GONE_THROUGH =
            Pattern.compile("PUBLIC\\.(" + GROW + ")(?: \\w+)?\\s*/\\* PUBLIC\\.[\\w.]+ \\*/");

    private static final List<String> ONE_THING = List.of(
            "/api/grafts/BE-25-001",
            "/api/grafts/BE-25-001/pictures",
            "/api/grafts/BE-25-001/waiting",
            "/api/grafts/TE-26-001",
            "/api/trees/CT-096",
            "/api/trees/AV-001",
            "/api/flush/plants/HA-M1",
            "/api/lots/HA-26-W02",
            "/api/fit/limbs/HA-M1",
            "/api/fit/stems/1",
            "/api/recalls/1",
            "/api/tests?key=PLANT-5",
            "/api/lineage/PLANT-5");

    @LocalServerPort
    private int port;

    @Test
    void oneThingIsFoundByWhatItIsKnownBy() throws SQLException {
        Http http = new Http(port);
        // What is kept of the whole farm is reckoned first.
        ONE_THING.forEach(path -> assertThat(http.get(path).status()).as(path).isEqualTo(200));
        assertThat(searched(() -> ONE_THING.forEach(http::get))).isEmpty();
    }

    @Test
    void oneLookIsWrittenWithoutGoingThroughAll() throws SQLException {
        Http http = new Http(port);
        Map<String, Object> graft = grown.queryForMap(
                "SELECT id AS \"graftId\", version AS \"version\" FROM bench_graft WHERE code = 'TE-26-001'");
        Map<String, Object> look = Map.of("grafts", List.of(graft), "sign", "NOTHING", "sure", true);
        Map<String, Long> act = new TreeMap<>();
        assertThat(searched(() -> {
                    Http.Answer written = http.post("/api/looks", look);
                    assertThat(written.status()).as(written.text()).isEqualTo(200);
                    act.put("id", written.json().get("actId").asLong());
                }))
                .isEmpty();
        assertThat(http.post("/api/acts/" + act.get("id") + "/undo", Map.of()).status())
                .isEqualTo(200);
    }

    /** What is gone through meanwhile, by what was asked. */
    private Map<String, TreeSet<String>> searched(Runnable meanwhile) throws SQLException {
        grown.execute("SET QUERY_STATISTICS_MAX_ENTRIES 1000");
        grown.execute("SET QUERY_STATISTICS TRUE");
        meanwhile.run();
        List<String> asked =
                grown
                        .queryForList("SELECT sql_statement FROM information_schema.query_statistics", String.class)
                        .stream()
                        .filter(sql -> sql.stripLeading().matches("(?s)(SELECT|UPDATE|DELETE).*")
                                && !sql.contains("query_statistics"))
                        .toList();
        grown.execute("SET QUERY_STATISTICS FALSE");
        assertThat(asked).hasSizeGreaterThan(10);
        Map<String, TreeSet<String>> searched = new TreeMap<>();
        try (Connection store = Objects.requireNonNull(grown.getDataSource()).getConnection()) {
            for (String sql : asked) {
                Matcher through = GONE_THROUGH.matcher(plan(store, sql).replace("\"", ""));
                while (through.find()) {
                    searched.computeIfAbsent(sql, k -> new TreeSet<>()).add(through.group(1));
                }
            }
        }
        return searched;
    }

    // How the store goes about it hangs on the form of what is asked, not on which thing it is.
    private static String plan(Connection store, String sql) throws SQLException {
        try (PreparedStatement asked = store.prepareStatement("EXPLAIN " + sql)) {
            ParameterMetaData told = asked.getParameterMetaData();
            for (int i = 1; i <= told.getParameterCount(); i++) {
                boolean many = sql.contains("ANY(?");
                asked.setObject(i, many ? store.createArrayOf("BIGINT", new Object[] {1L}) : "1");
            }
            try (ResultSet plan = asked.executeQuery()) {
                plan.next();
                return plan.getString(1);
            }
        }
    }
}
