package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Whatever was written wrong can be put right, what hangs on it follows, and nothing is lost on the way. */
class PutRightApiTest extends ApiTest {

    @Autowired
    private JdbcTemplate store;

    private LocalDate today;
    private long mother;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        http.netBag();
        mother = http.mother("MB-1", null);
    }

    private JsonNode lot(int sticks) {
        return http.collected(Http.lot(mother, today.minusDays(4), sticks));
    }

    private String graft(JsonNode lot, long stem) {
        Http.Answer logged = http.post("/api/grafts", Http.graftOf(id(lot), "cleft", today, stem));
        return logged.json().get("codes").get(0).asString();
    }

    private static long id(JsonNode node) {
        return node.get("id").asLong();
    }

    private JsonNode shown(JsonNode lot) {
        return http.get("/api/lots/" + lot.get("code").asString()).json().get("lot");
    }

    private Http.Answer parts(String code, long stem, @org.jspecify.annotations.Nullable Long lotId) {
        Map<String, Object> parts = new HashMap<>(Map.of("stemId", stem));
        parts.put("lotId", lotId);
        parts.put("woodSource", lotId == null ? "a neighbour" : null);
        parts.put("version", graftOf(code).get("version").asInt());
        return http.put("/api/grafts/" + code + "/parts", parts);
    }

    private JsonNode graftOf(String code) {
        return http.sheet(code).get("stop").get("graft");
    }

    @Test
    void aGraftOfAnotherLotOnAnotherStockGivesBackAndTakes() {
        JsonNode wrong = lot(3);
        JsonNode right = lot(2);
        String code = graft(wrong, 1);
        assertThat(shown(wrong).get("sticksLeft").asInt()).isEqualTo(2);
        Http.Answer put = parts(code, 2, id(right));
        assertThat(put.status()).as(put.text()).isEqualTo(200);
        assertThat(put.json().get("sentence").asString())
                .contains(code + " put right: on AV-2, wood of "
                        + right.get("code").asString());
        assertThat(shown(wrong).get("sticksLeft").asInt()).isEqualTo(3);
        assertThat(shown(right).get("sticksLeft").asInt()).isEqualTo(1);
        assertThat(graftOf(code).get("plantCode").asString()).isEqualTo("AV-2");
        assertThat(parts(code, 2, id(right)).status())
                .as("it stands so already")
                .isEqualTo(409);
        String other = graft(right, 1);
        assertThat(parts(other, 2, id(right)).text()).contains("already carries " + code);
        assertThat(http.undo(put.json()).status())
                .as("its stock is taken by now")
                .isEqualTo(409);
        assertThat(shown(right).get("sticksLeft").asInt()).isZero();
    }

    /** What the wood had used of its life by then is that of wood truly grafted on that day. */
    @Test
    void anotherDayOfMakingIsAnotherAgeOfItsWood() {
        JsonNode lot = lot(4);
        String late = graft(lot, 1);
        String then = http.post("/api/grafts", Http.graftOf(id(lot), "cleft", today.minusDays(2), 2))
                .json()
                .get("codes")
                .get(0)
                .asString();
        assertThat(used(late)).isGreaterThan(used(then));
        Map<String, Object> right = Map.of("grafts", read(List.of(late)), "madeOn", "" + today.minusDays(2));
        JsonNode put = http.put("/api/grafts/made", right).json();
        assertThat(used(late)).isEqualTo(used(then)).isPositive();
        assertThat(takenOn(today.minusDays(2))).as("the lot's ledger follows").isEqualTo(2);
        assertThat(takenOn(today)).isZero();
        http.undo(put);
        assertThat(takenOn(today)).isEqualTo(1);
        assertThat(used(late)).isGreaterThan(used(then));
    }

    private int takenOn(LocalDate day) {
        return Objects.requireNonNull(store.queryForObject(
                "SELECT COALESCE(-SUM(sticks), 0) FROM wood_entry WHERE kind = 'GRAFT' AND on_day = ?",
                Integer.class,
                day));
    }

    private double used(String code) {
        return Objects.requireNonNull(
                store.queryForObject("SELECT wood_used FROM bench_graft WHERE code = ?", Double.class, code));
    }

    /** All or none: one that cannot have been made so keeps the others as they were. */
    @Test
    void manyGraftsArePutRightTogetherOrNoneIs() {
        http.cleft(3, 1, 2, 3);
        http.post("/api/people", Map.of("name", "Solveig"));
        List<String> codes = http.get("/api/grafts").json().get("grafts").findValuesAsString("code");
        Map<String, Object> right = new HashMap<>(Map.of("grafts", read(codes), "makerId", 2));
        assertThat(http.put("/api/grafts/made", right).json().get("sentence").asString())
                .isEqualTo("3 grafts put right: by Solveig");
        assertThat(http.put("/api/grafts/made", right).status()).isEqualTo(409);
        http.look(codes.get(1), "GREEN");
        Map<String, Object> late = new HashMap<>(Map.of("grafts", read(codes), "madeOn", "" + today.plusDays(1)));
        assertThat(http.put("/api/grafts/made", late).status()).isEqualTo(422);
        late.put("madeOn", "" + today.minusDays(1));
        late.put("grafts", List.of(Map.of("code", codes.get(0), "version", 0)));
        assertThat(http.put("/api/grafts/made", late).status())
                .as("read before the first")
                .isEqualTo(409);
        for (String code : codes) {
            assertThat(graftOf(code).get("madeOn").asString()).isEqualTo("" + today.minusDays(3));
            assertThat(graftOf(code).get("makerName").asString()).isEqualTo("Solveig");
        }
    }

    private List<Map<String, Object>> read(List<String> codes) {
        return codes.stream()
                .map(code -> Map.<String, Object>of(
                        "code", code, "version", graftOf(code).get("version").asInt()))
                .toList();
    }

    @Test
    void anotherSchoolIsFollowedOnceItIsOneOfTheRulebook() {
        String code = graft(lot(3), 1);
        JsonNode followed = http.sheet(code).get("schools").get(0);
        String question = followed.get("question").asString();
        JsonNode asked = http.get("/api/rules")
                .json()
                .get("schools")
                .valueStream()
                .filter(q -> q.get("key").asString().equals(question))
                .findFirst()
                .orElseThrow();
        String other = asked.get("schools").propertyNames().stream()
                .filter(name -> !name.equals(followed.get("school").asString()))
                .findFirst()
                .orElseThrow();
        assertThat(school(code, question, "by-the-moon-of-nowhere").text()).contains("There is no such school");
        assertThat(school(code, question, other).status()).isEqualTo(200);
        assertThat(http.sheet(code).get("schools").get(0).get("school").asString())
                .isEqualTo(other);
    }

    private Http.Answer school(String code, String question, String school) {
        JsonNode graft = graftOf(code);
        Map<String, Object> parts =
                new HashMap<>(Map.of("stemId", graft.get("stemId").asLong()));
        parts.put("lotId", graft.get("lotId").asLong());
        parts.put("schools", Map.of(question, school));
        parts.put("version", graft.get("version").asInt());
        return http.put("/api/grafts/" + code + "/parts", parts);
    }

    @Test
    void twoPlantsMadeOneCarryAllThatBothCarried() {
        String code = graft(lot(3), 1);
        http.post("/api/flush/notes", Map.of("plantIds", List.of(1), "sun", "S100", "day", "" + today.minusDays(9)));
        http.post("/api/flush/notes", Map.of("plantIds", List.of(2), "sun", "M100", "day", "" + today.minusDays(3)));
        assertThat(http.post("/api/plants/1/same", Map.of("as", 2)).status()).isEqualTo(200);
        assertThat(graftOf(code).get("plantCode").asString()).isEqualTo("AV-2");
        assertThat(http.get("/api/flush/plants/AV-2").json().get("history").size())
                .isEqualTo(2);
        assertThat(http.get("/api/flush/plants/AV-1").status()).isEqualTo(404);
        assertThat(http.get("/api/farm").json().get("plants").asInt()).isEqualTo(3);
        long act = http.get("/api/acts").json().get(0).get("id").asLong();
        assertThat(http.post("/api/acts/" + act + "/undo", Map.of()).status()).isEqualTo(200);
        assertThat(graftOf(code).get("plantCode").asString()).isEqualTo("AV-1");
        assertThat(http.get("/api/flush/plants/AV-2").json().get("history").size())
                .isEqualTo(1);
    }

    @Test
    void twoLotsMadeOneHoldWhatBothHeld() {
        JsonNode one = lot(3);
        JsonNode other = lot(5);
        graft(one, 1);
        assertThat(http.post("/api/lots/" + id(one) + "/same", Map.of("as", id(other)))
                        .status())
                .isEqualTo(200);
        assertThat(shown(other).get("sticksLeft").asInt()).isEqualTo(7);
        assertThat(http.get("/api/lots/" + one.get("code").asString()).status()).isEqualTo(404);
        assertThat(http.get("/api/varieties").json().size()).isEqualTo(2);
        assertThat(http.post("/api/varieties/1/same", Map.of("as", 2)).text()).contains("is of another species");
        assertThat(http.post("/api/plants/1/same", Map.of("as", 1)).text()).contains("one and the same already");
    }

    @Test
    void ofEightWhoMakeTheSameTwoOneOneDoes() throws Exception {
        http.post("/api/people", Map.of("name", "Ingmar S"));
        List<Integer> answers = AtOnce.of(
                8, () -> http.post("/api/people/2/same", Map.of("as", 1)).status());
        assertThat(answers).contains(200).allMatch(status -> status == 200 || status == 404 || status == 409);
        assertThat(http.get("/api/people").json().size()).isEqualTo(1);
    }

    @Test
    void aPlantPutRightKeepsItsGraftAndOneTakenOffEndsItsVisitsOnceThatWasSaid() {
        String code = graft(lot(3), 1);
        Map<String, Object> plant = new HashMap<>(Map.of("code", "AV-2", "speciesKey", "avocado", "spotId", 1));
        plant.putAll(Map.of("kind", "SEEDLING_STOCK", "version", 0));
        assertThat(http.put("/api/plants/1", plant).text()).contains("If they are one and the same, say so instead.");
        plant.putAll(Map.of("code", "AV-11", "stems", List.of(Map.of("label", "1", "diameterMm", 120))));
        assertThat(http.put("/api/plants/1", plant).text()).contains("too much for a seedling stock");
        plant.put("stems", List.of(Map.of("label", "1", "diameterMm", 12)));
        assertThat(http.put("/api/plants/1", plant).status()).isEqualTo(200);
        assertThat(graftOf(code).get("plantCode").asString()).isEqualTo("AV-11");

        Http.Answer asked = http.post("/api/plants/1/gone", Map.of("how", "DEAD"));
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.text()).contains("AV-11 carries " + code + ", which lives. Its visits end");
        assertThat(http.sheet(code).get("stop").get("tasks")).isNotEmpty();
        JsonNode gone = http.post("/api/plants/1/gone", Map.of("how", "DEAD", "withGrafts", true))
                .json();
        assertThat(http.sheet(code).get("stop").get("tasks")).isEmpty();
        http.undo(gone);
        assertThat(http.sheet(code).get("stop").get("tasks")).isNotEmpty();
    }

    @Test
    void aVarietyOfAnotherSpeciesTakesItsGraftsWithIt() {
        String code = graft(lot(3), 1);
        Map<String, Object> entry = new HashMap<>(Map.of("speciesKey", "citrus", "name", "Pale Buoy", "version", 0));
        assertThat(http.put("/api/varieties/1", entry).status()).isEqualTo(200);
        assertThat(graftOf(code).get("speciesKey").asString()).isEqualTo("citrus");
        assertThat(http.get("/api/lots")
                        .json()
                        .get("lots")
                        .get(0)
                        .get("speciesKey")
                        .asString())
                .isEqualTo("citrus");
    }
}
