package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class LooksApiTest extends ApiTest {

    private String code;

    private void oneGraft(int daysAgo) {
        http.smallFarm();
        code = http.cleft(daysAgo, 1).json().get("codes").get(0).asString();
    }

    private String state() {
        return http.sheet(code).get("stop").get("graft").get("state").asString();
    }

    @Test
    void aLookMovesTheGraftAndAnswersItsDueVisits() {
        oneGraft(7);
        assertThat(http.get("/api/today").json().get("due").asInt()).isEqualTo(1);
        assertThat(http.look(code, "GREEN").status()).isEqualTo(200);
        assertThat(state()).isEqualTo("ALIVE");
        assertThat(http.get("/api/today").json().get("due").asInt()).isZero();
        JsonNode past = http.sheet(code).get("past").get(0);
        assertThat(past.get("answered").asString()).contains("FIRST_WATER", "SWEEP");
        assertThat(past.get("who").asString()).isEqualTo("Ingmar");
    }

    @Test
    void aLookIsTakenBackWithItsVisits() {
        oneGraft(7);
        long act = http.look(code, "DEAD").json().get("actId").asLong();
        assertThat(state()).isEqualTo("FAILED");
        http.post("/api/acts/" + act + "/undo", Map.of());
        assertThat(state()).isEqualTo("MADE");
        assertThat(http.get("/api/rounds").json().get("due").asInt()).isEqualTo(1);
        assertThat(http.sheet(code).get("past").size()).isZero();
    }

    @Test
    void theDeadDoNotWakeWithoutACorrection() {
        oneGraft(20);
        http.look(code, "DEAD");
        Http.Answer refused = http.look(code, "GREEN");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().get("detail").asString()).contains("correction");
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        Map<String, Object> correction = Http.lookAt(graft, "GREEN");
        correction.put("correction", true);
        http.post("/api/looks", correction);
        assertThat(state()).isEqualTo("ALIVE");
        assertThat(http.sheet(code).get("past").size()).isEqualTo(2);
    }

    @Test
    void ofEightWhoAnswerAtOnceOneIsTakenAndTheOthersAreTold() throws Exception {
        oneGraft(7);
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        List<Integer> statuses = AtOnce.of(8, () -> http.look(graft, "SWELLING").status());
        assertThat(statuses).containsOnlyOnce(200).filteredOn(s -> s == 409).hasSize(7);
        assertThat(http.sheet(code).get("past").size()).isEqualTo(1);
        assertThat(http.look(graft, "GREEN").json().get("detail").asString())
                .contains("Ingmar answered " + code + " already: swelling");
    }

    @Test
    void severalAreAnsweredAtOnceInWalkingOrder() {
        http.smallFarm();
        http.cleft(7, 1, 2, 3);
        JsonNode stops = http.get("/api/rounds").json().get("stops");
        assertThat(stops.findValuesAsString("plantCode")).containsExactly("AV-1", "AV-2", "AV-3");
        List<Map<String, Object>> all = stops.valueStream()
                .map(s -> Map.<String, Object>of(
                        "graftId",
                        s.get("graft").get("id").asLong(),
                        "version",
                        s.get("graft").get("version").asInt()))
                .toList();
        JsonNode answered = http.post("/api/looks", Map.of("grafts", all, "sign", "NOTHING"))
                .json();
        assertThat(answered.get("grafts").size()).isEqualTo(3);
        assertThat(http.get("/api/rounds").json().get("due").asInt()).isZero();
    }

    @Test
    void takesKeepWaitingGraftsApartAndOpenToTheirGrafts() {
        http.smallFarm();
        http.cleft(40, 1, 2, 3);
        String stem = http.get("/api/grafts")
                .json()
                .get("grafts")
                .get(0)
                .get("code")
                .asString()
                .substring(0, 6);
        http.look(stem + "001", "LEAFED");
        http.look(stem + "002", "DEAD");
        JsonNode view = http.get("/api/takes").json();
        JsonNode count = view.get("farm").get("count");
        assertThat(List.of(
                        count.get("taken").asInt(),
                        count.get("failed").asInt(),
                        count.get("waiting").asInt()))
                .containsExactly(1, 1, 1);
        assertThat(view.get("farm").get("mean").asDouble()).isCloseTo(0.5, org.assertj.core.data.Offset.offset(1e-6));
        JsonNode season = view.get("groups").get(2);
        JsonNode key = season.get("key");
        JsonNode grafts = http.get("/api/grafts?varietyId="
                        + key.get("varietyId").asLong() + "&from="
                        + key.get("from").asString() + "&to=" + key.get("to").asString())
                .json();
        assertThat(grafts.get("total").asInt()).isEqualTo(3);
        assertThat(http.get("/api/takes.csv?by=MAKER").text())
                .startsWith("group,under,taken,failed,waiting")
                .contains("Ingmar,,1,1,1,0,0.5");
    }
}
