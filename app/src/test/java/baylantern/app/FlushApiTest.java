package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Bud watch, forecasts, windows and graft days of a small southern farm, over HTTP. */
class FlushApiTest extends ApiTest {

    private LocalDate today;

    @BeforeEach
    void farm() {
        http.smallFarm();
        http.post(
                "/api/plants",
                Map.of(
                        "code",
                        "PB-M1",
                        "speciesKey",
                        "avocado",
                        "kind",
                        "MOTHER_TREE",
                        "spotId",
                        1,
                        "varietyId",
                        1,
                        "stems",
                        List.of()));
        today = LocalDate.parse(http.get("/api/farm").json().get("today").asString());
    }

    private Http.Answer note(int daysAgo, String sun, long... plants) {
        return http.post(
                "/api/flush/notes",
                Map.of(
                        "plantIds",
                        java.util.Arrays.stream(plants).boxed().toList(),
                        "day",
                        today.minusDays(daysAgo).toString(),
                        "sun",
                        sun));
    }

    private JsonNode lane(String code) {
        return StreamSupport.stream(http.get("/api/flush").json().get("lanes").spliterator(), false)
                .filter(lane -> lane.get("code").asString().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode treeSheet(String code) {
        return http.get("/api/flush/plants/" + code).json();
    }

    @Test
    void oneNoteBeginsAForecastThatSaysItIsTheSpeciesPrior() {
        assertThat(http.get("/api/flush").json().get("lanes").size()).isZero();
        assertThat(treeSheet("AV-1").get("lane")).isNull();
        assertThat(note(1, "S", 1).status()).isEqualTo(200);
        JsonNode lane = lane("AV-1");
        assertThat(lane.get("basis").asString()).isEqualTo("SPECIES_PRIOR");
        assertThat(lane.get("coming").size()).isEqualTo(3);
        LocalDate before = today;
        for (JsonNode range : lane.get("coming")) {
            LocalDate low = LocalDate.parse(range.get("low").asString());
            LocalDate mid = LocalDate.parse(range.get("mid").asString());
            assertThat(low).isBefore(mid).isAfter(today);
            assertThat(mid).isAfter(before);
            before = mid;
        }
        assertThat(treeSheet("AV-1").get("fromStageAlone").asBoolean()).isTrue();
        assertThat(treeSheet("AV-1").get("farmTest").get("looks").asInt()).isZero();
    }

    @Test
    void sharesThatCannotBeAreRefusedAndOddOnesFlagged() {
        Http.Answer over = note(0, "S60 P50", 1);
        assertThat(over.status()).isEqualTo(422);
        assertThat(over.text()).contains("110 %").contains("\"sun\"");
        assertThat(note(-3, "S", 1).text()).contains("ahead of today");
        assertThat(note(0, "S", 99).status()).isEqualTo(404);
        assertThat(note(0, "", 1).status()).isEqualTo(422);
        assertThat(http.get("/api/flush").json().get("lanes").size())
                .as("nothing was written")
                .isZero();
        note(2, "P", 1);
        JsonNode odd = note(0, "M", 1).json();
        assertThat(odd.get("findings").get(0).get("message").asString()).contains("quicker than a flush can go");
        assertThat(lane("AV-1").get("coming").size()).isEqualTo(3);
    }

    @Test
    void aRowIsNotedAtOnceCorrectedRemovedAndNothingIsLost() {
        long act = note(20, "M", 1, 2, 3).json().get("actId").asLong();
        note(2, "S40 M60", 1, 2, 3);
        assertThat(http.get("/api/flush").json().get("lanes").size()).isEqualTo(3);
        long id = treeSheet("AV-2").get("history").get(0).get("id").asLong();
        Http.Answer corrected = http.put(
                "/api/flush/notes/" + id,
                Map.of("plantIds", List.of(2), "day", today.minusDays(2).toString(), "sun", "R", "remark", "slip"));
        assertThat(corrected.status()).isEqualTo(200);
        assertThat(lane("AV-2").get("last").get("stage").asString()).isEqualTo("R");
        assertThat(treeSheet("AV-2").get("history").size())
                .as("the old note stays")
                .isEqualTo(3);
        assertThat(http.put("/api/flush/notes/" + id, Map.of("plantIds", List.of(2), "sun", "S"))
                        .status())
                .as("somebody else was first")
                .isEqualTo(409);
        http.post("/api/acts/" + corrected.json().get("actId").asLong() + "/undo", Map.of());
        assertThat(lane("AV-2").get("last").get("stage").asString()).isNotEqualTo("R");
        http.post("/api/acts/" + act + "/undo", Map.of());
        assertThat(treeSheet("AV-3").get("history").size()).isEqualTo(1);
    }

    @Test
    void aRemovedPlantKeepsItsHistoryAndCanComeBack() {
        note(3, "M", 1);
        long act = http.post("/api/plants/1/gone", Map.of("how", "TAKEN_OFF"))
                .json()
                .get("actId")
                .asLong();
        assertThat(http.get("/api/flush").json().get("lanes").size()).isZero();
        assertThat(treeSheet("AV-1").get("history").size()).isEqualTo(1);
        assertThat(http.get("/api/plants").json().get("plants").size()).isEqualTo(3);
        http.post("/api/acts/" + act + "/undo", Map.of());
        assertThat(lane("AV-1").get("last").get("stage").asString()).isEqualTo("M");
    }

    @Test
    void flowersPutTheWoodOutAndTheReasonIsGiven() {
        note(1, "S", 1, 2);
        http.post("/api/flush/notes", Map.of("plantIds", List.of(4), "sun", "S", "flowering", true));
        JsonNode pairing = http.get("/api/windows").json().get("pairings").get(0);
        assertThat(pairing.get("varietyName").asString()).isEqualTo("Pale Buoy");
        JsonNode lamp = pairing.get("lamp");
        assertThat(lamp.get("stock").get("level").asString()).isEqualTo("LIT");
        assertThat(lamp.get("wood").get("level").asString()).isEqualTo("OUT");
        assertThat(lamp.get("wood").get("words").asString()).contains("in flower");
        assertThat(pairing.get("standing").asString()).isEqualTo("WAITING_FOR_WOOD");
        assertThat(http.get("/api/windows?slipping=true").json().get("pairings").size())
                .isEqualTo(1);
    }

    private Map<String, Object> day(int ahead) {
        Map<String, Object> entry = new HashMap<>();
        entry.put("day", today.plusDays(ahead).toString());
        entry.put("spotId", 1);
        entry.put("speciesKey", "avocado");
        entry.put("varietyId", 1);
        entry.put("techniqueKey", "cleft");
        entry.put("grafts", 8);
        return entry;
    }

    private static LocalDate pinch(JsonNode around) {
        return LocalDate.parse(around.get("tasks").get(0).get("target").asString());
    }

    @Test
    void aGraftDayIsLookedAtKeptMovedAndDropped() {
        note(1, "S", 1, 2, 4);
        JsonNode near = http.post("/api/graft-days/look", day(20)).json();
        JsonNode far = http.post("/api/graft-days/look", day(27)).json();
        assertThat(pinch(near)).isBefore(today.plusDays(20 - 7));
        assertThat(pinch(far)).isAfter(pinch(near));
        assertThat(near.get("shoots").asInt()).isEqualTo(10);
        assertThat(near.get("visits").size()).isGreaterThan(2);
        JsonNode kept = http.post("/api/graft-days", day(20)).json();
        int no = kept.get("planNo").asInt();
        String calendar = http.get("/api/exchange/visits.ics").text().replace("\r\n ", "");
        assertThat(calendar).contains("Pale Buoy for").contains("pinch the tips of 10 shoots");
        long moved =
                http.put("/api/graft-days/" + no, day(27)).json().get("actId").asLong();
        JsonNode plan = http.get("/api/graft-days").json().get(0);
        assertThat(plan.get("around").get("day").asString())
                .isEqualTo(today.plusDays(27).toString());
        assertThat(pinch(plan.get("around"))).isEqualTo(pinch(far));
        http.post("/api/acts/" + moved + "/undo", Map.of());
        assertThat(http.get("/api/graft-days")
                        .json()
                        .get(0)
                        .get("around")
                        .get("day")
                        .asString())
                .isEqualTo(today.plusDays(20).toString());
        http.send(http.request("/api/graft-days/" + no).DELETE());
        assertThat(http.get("/api/graft-days").json().size()).isZero();
    }

    @Test
    void graftDaysThatCannotBeSayWhyAndConflictsAreTold() {
        note(1, "F", 4);
        note(1, "S", 1);
        Map<String, Object> past = day(-1);
        assertThat(http.post("/api/graft-days", past).status()).isEqualTo(422);
        Map<String, Object> none = day(5);
        none.put("grafts", 0);
        assertThat(http.post("/api/graft-days", none).text()).contains("grafts");
        none.put("grafts", 3);
        none.put("techniqueKey", "glue");
        assertThat(http.post("/api/graft-days/look", none).status()).isEqualTo(422);
        JsonNode tomorrow = http.post("/api/graft-days/look", day(1)).json();
        assertThat(tomorrow.get("conflicts").toString())
                .contains("will not be ready")
                .contains("pinching comes too late");
        assertThat(http.get("/api/graft-days").json().size()).isZero();
    }

    @Test
    void flowersOfEarlierYearsWarnAndTheDaysOfAPairingAreAllTold() {
        note(1, "S", 1);
        http.post(
                "/api/flush/notes",
                Map.of(
                        "plantIds",
                        List.of(4),
                        "day",
                        today.plusDays(12).minusYears(1).toString(),
                        "sun",
                        "M",
                        "flowering",
                        true));
        note(1, "M", 4);
        JsonNode around = http.post("/api/graft-days/look", day(12)).json();
        assertThat(around.get("conflicts").toString())
                .contains("was in flower about this time in ["
                        + (today.plusDays(12).getYear() - 1) + "]");
        assertThat(http.post("/api/graft-days/look", day(60))
                        .json()
                        .get("conflicts")
                        .toString())
                .doesNotContain("in flower");
        JsonNode days = http.get("/api/windows/days?spotId=1&stockSpecies=avocado&varietyId=1")
                .json();
        assertThat(days.size()).isEqualTo(150);
        for (JsonNode scored : days) {
            double score = scored.get("score").asDouble();
            assertThat(score).isBetween(0.0, scored.get("wood").asDouble() + 1e-9);
        }
        assertThat(http.get("/api/windows/days?spotId=77&stockSpecies=avocado&varietyId=1")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aProtectedVarietyAndATechniqueTheSpeciesRefusesAreSaid() {
        note(1, "S", 1);
        Map<String, Object> mango = day(9);
        mango.put("varietyId", 2);
        mango.put("techniqueKey", "t-bud");
        String conflicts =
                http.post("/api/graft-days/look", mango).json().get("conflicts").toString();
        assertThat(conflicts).contains("licence").contains("snaps");
    }

    @Test
    void aGraftDayThatWentByUndoneIsAskedAboutUntilItIsMovedOrItsGraftsAreLogged() {
        http.post("/api/graft-days", day(20));
        assertThat(http.get("/api/graft-days/passed").json()).isEmpty();
        stored("UPDATE day_plan SET on_day = DATE '" + http.today().minusDays(4) + "'");
        assertThat(http.get("/api/graft-days").json()).isEmpty();
        JsonNode passed = http.get("/api/graft-days/passed").json().get(0);
        assertThat(passed.get("varietyName").asString()).isEqualTo("Pale Buoy");
        Map<String, Object> moved = new HashMap<>(day(0));
        assertThat(http.put("/api/graft-days/1", moved).status()).isEqualTo(200);
        assertThat(http.get("/api/graft-days/passed").json()).isEmpty();
        stored("UPDATE day_plan SET on_day = DATE '" + http.today().minusDays(4) + "'");
        assertThat(http.get("/api/graft-days/passed").json()).hasSize(1);
        http.cleft(2, 1);
        assertThat(http.get("/api/graft-days/passed").json()).isEmpty();
    }

    @Test
    void whatCannotBeReckonedSaysSoAndTheRestStands() {
        note(2, "M", 1);
        long fig = http.post("/api/varieties", Map.of("speciesKey", "fig", "name", "Odd Plumb"))
                .json()
                .get("id")
                .asLong();
        http.post(
                "/api/plants/paste",
                Map.of("speciesKey", "fig", "kind", "MOTHER_TREE", "spotId", 1, "lines", "FG-1", "varietyId", fig));
        long tree = http.get("/api/plants?search=FG-1")
                .json()
                .get("plants")
                .get(0)
                .get("id")
                .asLong();
        note(0, "M", tree);
        assertThat(http.get("/api/flush").json().get("lanes").size()).isEqualTo(2);
        stored("UPDATE place_plant SET species_key = 'pebble' WHERE id = " + tree);
        JsonNode flush = http.get("/api/flush").json();
        assertThat(flush.get("lanes").size()).isEqualTo(1);
        assertThat(flush.get("notReckoned").get(0).asString()).contains("unknown species cannot be reckoned now");
        assertThat(http.get("/api/windows/lamps").status()).isEqualTo(200);
        assertThat(http.get("/api/today").status()).isEqualTo(200);
        assertThat(http.get("/api/season").status()).isEqualTo(200);
    }
}
