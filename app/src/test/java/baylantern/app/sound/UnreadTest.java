package baylantern.app.sound;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.Http;
import baylantern.app.demo.GrownFarmTest;
import baylantern.app.platform.TableVault;
import baylantern.app.sound.StoreShape.Column;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A farm in which a cell of every column cannot be read opens, every page of it answers, and it can be put right. */
class UnreadTest extends GrownFarmTest {

    /** Of a device, of work aside, and the farm itself. */
    private static final List<String> NOT_ASKED = List.of("/api/calliper", "/api/exchange/farm.zip");

    @Autowired
    private SoundFarm sound;

    @TempDir
    private Path folder;

    @Test
    void whatNobodyUnderstandsIsSetAsideAndSaidAgain() throws IOException {
        copyInto(folder);
        Map<String, String> broken = brokenInEveryColumn();
        assertThat(broken).hasSizeGreaterThan(100);
        ConfigurableApplicationContext farm = open(folder, 0);
        try {
            Http http = new Http(Integer.parseInt(farm.getEnvironment().getProperty("local.server.port", "0")));
            assertThat(failing(http)).isEmpty();
            JsonNode unread = http.get("/api/unread").json();
            assertThat(unread.size()).isGreaterThan(90);
            assertThat(http.get("/api/farm").json().get("unread").asInt()).isGreaterThan(90);
            JsonNode species = of(unread, "plant: species");
            assertThat(species.get("stands").asString()).isEqualTo("unknown");
            assertThat(species.get("choices").valueStream().map(JsonNode::asString))
                    .contains("mango")
                    .doesNotContain("unknown");
            String says = "/api/unread/" + species.get("id").asLong();
            assertThat(http.post(says, Map.of("becomes", "pebble")).status()).isEqualTo(422);
            assertThat(http.post(says, Map.of("becomes", "mango")).status()).isEqualTo(200);
            JsonNode left = http.get("/api/unread").json();
            assertThat(left.size()).isEqualTo(unread.size() - 1);
            long act = http.get("/api/acts").json().get(0).get("id").asLong();
            assertThat(http.post("/api/acts/" + act + "/undo", Map.of()).status())
                    .isEqualTo(200);
            assertThat(http.get("/api/unread").json().size()).isEqualTo(unread.size());
        } finally {
            farm.close();
        }
    }

    private static JsonNode of(JsonNode unread, String of) {
        return unread.valueStream()
                .filter(one -> one.get("of").asString().equals(of))
                .findFirst()
                .orElseThrow();
    }

    // A store knows no feature's words, so it takes whatever fits its columns.
    private Map<String, String> brokenInEveryColumn() {
        Map<String, String> broken = new TreeMap<>();
        JdbcTemplate store =
                new JdbcTemplate(new DriverManagerDataSource(url(folder) + ";DB_CLOSE_DELAY=-1", "sa", ""));
        StoreShape shape = StoreShape.read(store);
        for (String table : TableVault.TABLES) {
            if (table.startsWith("house_")) {
                continue;
            }
            int row = 0;
            for (Column column : shape.of(table).values()) {
                CellRule rule = sound.book().of(table, column.name());
                String wrong = wrong(column, rule);
                if (wrong == null || column.of() != null || !shape.of(table).containsKey("id")) {
                    continue;
                }
                // One row a column, so that no row is so odd that it hides the others.
                if (update(store, table, column, wrong, row++)) {
                    broken.put(table + "." + column.name(), wrong);
                }
            }
        }
        // Two of a column of which each stands once.
        store.update("UPDATE place_person SET name = '' WHERE id = 1");
        store.update("UPDATE place_person SET name = ' ' WHERE id = 2");
        store.execute("SHUTDOWN");
        return broken;
    }

    private static boolean update(JdbcTemplate store, String table, Column column, String wrong, int row) {
        Integer rows = store.queryForObject("SELECT COUNT(*) FROM " + table, Integer.class);
        try {
            return store.update(
                            "UPDATE " + table + " SET " + column.name() + " = ? WHERE id = (SELECT id FROM " + table
                                    + " ORDER BY id OFFSET ? ROWS FETCH FIRST ROW ONLY)",
                            wrong,
                            rows == null || rows == 0 ? 0 : row % rows)
                    == 1;
        } catch (DataIntegrityViolationException e) {
            // The store itself does not take it.
            return false;
        }
    }

    private static @Nullable String wrong(Column column, @Nullable CellRule rule) {
        return switch (column.sort()) {
            case DAY -> "9999-01-01";
            case MOMENT -> "9999-01-01 10:00:00+00";
            case NUMBER -> rule == null || rule.amiss().apply("1e9") == null ? null : "1e9";
            case WHOLE -> rule == null || rule.amiss().apply("-77") == null ? null : "-77";
            case TEXT -> rule == null || rule.amiss().apply("XYZZY") == null ? null : "XYZZY";
            case TRUTH -> null;
        };
    }

    // Every way to read; where a path names a thing, all there are of the first rows, which are those that were broken.
    private List<String> failing(Http http) throws IOException {
        JdbcTemplate store = grown;
        List<String> failing = new ArrayList<>();
        try (InputStream document = Files.newInputStream(Path.of("../web/src/api/openapi.json"))) {
            JsonNode paths = JsonMapper.builder().build().readTree(document).get("paths");
            paths.propertyStream().filter(path -> path.getValue().has("get")).forEach(path -> {
                for (String asked : asked(path.getKey(), store)) {
                    Http.Answer answer = http.get(asked);
                    if (answer.status() >= 500) {
                        failing.add(asked + ": " + answer.text());
                    }
                }
            });
        }
        return failing;
    }

    private static List<String> asked(String path, JdbcTemplate store) {
        if (NOT_ASKED.contains(path)) {
            return List.of();
        }
        if (path.contains("{code}")) {
            String table =
                    path.contains("/lots/") ? "wood_lot" : path.contains("/grafts/") ? "bench_graft" : "place_plant";
            return store
                    .queryForList("SELECT code FROM " + table + " ORDER BY id FETCH FIRST 40 ROWS ONLY", String.class)
                    .stream()
                    .map(code -> path.replace("{code}", code))
                    .toList();
        }
        return IntStream.rangeClosed(1, path.contains("{") ? 40 : 1)
                .mapToObj(id -> path.replace("{key}", "PLANT-" + id).replaceAll("\\{\\w+}", "" + id))
                .toList();
    }
}
