package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Sources, tests, parentage and recalls over HTTP. */
class LineageApiTest extends ApiTest {

    private LocalDate today;
    private long first;
    private long second;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        http.netBag();
        first = http.mother("MB-1", null);
        second = http.mother("MB-2", null);
    }

    private long lot(long plant) {
        return http.collected(Http.lot(plant, today, 6)).get("id").asLong();
    }

    private Http.Answer graft(long lot, long stem) {
        return http.post("/api/grafts", Http.graftOf(lot, "cleft", today, stem));
    }

    private Map<String, Object> test(long plant, String outcome, LocalDate day) {
        return Http.tested("PLANT-" + plant, outcome, day);
    }

    private List<String> held(JsonNode recall, String why) {
        return recall.get("held")
                .valueStream()
                .filter(h -> h.get("why").asString().equals(why))
                .map(h -> h.get("member").get("code").asString())
                .toList();
    }

    @Test
    void aPositiveTestHoldsWhatDescendsAndWhatTheBladeTouchedUntilItIsReleased() {
        long sick = lot(first);
        long touched = lot(second);
        http.post("/api/cleaning", Map.of("personId", 1, "occasion", "NEW_LOT"));
        long clean = lot(http.mother("MB-3", null));
        String code = graft(sick, 1).json().get("codes").get(0).asString();
        http.post("/api/cleaning", Map.of("personId", 1, "occasion", "SUSPECT"));
        JsonNode seen = http.post("/api/recalls/preview", test(first, "POSITIVE", today))
                .json();
        assertThat(held(seen, "TESTED")).containsExactly("MB-1");
        assertThat(held(seen, "DESCENDS")).hasSize(3).contains(code, "AV-1");
        assertThat(held(seen, "EXPOSED")).hasSize(2).contains("MB-2");
        assertThat(http.get("/api/recalls").json().size()).isZero();

        JsonNode placed =
                http.post("/api/recalls", test(first, "POSITIVE", today)).json();
        Http.Answer refused = graft(sick, 2);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("detail").asString())
                .contains("is held")
                .contains("MB-1")
                .contains("leaf scald");
        assertThat(graft(touched, 2).json().get("detail").asString()).contains("uncleaned blade");
        assertThat(graft(clean, 2).status()).isEqualTo(200);
        Map<String, Object> more = Http.lot(first, today, 2);
        assertThat(http.post("/api/lots", more).json().get("detail").asString()).contains("No wood may be taken");
        assertThat(http.post("/api/lots/" + sick + "/out", Map.of("kind", "GIVEN", "sticks", 1))
                        .status())
                .isEqualTo(422);
        JsonNode tasks = http.sheet(code).get("stop").get("tasks");
        assertThat(tasks.size()).isEqualTo(1);
        assertThat(tasks.get(0).get("ask").asString()).contains("isolate").contains("plant-health authority");

        String release = "/api/recalls/" + placed.get("id").asLong() + "/release";
        assertThat(http.post(release, Map.of("reason", " ")).status()).isEqualTo(422);
        http.post(release, Map.of("reason", "retested clear", "keys", List.of("LOT-" + touched)));
        assertThat(graft(touched, 3).status()).isEqualTo(200);
        assertThat(graft(sick, 1).status()).isEqualTo(422);
        http.post(release, Map.of("reason", "the authority says so"));
        assertThat(http.sheet(code).get("stop").get("tasks").size()).isGreaterThan(1);
        assertThat(http.get("/api/recalls").json().get(0).get("held").asInt()).isZero();
        assertThat(http.post(release, Map.of("reason", "again")).status()).isEqualTo(409);
    }

    @Test
    void aRecallIsTakenBackWholeAndAClearTestStandsInItsWay() {
        long before = lot(first);
        graft(before, 1);
        http.post("/api/tests", test(first, "CLEAR", today));
        JsonNode seen =
                http.post("/api/recalls/preview", test(first, "SUSPECT", today)).json();
        // What was cut on the day of the clear test still counts: the hour is not known.
        assertThat(held(seen, "DESCENDS")).hasSize(3);
        long act = http.post("/api/recalls", test(first, "SUSPECT", today))
                .json()
                .get("actId")
                .asLong();
        assertThat(http.get("/api/sources").json().findValuesAsString("standing"))
                .contains("SUSPECT");
        http.post("/api/acts/" + act + "/undo", Map.of());
        assertThat(http.get("/api/recalls").json().size()).isZero();
        assertThat(http.get("/api/sources").json().findValuesAsString("standing"))
                .doesNotContain("SUSPECT");
        assertThat(graft(before, 2).status()).isEqualTo(200);
    }

    @Test
    void aCircleIsRefusedWithItsPathAndATestAheadOfTodayToo() {
        assertThat(parent(second, "PLANT-" + first).status()).isEqualTo(200);
        Http.Answer circle = parent(first, "PLANT-" + second);
        assertThat(circle.status()).isEqualTo(422);
        assertThat(circle.json().get("detail").asString()).contains("MB-1 → MB-2");
        assertThat(parent(first, "PLANT-" + first).status()).isEqualTo(422);
        assertThat(parent(first, "PLANT-999").status()).isEqualTo(422);
        assertThat(parent(first, "COW").status()).isEqualTo(422);
        Http.Answer ahead = http.post("/api/tests", test(first, "CLEAR", today.plusDays(1)));
        assertThat(ahead.json().get("fields").get(0).get("field").asString()).isEqualTo("day");
        assertThat(http.post("/api/tests", test(first, "POSITIVE", today)).status())
                .isEqualTo(422);
        assertThat(http.post("/api/recalls", test(first, "CLEAR", today)).status())
                .isEqualTo(422);
    }

    private Http.Answer parent(long plant, String from) {
        return http.post("/api/lineage/parents", Map.of("plantId", plant, "fromKey", from));
    }

    @Test
    void theWayToACleanSourceIsShownAndLeavingTheHouseCallsForATest() {
        long source = http.post(
                        "/api/sources",
                        Map.of("name", "Lee Bank", "kind", "SCHEME", "identity", "SEEN_FRUIT", "insectProof", true))
                .json()
                .get("id")
                .asLong();
        Map<String, Object> clear = new HashMap<>(test(first, "CLEAR", today.minusDays(3)));
        clear.put("key", "SOURCE-" + source);
        assertThat(http.post("/api/tests", clear).status()).isEqualTo(200);
        parent(first, "SOURCE-" + source);
        long lot = lot(first);
        JsonNode around = http.get("/api/lineage/LOT-" + lot).json();
        assertThat(around.get("cleanPath").findValuesAsString("code")).startsWith("Lee Bank", "MB-1");
        assertThat(around.get("forebears").asInt()).isEqualTo(2);
        assertThat(around.get("focus").get("standing").asString()).isEqualTo("UNTESTED");
        http.post("/api/tests", test(first, "CLEAR", today.minusDays(1)));
        assertThat(http.get("/api/lineage/LOT-" + lot)
                        .json()
                        .get("focus")
                        .get("standing")
                        .asString())
                .isEqualTo("CLEAN");

        http.put("/api/spots/1/house", Map.of("insectProof", true));
        http.post("/api/spots", Map.of("name", "Yard"));
        JsonNode moved = http.post(
                        "/api/lineage/moves", Map.of("plantId", first, "day", today.toString(), "toSpotId", 2))
                .json();
        assertThat(http.get("/api/lineage/PLANT-" + first)
                        .json()
                        .get("focus")
                        .get("standing")
                        .asString())
                .isEqualTo("DUE");
        http.post("/api/acts/" + moved.get("actId").asLong() + "/undo", Map.of());
        assertThat(http.get("/api/lineage/PLANT-" + first)
                        .json()
                        .get("focus")
                        .get("standing")
                        .asString())
                .isEqualTo("CLEAN");
        assertThat(http.post("/api/lineage/moves", Map.of("day", today.toString(), "toSpotId", 2))
                        .status())
                .isEqualTo(422);
        assertThat(http.get("/api/lineage/PLANT-999").status()).isEqualTo(404);
    }
}
