package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Sources with their proof, permits and tests; movements; what happens when two write at once. */
class SourceApiTest extends ApiTest {

    private LocalDate today;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
    }

    private Map<String, Object> source(String name, String kind) {
        return new HashMap<>(Map.of("name", name, "kind", kind, "identity", "LABEL_ONLY", "insectProof", false));
    }

    private long added(Map<String, Object> source) {
        Http.Answer answer = http.post("/api/sources", source);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json().get("id").asLong();
    }

    private JsonNode view(String name) {
        return http.get("/api/sources")
                .json()
                .valueStream()
                .filter(s -> s.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private Map<String, Object> test(String key, String outcome, LocalDate day, int valid) {
        Map<String, Object> test = Http.tested(key, outcome, day);
        test.put("validDays", valid);
        return test;
    }

    @Test
    void aSourceIsWrittenChangedArchivedAndBroughtBack() {
        long id = added(source("Reed Gate", "POST"));
        assertThat(view("Reed Gate").get("health").get("standing").asString()).isEqualTo("UNTESTED");
        Map<String, Object> change = source("Reed Gate", "NURSERY");
        change.put("version", 0);
        assertThat(http.put("/api/sources/" + id, change).status()).isEqualTo(200);
        assertThat(view("Reed Gate").get("kind").asString()).isEqualTo("NURSERY");
        assertThat(http.get("/api/acts").json().findValuesAsString("sentence"))
                .anyMatch(said -> said.equals("Source Reed Gate changed"));
        Http.Answer late = http.put("/api/sources/" + id, change);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.json().get("detail").asString()).contains("somebody else");
        JsonNode gone = http.send(http.request("/api/sources/" + id).DELETE()).json();
        assertThat(http.get("/api/sources").json().size()).isZero();
        http.post("/api/acts/" + gone.get("actId").asLong() + "/undo", Map.of());
        assertThat(view("Reed Gate").get("row").get("version").asInt()).isEqualTo(1);
        assertThat(http.post("/api/sources", source("Reed Gate", "POST")).status())
                .isEqualTo(409);
    }

    @Test
    void anOwnSourceIsAPlantAndNothingElseIs() {
        assertThat(http.post("/api/sources", source("Mine", "OWN")).status()).isEqualTo(422);
        Map<String, Object> both = source("Both", "NEIGHBOUR");
        both.put("plantId", 1);
        assertThat(http.post("/api/sources", both)
                        .json()
                        .get("fields")
                        .get(0)
                        .get("field")
                        .asString())
                .isEqualTo("kind");
        Map<String, Object> nobody = source("Nobody", "OWN");
        nobody.put("plantId", 999);
        assertThat(http.post("/api/sources", nobody).status()).isEqualTo(404);
        assertThat(http.post("/api/sources", source("", "POST")).status()).isEqualTo(422);
        assertThat(http.post("/api/sources", source("Odd", "MOON")).status()).isEqualTo(400);
    }

    @Test
    void permitsAndLicencesRemindBeforeAndAfterTheyRunOut() {
        Map<String, Object> soon = source("Lower Ford", "POST");
        soon.put("permit", "across the strait");
        soon.put("permitDue", today.plusDays(20).toString());
        soon.put("licence", "");
        soon.put("licenceDue", today.minusDays(1).toString());
        added(soon);
        Map<String, Object> later = source("Upper Ford", "POST");
        later.put("permitDue", today.plusDays(31).toString());
        added(later);
        assertThat(view("Lower Ford").get("reminders").toString())
                .contains("across the strait")
                .contains("runs out on")
                .contains("ran out on");
        assertThat(view("Upper Ford").get("reminders").size()).isZero();
    }

    @Test
    void aClearTestHoldsAsLongAsItSaysAndIsRemovedWithItsTrace() {
        long id = added(source("Reed Gate", "SCHEME"));
        String key = "SOURCE-" + id;
        http.post("/api/tests", test(key, "CLEAR", today.minusDays(100), 400));
        assertThat(view("Reed Gate").get("health").get("standing").asString()).isEqualTo("CLEAN");
        assertThat(view("Reed Gate").get("health").get("until").asString())
                .isEqualTo(today.plusDays(300).toString());
        http.post("/api/tests", test(key, "CLEAR", today.minusDays(50), 60));
        assertThat(view("Reed Gate").get("health").get("standing").asString()).isEqualTo("DUE");
        JsonNode tests = http.get("/api/tests?key=" + key).json();
        assertThat(tests.size()).isEqualTo(2);
        assertThat(tests.get(0).get("validDays").asInt()).isEqualTo(60);
        JsonNode removed = http.send(
                        http.request("/api/tests/" + tests.get(0).get("id").asLong())
                                .DELETE())
                .json();
        assertThat(view("Reed Gate").get("health").get("standing").asString()).isEqualTo("CLEAN");
        http.post("/api/acts/" + removed.get("actId").asLong() + "/undo", Map.of());
        assertThat(http.get("/api/tests?key=" + key).json().size()).isEqualTo(2);
        assertThat(http.post("/api/tests", test(key, "CLEAR", today, 0)).status())
                .isEqualTo(422);
        assertThat(http.post("/api/tests", test("LOT-1", "CLEAR", today, 30))
                        .json()
                        .get("detail")
                        .asString())
                .contains("Plants and sources are tested");
        assertThat(http.get("/api/tests?key=cow").status()).isEqualTo(422);
    }

    @Test
    void aTestBeforeThePlantWasThereIsRefused() {
        http.mother("MB-9", today.minusDays(40));
        String key = view("MB-9").get("key").asString();
        Http.Answer early = http.post("/api/tests", test(key, "CLEAR", today.minusDays(41), 30));
        assertThat(early.status()).isEqualTo(422);
        assertThat(early.json().get("fields").get(0).get("valid").asString()).contains("" + today.minusDays(40));
        assertThat(http.post("/api/tests", test(key, "CLEAR", today.minusDays(40), 30))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void woodOfASuspectSourceIsNotTakenInAndOldLotsAreStopped() {
        http.post("/api/stores", Map.of("name", "Net bag", "method", "FRIDGE"));
        long id = added(source("Reed Gate", "NEIGHBOUR"));
        Map<String, Object> lot = new HashMap<>(Map.of("sourceId", id, "varietyId", 1, "storeId", 1));
        lot.putAll(Map.of(
                "sticks",
                4,
                "budsPerStick",
                3,
                "wrapped",
                true,
                "cutOn",
                today.minusDays(3).toString()));
        lot.put("receivedOn", today.minusDays(4).toString());
        assertThat(http.post("/api/lots", lot)
                        .json()
                        .get("fields")
                        .get(0)
                        .get("field")
                        .asString())
                .isEqualTo("receivedOn");
        lot.put("receivedOn", today.minusDays(1).toString());
        String code = http.post("/api/lots", lot).json().get("code").asString();
        http.post("/api/recalls", test("SOURCE-" + id, "SUSPECT", today, 1));
        JsonNode held = http.get("/api/lots/" + code).json().get("lot");
        assertThat(held.get("refusal").asString()).contains("Reed Gate");
        assertThat(http.post("/api/lots", lot).json().get("detail").asString()).contains("No wood may be taken");
        assertThat(http.get("/api/supply").json().get("spareSticks").asInt()).isZero();
        assertThat(http.send(http.request("/api/lots/" + held.get("id").asLong())
                                .DELETE())
                        .status())
                .isEqualTo(409);
        assertThat(http.post("/api/lots/" + held.get("id").asLong() + "/archive", Map.of())
                        .status())
                .isEqualTo(200);
        assertThat(http.get("/api/lots").json().get("lots").size()).isZero();
        assertThat(http.get("/api/lots?search=" + code).json().get("lots").size())
                .isEqualTo(1);
        assertThat(http.get("/api/grafts/find?q=" + code).json().findValuesAsString("kind"))
                .contains("lot");
    }

    @Test
    void visitorsAndMovementsAreWrittenAndWrongOnesRefused() {
        http.put("/api/spots/1/house", Map.of("insectProof", true));
        Map<String, Object> visitor = Map.of("visitor", "a class of pupils", "day", today.toString(), "toSpotId", 1);
        long act = http.post("/api/lineage/moves", visitor).json().get("actId").asLong();
        JsonNode move = http.get("/api/lineage/moves").json().get(0);
        assertThat(move.get("visitor").asString()).isEqualTo("a class of pupils");
        assertThat(move.get("toHouse").asBoolean()).isTrue();
        http.post("/api/acts/" + act + "/undo", Map.of());
        assertThat(http.get("/api/lineage/moves").json().size()).isZero();
        for (Map<String, Object> wrong : List.of(
                Map.<String, Object>of("visitor", "x", "plantId", 1, "day", today.toString(), "toSpotId", 1),
                Map.<String, Object>of("visitor", "x", "day", today.plusDays(1).toString(), "toSpotId", 1),
                Map.<String, Object>of("visitor", "x", "day", today.toString(), "toSpotId", 77),
                Map.<String, Object>of("plantId", 77, "day", today.toString(), "toSpotId", 1))) {
            assertThat(http.post("/api/lineage/moves", wrong).status())
                    .as("" + wrong)
                    .isBetween(404, 422);
        }
        assertThat(http.put("/api/spots/77/house", Map.of("insectProof", true)).status())
                .isEqualTo(404);
    }

    @Test
    void storesHaveNamesOfTheirOwnAndLoggersReadUntilToday() {
        Http.Answer fridge = http.post("/api/stores", Map.of("name", "Deep box", "method", "FRIDGE", "setC", 6));
        assertThat(fridge.status()).isEqualTo(200);
        assertThat(http.post("/api/stores", Map.of("name", "Deep box", "method", "FRIDGE"))
                        .status())
                .isEqualTo(409);
        assertThat(http.post("/api/stores", Map.of("name", "Oven", "method", "FRIDGE", "setC", 180))
                        .status())
                .isEqualTo(422);
        assertThat(store().get("basis").asString()).isEqualTo("SET");
        assertThat(put("/api/stores/1/logger", "{\"on\":true}")).isEqualTo(200);
        assertThat(store().get("basis").asString()).isEqualTo("LOG");
        JsonNode log = store().get("log");
        assertThat(log.size()).isGreaterThan(20);
        assertThat(log.get(log.size() - 1).get("day").asString())
                .isEqualTo(today.minusDays(1).toString());
        assertThat(log.valueStream()
                        .mapToDouble(d -> d.get("meanC").asDouble())
                        .average()
                        .orElse(0))
                .isBetween(5.0, 9.0);
        put("/api/stores/1/logger", "{\"on\":false}");
        assertThat(store().get("log").size()).isEqualTo(log.size());
        assertThat(put("/api/stores/9/logger", "{\"on\":true}")).isEqualTo(404);
        http.post("/api/acts/" + fridge.json().get("actId").asLong() + "/undo", Map.of());
        assertThat(http.get("/api/calliper").json().get("mm").asDouble()).isBetween(3.0, 12.0);
    }

    private JsonNode store() {
        return http.get("/api/stores").json().get(0);
    }

    private int put(String path, String body) {
        return http.send(http.request(path)
                        .header("Content-Type", "application/json")
                        .PUT(HttpRequest.BodyPublishers.ofString(body)))
                .status();
    }
}
