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

/** Where wood, bench, lineage and the farm's zip meet: last sticks, holds upon holds, moves in the past, the way out and in. */
class HeldWoodApiTest extends ApiTest {

    private LocalDate today;
    private long mother;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        http.netBag();
        http.post("/api/stores", Map.of("name", "Sill", "method", "AMBIENT"));
        mother = http.mother("MB-1", null);
    }

    private JsonNode lot(int daysAgo, int sticks) {
        Map<String, Object> entry = Http.lot(mother, today.minusDays(daysAgo), sticks);
        entry.put("diametersMm", List.of(6.5, 7.25));
        return http.collected(entry);
    }

    private Http.Answer graft(JsonNode lot, long stem, LocalDate day) {
        return http.post("/api/grafts", Http.graftOf(lot.get("id").asLong(), "cleft", day, stem));
    }

    private Map<String, Object> test(String key, String outcome) {
        return Http.tested(key, outcome, today);
    }

    private JsonNode shown(JsonNode lot) {
        return http.get("/api/lots/" + lot.get("code").asString()).json().get("lot");
    }

    private int move(JsonNode lot, long store, boolean wrapped, LocalDate from) {
        String body = "{\"storeId\":" + store + ",\"wrapped\":" + wrapped + ",\"fromDay\":\"" + from + "\"}";
        return http.send(http.request("/api/lots/" + lot.get("id").asLong() + "/store")
                        .header("Content-Type", "application/json")
                        .PUT(HttpRequest.BodyPublishers.ofString(body)))
                .status();
    }

    /** Two at the bench want the last stick at the same moment: one graft is logged, the other is told. */
    @Test
    void ofTwoWhoGraftTheLastStickOneIsTold() throws Exception {
        JsonNode lot = lot(0, 1);
        List<Http.Answer> answers = AtOnce.of(List.of(() -> graft(lot, 1, today), () -> graft(lot, 2, today)));
        assertThat(answers).extracting(Http.Answer::status).containsExactlyInAnyOrder(200, 422);
        assertThat(answers)
                .filteredOn(a -> a.status() == 422)
                .allSatisfy(a -> assertThat(a.json().get("detail").asString()).contains("0 sticks, 0 buds left"));
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isEqualTo(1);
    }

    private JsonNode woodWick() {
        JsonNode pairings = http.get("/api/windows").json().get("pairings");
        return pairings.isEmpty() ? pairings : pairings.get(0).get("lamp").get("wood");
    }

    @Test
    void aLotLightsTheWoodWickOfStocksThatAreWatchedAndItsHoldPutsItOut() {
        http.post("/api/flush/notes", Map.of("plantIds", List.of(1), "day", "" + today.minusDays(1), "sun", "S100"));
        assertThat(woodWick()).as("no wood, no lamp").isEmpty();
        JsonNode lot = lot(0, 4);
        assertThat(woodWick().get("level").asString()).isEqualTo("LIT");
        assertThat(woodWick().get("words").asString())
                .startsWith(lot.get("code").asString() + " lies in store: 4 sticks, good until about ");
        JsonNode pairing = http.get("/api/windows").json().get("pairings").get(0);
        JsonNode meeting = http.get("/api/windows/meeting?spotId="
                        + pairing.get("spotId").asLong() + "&stockSpecies=avocado&varietyId="
                        + pairing.get("varietyId").asLong())
                .json();
        assertThat(meeting.get("days").get(0).get("asTheyAre").asDouble()).isGreaterThan(0.5);
        assertThat(meeting.get("ways").get(0).get("doing").asString()).isEqualTo("NOTHING");
        http.post(
                "/api/flush/notes", Map.of("plantIds", List.of(mother), "day", "" + today.minusDays(1), "sun", "S100"));
        long recall = http.post("/api/recalls", test("PLANT-" + mother, "POSITIVE"))
                .json()
                .get("id")
                .asLong();
        assertThat(woodWick().get("level").asString()).isEqualTo("OUT");
        assertThat(woodWick().get("words").asString()).startsWith("MB-1 is held");
        http.post("/api/recalls/" + recall + "/release", Map.of("reason", "a mistake of the label"));
        assertThat(woodWick().get("level").asString()).isEqualTo("LIT");
    }

    @Test
    void whatTwoRecallsHoldStaysHeldUntilBothAreReleased() {
        JsonNode lot = lot(0, 4);
        long first = http.post("/api/recalls", test("PLANT-" + mother, "SUSPECT"))
                .json()
                .get("id")
                .asLong();
        long second = http.post("/api/recalls", test("PLANT-" + mother, "POSITIVE"))
                .json()
                .get("id")
                .asLong();
        http.post("/api/recalls/" + first + "/release", Map.of("reason", "a mistake of the label"));
        assertThat(shown(lot).get("refusal").asString()).contains("is held");
        http.post("/api/recalls/" + second + "/release", Map.of("reason", "the authority says so"));
        assertThat(shown(lot).has("refusal")).isFalse();
        assertThat(graft(lot, 1, today).status()).isEqualTo(200);
        JsonNode sheet = http.get("/api/recalls/" + second).json();
        assertThat(sheet.get("held").findValuesAsString("releaseReason")).contains("the authority says so");
    }

    @Test
    void aHeldStockTakesNoGraftAndAHeldGraftIsNotTakenBack() {
        JsonNode lot = lot(0, 4);
        JsonNode logged = graft(lot, 1, today).json();
        http.post("/api/recalls", test("PLANT-" + mother, "POSITIVE"));
        Http.Answer undo = http.post("/api/acts/" + logged.get("actId").asLong() + "/undo", Map.of());
        assertThat(undo.status()).isEqualTo(409);
        assertThat(undo.json().get("detail").asString()).contains("its trace must stay");
        Map<String, Object> plain = new HashMap<>(Map.of("varietyId", 1, "techniqueKey", "chip", "cover", "FILM"));
        plain.put("madeOn", today.toString());
        plain.put("stems", List.of(Map.of("stemId", 1)));
        JsonNode said = http.post("/api/grafts/check", plain).json();
        assertThat(said.toString()).contains("AV-1 is held: it descends from MB-1");
        assertThat(http.post(
                                "/api/lineage/parents",
                                Map.of(
                                        "plantId",
                                        2,
                                        "fromKey",
                                        "LOT-" + lot.get("id").asLong()))
                        .json()
                        .get("detail")
                        .asString())
                .contains("is held");
        String calendar = http.get("/api/exchange/visits.ics").text();
        assertThat(calendar).contains("isolate");
        assertThat(http.get("/api/rounds").json().toString()).contains("plant-health authority");
    }

    /** A hold is carried to every place where its wood or stock could be taken, and ends there when it is released. */
    @Test
    void aHoldStandsAtTheBenchAtFitAndAtTheStickCheck() {
        JsonNode lot = lot(0, 4);
        String code = graft(lot, 1, today).json().get("codes").get(0).asString();
        http.post(
                "/api/graft-days",
                Map.of(
                        "day",
                        "" + today,
                        "spotId",
                        1,
                        "varietyId",
                        1,
                        "grafts",
                        2,
                        "speciesKey",
                        "avocado",
                        "techniqueKey",
                        "cleft"));
        long recall = http.post("/api/recalls", test("PLANT-" + mother, "POSITIVE"))
                .json()
                .get("id")
                .asLong();

        Map<String, Object> words = new HashMap<>(Map.of("varietyId", 1, "techniqueKey", "cleft", "cover", "FILM"));
        words.putAll(Map.of("madeOn", "" + today, "stems", List.of(Map.of("stemId", 2)), "woodSource", "tip of mb-1"));
        assertThat(http.post("/api/grafts", words).text()).contains("MB-1 is held: it was tested itself");
        words.put("woodSource", "own tree");
        assertThat(http.post("/api/grafts/check", words).text()).contains("No wood of MB-1: held.");
        Map<String, Object> seen = Map.of("plantId", mother, "states", Map.of("stage", "S"), "measures", Map.of());
        assertThat(http.post("/api/stick-checks/judge", seen)
                        .json()
                        .get("refusal")
                        .asString())
                .contains("MB-1 is held");
        assertThat(stem(1).get("refusal").asString()).startsWith("AV-1 is held: it descends from MB-1");
        assertThat(stem(2).has("refusal")).isFalse();
        assertThat(prepared(lot).text()).contains("is held");
        JsonNode line = http.get("/api/supply").json().get("lines").get(0);
        assertThat(line.get("missing").asInt()).as("held wood serves no plan").isEqualTo(2);

        assertThat(task(code)).isEqualTo("ISOLATE due");
        assertThat(http.look(code, "APART").status()).isEqualTo(200);
        assertThat(task(code)).as("set apart, it is left in peace").isEqualTo("ISOLATE later");
        http.post("/api/recalls/" + recall + "/release", Map.of("reason", "a mistake of the label"));
        assertThat(task(code)).doesNotContain("ISOLATE");
        assertThat(http.look(code, "APART").text()).contains("is not held");
        assertThat(prepared(lot).status()).isEqualTo(200);
        assertThat(stem(1).has("refusal")).isFalse();
    }

    private JsonNode stem(long id) {
        return http.get("/api/fit/stems/" + id).json();
    }

    private String task(String code) {
        JsonNode task = http.sheet(code).get("stop").get("tasks").get(0);
        boolean due = !LocalDate.parse(task.get("earliest").asString()).isAfter(today);
        return task.get("kind").asString() + (due ? " due" : " later");
    }

    private Http.Answer prepared(JsonNode lot) {
        Map<String, Object> row = new HashMap<>(
                Map.of("stick", "a", "stem", "b", "lotId", lot.get("id").asLong()));
        row.putAll(Map.of("stemId", 2, "techniqueKey", "cleft", "scionMm", 8, "stockMm", 9, "offsetMm", 0));
        return http.post("/api/fit/lists", Map.of("name", "Sat", "rows", List.of(row)));
    }

    @Test
    void aMoveWrittenLateCountsFromItsDayAndCanBeTakenBack() {
        JsonNode lot = lot(8, 4);
        double steady = shown(lot).get("freshness").get("used").asDouble();
        assertThat(move(lot, 2, true, today.minusDays(5))).isEqualTo(200);
        JsonNode moved = shown(lot);
        assertThat(moved.get("store").asString()).isEqualTo("Sill");
        assertThat(moved.get("basis").asString()).isEqualTo("WEATHER");
        assertThat(moved.get("freshness").get("used").asDouble()).isGreaterThan(steady);
        assertThat(move(lot, 1, false, today.minusDays(2))).isEqualTo(200);
        double bare = shown(lot).get("freshness").get("used").asDouble();
        assertThat(bare).isGreaterThan(moved.get("freshness").get("used").asDouble());
        assertThat(move(lot, 1, true, today.minusDays(9))).isEqualTo(422);
        assertThat(move(lot, 1, true, today.plusDays(1))).isEqualTo(422);
        assertThat(move(lot, 77, true, today)).isEqualTo(404);
        List<Long> acts = http.get("/api/acts")
                .json()
                .valueStream()
                .filter(a -> a.get("kind").asString().equals("lots"))
                .map(a -> a.get("id").asLong())
                .limit(2)
                .toList();
        acts.forEach(act -> http.post("/api/acts/" + act + "/undo", Map.of()));
        assertThat(shown(lot).get("store").asString()).isEqualTo("Net bag");
        assertThat(shown(lot).get("freshness").get("used").asDouble()).isEqualTo(steady);
    }

    /** A graft keeps the share of life its wood had used on its own day, whatever becomes of the lot later. */
    @Test
    void woodIsAsOldAsOnTheDayOfTheGraft() {
        JsonNode lot = lot(12, 6);
        assertThat(graft(lot, 1, today.minusDays(13)).status()).isEqualTo(422);
        assertThat(graft(lot, 1, today.minusDays(12)).status()).isEqualTo(200);
        assertThat(graft(lot, 2, today).status()).isEqualTo(200);
        JsonNode first = http.get("/api/grafts").json().get("grafts");
        assertThat(first.findValuesAsString("lotCode"))
                .hasSize(2)
                .containsOnly(lot.get("code").asString());
        assertThat(first.findValuesAsString("woodCutOn"))
                .containsOnly(today.minusDays(12).toString());
    }

    @Test
    void aLotIsNotTakenBackOnceItWasUsed() {
        JsonNode lot = lot(0, 2);
        graft(lot, 1, today);
        Http.Answer undo = http.post("/api/acts/" + lot.get("actId").asLong() + "/undo", Map.of());
        assertThat(undo.status()).isEqualTo(409);
        assertThat(undo.json().get("detail").asString()).contains("used since");
        assertThat(http.get("/api/lots/" + lot.get("code").asString()).status()).isEqualTo(200);
        JsonNode other = lot(0, 2);
        assertThat(http.post("/api/acts/" + other.get("actId").asLong() + "/undo", Map.of())
                        .status())
                .isEqualTo(200);
        assertThat(http.get("/api/lots/" + other.get("code").asString()).status())
                .isEqualTo(404);
    }

    @Test
    void woodAndLineageGoOutWithTheFarmAndComeBackEqual() {
        JsonNode lot = lot(3, 5);
        String code = graft(lot, 1, today).json().get("codes").get(0).asString();
        http.post(
                "/api/stick-checks",
                Map.of(
                        "lotId",
                        lot.get("id").asLong(),
                        "states",
                        Map.of("stage", "S"),
                        "measures",
                        Map.of("buds", 3.5)));
        http.post("/api/cleaning/mixes", Map.of("agent", "ALCOHOL", "productPct", 96, "volumeMl", 300));
        http.post("/api/cleaning", Map.of("personId", 1, "mixId", 1, "occasion", "NEW_LOT"));
        http.post("/api/recalls", test("PLANT-" + mother, "POSITIVE"));
        byte[] out = http.get("/api/exchange/farm.zip").bytes();
        String lots = http.get("/api/lots").text();
        String recall = http.get("/api/recalls/1").text();
        emptyFarm();
        assertThat(http.file("/api/exchange/farm.zip", out).status()).isEqualTo(200);
        assertThat(http.get("/api/lots").text()).isEqualTo(lots);
        assertThat(http.get("/api/recalls/1").text()).isEqualTo(recall);
        assertThat(http.sheet(code).get("stop").get("tasks").get(0).get("kind").asString())
                .isEqualTo("ISOLATE");
        assertThat(graft(lot, 2, today).status()).isEqualTo(422);
        assertThat(http.get("/api/cleaning").json().get("cleanings").size()).isEqualTo(1);
        // Numbering goes on: the next lot is not the first again.
        http.post("/api/recalls/1/release", Map.of("reason", "the authority says so"));
        http.post("/api/tests", test("PLANT-" + mother, "CLEAR"));
        assertThat(http.get("/api/exchange/grafts.csv").text())
                .contains(lot.get("code").asString());
    }

    @Test
    void aMoveWrittenLateDoesNotWipeOutALaterOne() {
        JsonNode lot = lot(9, 4);
        assertThat(move(lot, 2, true, today.minusDays(2))).isEqualTo(200);
        double before = shown(lot).get("freshness").get("used").asDouble();
        assertThat(move(lot, 1, false, today.minusDays(6))).isEqualTo(200);
        assertThat(shown(lot).get("store").asString()).isEqualTo("Sill");
        assertThat(shown(lot).get("wrapped").asBoolean()).isTrue();
        assertThat(shown(lot).get("freshness").get("used").asDouble()).isGreaterThan(before);
        // On one day the last word counts.
        assertThat(move(lot, 1, true, today.minusDays(2))).isEqualTo(200);
        assertThat(shown(lot).get("store").asString()).isEqualTo("Net bag");
    }

    @Test
    void aLotOfWhichSticksWereGivenAwayIsNotDeleted() {
        JsonNode lot = lot(0, 3);
        String path = "/api/lots/" + lot.get("id").asLong();
        http.post(path + "/out", Map.of("kind", "GIVEN", "sticks", 1, "remark", "to the ferryman"));
        Http.Answer refused = http.send(http.request(path).DELETE());
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().get("detail").asString()).contains("went out");
        assertThat(shown(lot).get("sticksLeft").asInt()).isEqualTo(2);
        assertThat(http.get("/api/lots/" + lot.get("code").asString()).text()).contains("to the ferryman");
    }

    @Test
    void theFrameTellsLotsOnTheShelfAndThingsHeld() {
        assertThat(http.get("/api/farm").json().get("lots").asInt()).isZero();
        JsonNode lot = lot(0, 1);
        graft(lot(0, 2), 1, today);
        assertThat(http.get("/api/farm").json().get("lots").asInt()).isEqualTo(2);
        JsonNode recall =
                http.post("/api/recalls", test("PLANT-" + mother, "SUSPECT")).json();
        assertThat(http.get("/api/farm").json().get("held").asInt()).isEqualTo(5);
        http.post("/api/recalls/" + recall.get("id").asLong() + "/release", Map.of("reason", "retested"));
        assertThat(http.get("/api/farm").json().get("held").asInt()).isZero();
        http.post("/api/lots/" + lot.get("id").asLong() + "/archive", Map.of());
        assertThat(http.get("/api/farm").json().get("lots").asInt()).isEqualTo(1);
    }
}
