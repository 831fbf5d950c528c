package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What was written is put right and taken back; not where something else rests on it by then. */
class TakenBackApiTest extends ApiTest {

    @BeforeEach
    void oneGraft() {
        Map<String, Object> site = new HashMap<>(Map.of("name", "Gull Steps", "latitudeDeg", 28.5, "longitudeDeg", 12));
        site.putAll(Map.of("altitudeM", 40, "zone", "UTC", "version", 0));
        http.put("/api/site", site);
        http.post("/api/spots", Map.of("name", "Bench"));
        http.post("/api/people", Map.of("name", "Ingmar"));
        http.post("/api/people", Map.of("name", "Solveig"));
        http.post("/api/varieties", Map.of("speciesKey", "avocado", "name", "Pale Buoy"));
        Map<String, Object> stocks = new HashMap<>(Map.of("lines", "AV-1 8.2\nAV-2 9", "speciesKey", "avocado"));
        stocks.putAll(Map.of("kind", "SEEDLING_STOCK", "spotId", 1));
        http.post("/api/plants/paste", stocks);
        logged(1, http.today().minusDays(5), 1);
    }

    private void logged(int variety, LocalDate on, long stem) {
        Map<String, Object> entry = new HashMap<>(Map.of("varietyId", variety, "techniqueKey", "cleft", "makerId", 1));
        entry.putAll(Map.of("cover", "FILM", "madeOn", "" + on, "stems", List.of(Map.of("stemId", stem))));
        assertThat(http.post("/api/grafts", entry).status()).isEqualTo(200);
    }

    private Http.Answer renamed(int person, String name, int version) {
        return http.put("/api/people/" + person, Map.of("to", Map.of("name", name), "version", version));
    }

    private long lastAct() {
        return http.get("/api/acts").json().get(0).get("id").asLong();
    }

    private Http.Answer takeBack(long act) {
        return http.post("/api/acts/" + act + "/undo", Map.of());
    }

    private Map<String, Object> made(LocalDate on) {
        Map<String, Object> made = new HashMap<>(Map.of("madeOn", "" + on, "techniqueKey", "whip", "cover", "BAG"));
        made.putAll(Map.of("makerId", 2, "scionMm", 8.5, "stockMm", 9.0, "version", version()));
        return made;
    }

    private JsonNode stop() {
        return http.sheet("PB-26-001").get("stop");
    }

    private String firstPerson() {
        return http.get("/api/people").json().get(0).get("name").asString();
    }

    private int version() {
        return stop().get("graft").get("version").asInt();
    }

    @Test
    void aNameGivenTwiceIsTakenBackInTurnAndNotOutOfTurn() {
        assertThat(renamed(1, "Ingmar of the steps", 0).status()).isEqualTo(200);
        long first = lastAct();
        assertThat(renamed(1, "Ingmar by the sea", 1).status()).isEqualTo(200);
        assertThat(takeBack(first).status()).isEqualTo(409);
        assertThat(firstPerson()).isEqualTo("Ingmar by the sea");
        assertThat(takeBack(lastAct()).status()).isEqualTo(200);
        assertThat(takeBack(first).status()).isEqualTo(200);
        assertThat(firstPerson()).isEqualTo("Ingmar");
    }

    @Test
    void whatWasAddedIsNotTakenBackUnderWhatIsNowSaidOfIt() {
        http.post("/api/people", Map.of("name", "Runa"));
        long added = lastAct();
        assertThat(renamed(3, "Runa of the weir", 0).status()).isEqualTo(200);
        long named = lastAct();
        Http.Answer refused = takeBack(added);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("changed again since");
        assertThat(takeBack(named).status()).isEqualTo(200);
        assertThat(takeBack(added).status()).isEqualTo(200);
        assertThat(http.get("/api/people").json().size()).isEqualTo(2);
    }

