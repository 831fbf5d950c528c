package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What cannot be at the Fit station: told with field and range, nothing kept; and what goes out comes back. */
class FitFaultsApiTest extends ApiTest {

    @BeforeEach
    void farm() {
        http.smallFarm();
    }

    private static Map<String, Object> entry() {
        Map<String, Object> stem =
                new HashMap<>(Map.of("readings", List.of(Map.of("heightMm", 200, "diameterMm", 9.4))));
        Map<String, Object> entry = new HashMap<>(Map.of("techniqueKey", "cleft", "speciesKey", "avocado"));
        entry.putAll(Map.of("stem", stem, "scionMm", 8, "wrap", "CLOCKWISE"));
        return entry;
    }

    @ParameterizedTest
    @CsvSource({
        "offsetMm, 999, '-150 to 150 mm'",
        "tiltDeg, 40, '-15 to 15 °'",
        "cutMm, 0, '5 to 120 mm'",
        "cutMm, -3, '5 to 120 mm'",
        "depthMm, 90, '0 to 60 mm'",
        "splitMm, -1, '0 to 60 mm'"
    })
    void aPlacingThatCannotBeNamesItsFieldAndRange(String field, double value, String valid) {
        Map<String, Object> entry = entry();
        entry.put("wish", Map.of(field, value));
        Http.Answer answer = http.post("/api/fit", entry);
        assertThat(answer.status()).isEqualTo(422);
        JsonNode at = answer.json().get("fields").get(0);
        assertThat(at.get("field").asString()).isEqualTo(field);
        assertThat(at.get("valid").asString()).isEqualTo(valid);
    }

    @Test
    void aReasonIsToldInTheUnitsOfTheDevice() {
        Map<String, Object> entry = entry();
        entry.put("wish", Map.of("cutMm", 127));
        JsonNode inches =
                http.postIn("inch F", "/api/fit", entry).json().get("fields").get(0);
        assertThat(inches.get("sentence").asString()).endsWith(" is 3/16 to 4 3/4 in, not 5 in.");
        assertThat(inches.get("valid").asString()).isEqualTo("3/16 to 4 3/4 in");
        JsonNode decimal =
                http.postIn("decimal C", "/api/fit", entry).json().get("fields").get(0);
        assertThat(decimal.get("sentence").asString()).endsWith(" is 0.197 to 4.724 in, not 5.000 in.");
        JsonNode plain = http.post("/api/fit", entry).json().get("fields").get(0);
        assertThat(plain.get("sentence").asString()).endsWith(" is 5 to 120 mm, not 127 mm.");
    }

    @Test
    void aMeasureWithoutADiameterIsRefusedAndNothingIsKept() {
        assertThat(http.put("/api/fit/stems/1", Map.of("readings", List.of()))
                        .json()
                        .get("detail")
                        .asString())
                .isEqualTo("A stem needs one diameter at least.");
        Map<String, Object> leaf =
                new HashMap<>(Map.of("readings", List.of(Map.of("heightMm", 200, "diameterMm", 9.4))));
        leaf.put("topMm", 300);
        leaf.put("leafMm", 400);
        assertThat(http.put("/api/fit/stems/1", leaf).json().get("detail").asString())
                .isEqualTo("The nurse leaf stands above the tip of the stem.");
        leaf.put("leafMm", 100);
        leaf.put("barkMm", 4);
        assertThat(http.put("/api/fit/stems/1", leaf).json().get("detail").asString())
                .contains("Bark on a stem of 9.4 mm is 0.1 to 2.82 mm, not 4 mm");
        leaf.put("barkMm", 99);
        assertThat(http.put("/api/fit/stems/1", leaf).status()).isEqualTo(422);
        assertThat(http.get("/api/fit/stems/1").json().get("measuredOn")).isNull();
        assertThat(http.put("/api/fit/stems/99", entry().get("stem")).status()).isEqualTo(404);
    }

    private Map<String, Object> row(String technique, double scionMm, double stockMm) {
        Map<String, Object> row = new HashMap<>(Map.of("stick", "s1", "stem", "t1", "techniqueKey", technique));
        row.putAll(Map.of("scionMm", scionMm, "stockMm", stockMm, "offsetMm", 0));
        return row;
    }

    private Http.Answer kept(Map<String, Object> row) {
        return http.post("/api/fit/lists", Map.of("name", "Loose", "rows", List.of(row)));
    }

    @Test
    void aRowThatCannotBeCutIsNotPrepared() {
        assertThat(kept(row("whip", 12, 9)).json().get("detail").asString()).contains("too thick for a whip");
        assertThat(kept(row("nail", 8, 9)).status()).isEqualTo(422);
        assertThat(kept(row("cleft", 0, 9)).status()).isEqualTo(422);
        assertThat(http.post("/api/fit/lists", Map.of("name", " ", "rows", List.of(row("cleft", 8, 9))))
                        .status())
                .isEqualTo(422);
        assertThat(http.get("/api/fit/lists").json().size()).isZero();
    }