    @Test
    void whatAParentNamesIsNotTakenBackUnderIt() {
        http.post(
                "/api/plants", Map.of("code", "AV-9", "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1));
        long added = lastAct();
        Http.Answer parent = http.post("/api/lineage/parents", Map.of("plantId", 1, "fromKey", "PLANT-3"));
        assertThat(parent.status()).as(parent.text()).isEqualTo(200);
        Http.Answer refused = takeBack(added);
        assertThat(refused.status()).as(refused.text()).isEqualTo(409);
        assertThat(refused.text()).contains("names PLANT-3");
        assertThat(takeBack(lastAct()).status()).isEqualTo(200);
        assertThat(takeBack(added).status()).isEqualTo(200);
    }

    @Test
    void whatCameToBeNeededIsNotTakenBack() {
        http.post("/api/varieties", Map.of("speciesKey", "avocado", "name", "Copper Anchor"));
        long added = lastAct();
        logged(2, http.today(), 2);
        Http.Answer refused = takeBack(added);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("hangs on it");
        assertThat(http.get("/api/varieties").json().size()).isEqualTo(2);
    }

    @Test
    void aGraftPutRightMovesItsVisitsAndBack() {
        String before = stop().get("tasks").toString();
        Http.Answer put =
                http.put("/api/grafts/PB-26-001/made", made(http.today().minusDays(15)));
        assertThat(put.status()).as(put.text()).isEqualTo(200);
        assertThat(put.json().get("sentence").asString()).contains("put right").contains("by Solveig");
        var graft = stop().get("graft");
        assertThat(graft.get("techniqueKey").asString()).isEqualTo("whip");
        assertThat(graft.get("scionMm").asDouble()).isEqualTo(8.5);
        assertThat(stop().get("tasks").toString()).isNotEqualTo(before);
        assertThat(takeBack(lastAct()).status()).isEqualTo(200);
        assertThat(stop().get("tasks").toString()).isEqualTo(before);
        assertThat(http.sheet("PB-26-001")
                        .get("stop")
                        .get("graft")
                        .get("techniqueKey")
                        .asString())
                .isEqualTo("cleft");
    }

    @Test
    void whatCannotHaveBeenIsRefusedAndNothingChanges() {
        http.look("PB-26-001", "GREEN");
        Http.Answer late =
                http.put("/api/grafts/PB-26-001/made", made(http.today().plusDays(1)));
        assertThat(late.status()).isEqualTo(422);
        Map<String, Object> thick = made(http.today().minusDays(5));
        thick.put("scionMm", -3);
        assertThat(http.put("/api/grafts/PB-26-001/made", thick).status()).isEqualTo(422);
        Map<String, Object> nobody = made(http.today().minusDays(5));
        nobody.put("makerId", 99);
        assertThat(http.put("/api/grafts/PB-26-001/made", nobody).status()).isIn(404, 422);
        assertThat(http.sheet("PB-26-001")
                        .get("stop")
                        .get("graft")
                        .get("techniqueKey")
                        .asString())
                .isEqualTo("cleft");
    }

    @Test
    void aStickOfALotDoesNotBecomeABudByCorrecting() {
        http.post("/api/stores", Map.of("name", "Cold box", "method", "FRIDGE", "setC", 6));
        Map<String, Object> mother = new HashMap<>(Map.of("code", "PB-M1", "speciesKey", "avocado", "spotId", 1));
        mother.putAll(Map.of("kind", "MOTHER_TREE", "varietyId", 1, "startedOn", "2015-01-01"));
        http.post("/api/plants", mother);
        assertThat(http.post("/api/lots", Http.lot(3, http.today().minusDays(3), 12))
                        .status())
                .isEqualTo(200);
        http.post("/api/grafts", Http.graftOf(1, "cleft", http.today(), 2));
        Map<String, Object> bud = made(http.today());
        bud.putAll(Map.of("techniqueKey", "chip", "version", 0));
        Http.Answer refused = http.put("/api/grafts/PB-26-002/made", bud);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("take the graft back and log it anew");
        bud.put("techniqueKey", "whip");
        assertThat(http.put("/api/grafts/PB-26-002/made", bud).status()).isEqualTo(200);
    }

    @Test
    void ofEightWhoPutItRightAtOnceOneDoes() throws Exception {
        Map<String, Object> right = made(http.today().minusDays(9));
        List<Integer> answers =
                AtOnce.of(8, () -> http.put("/api/grafts/PB-26-001/made", right).status());
        assertThat(answers.stream().filter(status -> status == 200)).hasSize(1);
        assertThat(answers.stream().filter(status -> status == 409)).hasSize(7);
    }

    /** A label may hang on the tree by then: what was taken back keeps its number for ever, also in a farm brought in. */
    @Test
    void aNumberIsGivenOnce() {
        logged(1, http.today(), 2);
        String next =
                http.get("/api/grafts/next?varietyId=1").json().get("code").asString();
        assertThat(takeBack(lastAct()).status()).isEqualTo(200);
        assertThat(http.get("/api/grafts/next?varietyId=1").json().get("code").asString())
                .isEqualTo(next);
        logged(1, http.today(), 2);
        assertThat(http.get("/api/grafts?search=PB-26-003").json().toString()).contains("PB-26-003");
        assertThat(http.get("/api/grafts").json().toString()).doesNotContain("PB-26-002");
    }
}