    @Test
    void aLooseStickIsKeptOnTheListButNotLoggedFromIt() {
        assertThat(kept(row("cleft", 8, 9)).status()).isEqualTo(200);
        JsonNode list = http.get("/api/fit/lists").json().get(0);
        JsonNode row = list.get("rows").get(0);
        assertThat(row.get("why").asString()).isEqualTo("the stem is not one of the farm; log it at the Bench");
        String path = "/api/fit/lists/" + list.get("id").asLong();
        Http.Answer logged =
                http.post(path + "/log", Map.of("rows", List.of(row.get("id").asLong()), "cover", "FILM"));
        assertThat(logged.status()).isEqualTo(422);
        assertThat(logged.json().get("detail").asString()).contains("s1 on t1 cannot be logged from here");
        assertThat(http.post(path + "/log", Map.of("rows", List.of(999), "cover", "FILM"))
                        .json()
                        .get("detail")
                        .asString())
                .isEqualTo("A row is not on this list.");
        assertThat(http.send(http.request(path).DELETE()).status()).isEqualTo(204);
        assertThat(http.send(http.request(path).DELETE()).status()).isEqualTo(404);
    }

    @Test
    void oneRowThatCannotBeLoggedLeavesTheOthersOpen() {
        long mother = http.mother("MB-1", null);
        http.netBag();
        JsonNode lot = http.collected(Http.lot(mother, http.today().minusDays(1), 1));
        List<Map<String, Object>> rows = new ArrayList<>();
        for (long stem = 1; stem <= 2; stem++) {
            Map<String, Object> row = row("cleft", 8, 9);
            row.put("stem", "AV-" + stem);
            row.put("lotId", lot.get("id").asLong());
            row.put("stemId", stem);
            rows.add(row);
        }
        http.post("/api/fit/lists", Map.of("name", "Two from one", "rows", rows));
        JsonNode list = http.get("/api/fit/lists").json().get(0);
        List<Long> ids =
                list.get("rows").valueStream().map(r -> r.get("id").asLong()).toList();
        Http.Answer both =
                http.post("/api/fit/lists/" + list.get("id").asLong() + "/log", Map.of("rows", ids, "cover", "FILM"));
        // One stick does not make two grafts.
        assertThat(both.status()).isBetween(409, 422);
        assertThat(http.get("/api/fit/lists").json().get(0).get("open").asInt()).isEqualTo(2);
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isZero();
        Http.Answer one = http.post(
                "/api/fit/lists/" + list.get("id").asLong() + "/log",
                Map.of("rows", ids.subList(0, 1), "cover", "FILM"));
        assertThat(one.status()).isEqualTo(200);
    }

    @Test
    void aPairingNobodyKnowsIsSaidAndOneUnderWayIsStopped() {
        assertThat(http.get("/api/fit/pairings/77").status()).isEqualTo(404);
        List<Map<String, Object>> sticks = new ArrayList<>();
        List<Map<String, Object>> stems = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            sticks.add(Map.of("id", "s" + i, "diameterMm", 5 + i * 0.02));
            stems.add(Map.of("id", "t" + i, "diameterMm", 5 + i * 0.021));
        }
        Map<String, Object> on = new HashMap<>(Map.of("scionSpecies", "avocado", "stockSpecies", "avocado"));
        on.putAll(Map.of("slips", "NO", "wood", "STICK", "growth", "ACTIVE", "keepTop", false, "buds", 3));
        Map<String, Object> batch = new HashMap<>(Map.of("sticks", sticks, "stems", stems, "on", on));
        batch.put("wrap", "CLOCKWISE");
        JsonNode begun = http.post("/api/fit/pairings", batch).json();
        String path = "/api/fit/pairings/" + begun.get("id").asLong();
        assertThat(http.send(http.request(path).DELETE()).status()).isEqualTo(204);
        JsonNode stopped = org.awaitility.Awaitility.await()
                .atMost(java.time.Duration.ofSeconds(30))
                .until(() -> http.get(path).json(), w -> w.get("finished").asBoolean());
        assertThat(stopped.get("judged").asInt()).isLessThan(400);
        assertThat(stopped.get("result")).isNull();
    }

    @Test
    void whatWasMeasuredAndPreparedGoesOutAndComesBack() {
        http.put("/api/fit/stems/1", entry().get("stem"));
        http.put("/api/fit/hands/1", Map.of("skill", 3));
        kept(row("cleft", 8, 9));
        http.cleft(0, 2);
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        String before = http.get("/api/fit/lists").text()
                + http.get("/api/fit/stems/1").text()
                + http.get("/api/fit/hands").text();
        emptyFarm();
        assertThat(http.file("/api/exchange/farm.zip", zip).status()).isEqualTo(200);
        String after = http.get("/api/fit/lists").text()
                + http.get("/api/fit/stems/1").text()
                + http.get("/api/fit/hands").text();
        assertThat(after).isEqualTo(before);
        assertThat(new String(http.get("/api/exchange/farm.zip").bytes(), StandardCharsets.ISO_8859_1))
                .contains("fit_row.csv");
        JsonNode graft = http.get("/api/grafts").json().get("grafts").get(0);
        assertThat(graft.get("fitMet").asDouble())
                .isPositive()
                .isLessThanOrEqualTo(graft.get("fitWhole").asDouble());
    }
}
