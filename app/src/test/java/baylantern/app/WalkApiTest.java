package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Today, rounds, finding, notes and the band of the year. */
class WalkApiTest extends ApiTest {

    private LocalDate today() {
        return LocalDate.parse(http.get("/api/farm").json().get("today").asString());
    }

    @Test
    void untilWhenWeatherIsKnownIsToldSoThatNobodyWaitsForAWarning() {
        http.smallFarm();
        assertThat(http.get("/api/today").json().get("weatherUntil")).isNull();
        String day = "" + http.today().minusDays(3);
        http.post("/api/weather/day", Map.of("day", day, "min", "9", "max", "31"));
        assertThat(http.get("/api/today").json().get("weatherUntil").asString()).isEqualTo(day);
    }

    @Test
    void graftsAlikeAreOneErrandInTheirPlace() {
        http.smallFarm();
        http.cleft(7, 1, 2);
        http.cleft(30, 3);
        JsonNode view = http.get("/api/today").json();
        assertThat(view.get("due").asInt()).isEqualTo(3);
        assertThat(view.get("overdue").asInt()).isEqualTo(1);
        JsonNode place = view.get("places").get(0);
        assertThat(place.get("spot").get("name").asString()).isEqualTo("Bench");
        assertThat(place.get("minutes").asInt()).isBetween(4, 6);
        assertThat(place.get("errands").size()).isEqualTo(2);
        JsonNode pair = place.get("errands").get(0);
        assertThat(pair.get("grafts").asInt()).isEqualTo(2);
        assertThat(pair.get("dayOfLife").asInt()).isEqualTo(7);
        assertThat(pair.get("asks").valueStream().map(JsonNode::asString))
                .anyMatch(ask -> ask.contains("sweep stock shoots"));
        assertThat(place.get("errands").get(1).get("overdue").asBoolean()).isTrue();
    }

    @Test
    void whatComesWithinAWeekIsSoonAndNotDue() {
        http.smallFarm();
        http.cleft(1, 1);
        JsonNode round = http.get("/api/rounds").json();
        assertThat(round.get("due").asInt()).isZero();
        assertThat(round.get("soon").size()).isEqualTo(1);
        assertThat(http.get("/api/today").json().get("soon").asInt()).isEqualTo(1);
        assertThat(http.get("/api/rounds?spotId=99").json().get("soon").size()).isZero();
    }

    @Test
    void aRoundFollowsTheWalkAndCanBeOnePlace() {
        http.smallFarm();
        http.post("/api/spots", Map.of("name", "Orchard"));
        http.post(
                "/api/plants/paste",
                Map.of("lines", "AV-9 8", "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 2));
        http.cleft(7, 4, 1);
        assertThat(http.get("/api/rounds").json().get("stops").findValuesAsString("plantCode"))
                .containsExactly("AV-1", "AV-9");
        http.put("/api/walk", Map.of("ids", List.of(2, 1)));
        assertThat(http.get("/api/rounds").json().get("stops").findValuesAsString("plantCode"))
                .containsExactly("AV-9", "AV-1");
        assertThat(http.get("/api/rounds?spotId=2").json().get("due").asInt()).isEqualTo(1);
    }

    @Test
    void theLifeLineSaysWhereAGraftStands() {
        http.smallFarm();
        String code = http.cleft(40, 1).json().get("codes").get(0).asString();
        JsonNode line = http.sheet(code).get("stop").get("line");
        assertThat(line.get("pace").asString()).isEqualTo("BEHIND");
        assertThat(line.get("now").asDouble())
                .as("40 days at this warmth are fewer healing days")
                .isBetween(20.0, 40.0);
        assertThat(line.get("notches").size()).isGreaterThan(2);
        http.look(code, "DEAD");
        assertThat(http.sheet(code).get("stop").get("line").get("pace").asString())
                .isEqualTo("ENDED");
        assertThat(http.sheet(code).get("stop").get("tasks").size()).isZero();
    }

    @Test
    void aLookOfAnEarlierDayTakesItsPlaceInTheHistory() {
        http.smallFarm();
        String code = http.cleft(40, 1).json().get("codes").get(0).asString();
        http.look(code, "LEAFED");
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        List<Map<String, Object>> which = List.of(Map.of(
                "graftId",
                graft.get("id").asLong(),
                "version",
                graft.get("version").asInt()));
        http.post(
                "/api/looks",
                Map.of(
                        "grafts",
                        which,
                        "sign",
                        "GREEN",
                        "seenOn",
                        today().minusDays(20).toString(),
                        "note",
                        "from memory"));
        JsonNode past = http.sheet(code).get("past");
        assertThat(past.findValuesAsString("sign")).containsExactly("GREEN", "LEAFED");
        assertThat(past.get(0).get("note").asString()).isEqualTo("from memory");
        assertThat(http.sheet(code).get("stop").get("graft").get("state").asString())
                .isEqualTo("LEAFED");
    }

    @Test
    void aLookBeforeTheGraftOrAfterTodayIsRefused() {
        http.smallFarm();
        String code = http.cleft(5, 1).json().get("codes").get(0).asString();
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        List<Map<String, Object>> which = List.of(Map.of(
                "graftId",
                graft.get("id").asLong(),
                "version",
                graft.get("version").asInt()));
        Http.Answer early = http.post(
                "/api/looks",
                Map.of(
                        "grafts",
                        which,
                        "sign",
                        "GREEN",
                        "seenOn",
                        today().minusDays(9).toString()));
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.json().get("detail").asString()).contains("cannot have been seen before");
        Http.Answer late = http.post(
                "/api/looks",
                Map.of(
                        "grafts",
                        which,
                        "sign",
                        "GREEN",
                        "seenOn",
                        today().plusDays(1).toString()));
        assertThat(late.json().get("fields").get(0).get("field").asString()).isEqualTo("seenOn");
        assertThat(http.post(
                                "/api/looks",
                                Map.of("grafts", List.of(Map.of("graftId", 999, "version", 0)), "sign", "GREEN"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void findKnowsCodesPlantsAndVarieties() {
        http.smallFarm();
        String code = http.cleft(5, 1).json().get("codes").get(0).asString();
        assertThat(http.get("/api/grafts/find?q=" + code.toLowerCase(java.util.Locale.ROOT))
                        .json()
                        .get(0)
                        .get("code")
                        .asString())
                .isEqualTo(code);
        assertThat(http.get("/api/grafts/find?q=buoy").json().findValuesAsString("kind"))
                .contains("graft", "variety");
        assertThat(http.get("/api/grafts/find?q=bench").json().findValuesAsString("code"))
                .contains("AV-1", "AV-2");
        assertThat(http.get("/api/grafts/find?q=%25").json().findValuesAsString("kind"))
                .doesNotContain("variety");
        assertThat(http.get("/api/grafts/find?q=" + "x".repeat(101)).status()).isEqualTo(422);
    }

    @Test
    void notesAreChangedByOneAtATime() {
        http.smallFarm();
        String code = http.cleft(5, 1).json().get("codes").get(0).asString();
        int version = http.sheet(code).get("stop").get("graft").get("version").asInt();
        assertThat(http.put("/api/grafts/" + code + "/notes", Map.of("notes", "leans", "version", version))
                        .json()
                        .get("notes")
                        .asString())
                .isEqualTo("leans");
        assertThat(http.put("/api/grafts/" + code + "/notes", Map.of("notes", "late", "version", version))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void theBandShowsWhatWasMadeAndWhatComes() {
        http.smallFarm();
        http.cleft(0, 1, 2);
        JsonNode band = http.get("/api/season").json();
        assertThat(band.get("made").get(0).get("count").asInt()).isEqualTo(2);
        assertThat(band.get("made").get(0).get("speciesKey").asString()).isEqualTo("avocado");
        LocalDate week = LocalDate.parse(band.get("made").get(0).get("week").asString());
        assertThat(week).isBetween(today().minusDays(7), today());
        assertThat(http.get("/api/season/visits")
                        .json()
                        .get("visits")
                        .valueStream()
                        .mapToInt(v -> v.get("count").asInt())
                        .sum())
                .isGreaterThanOrEqualTo(2);
        assertThat(http.post("/api/demo-clock", Map.of("days", 1)).status()).isEqualTo(409);
    }

    @Test
    void takesGroupByEveryQuestion() {
        http.smallFarm();
        http.cleft(40, 1, 2, 3);
        http.get("/api/grafts")
                .json()
                .get("grafts")
                .valueStream()
                .forEach(g -> http.look(g.get("code").asString(), "LEAFED"));
        for (String by : List.of("SEASON", "VARIETY_TECHNIQUE", "TECHNIQUE", "SPECIES", "MAKER", "SOURCE")) {
            JsonNode view = http.get("/api/takes?by=" + by).json();
            assertThat(view.get("groups")
                            .valueStream()
                            .filter(g -> g.get("depth").asInt() == 1)
                            .mapToInt(g -> g.get("count").get("taken").asInt())
                            .sum())
                    .as(by)
                    .isEqualTo(3);
            JsonNode last = view.get("groups").get(view.get("groups").size() - 1);
            assertThat(last.get("low").asDouble())
                    .as(by)
                    .isLessThan(last.get("mean").asDouble());
            assertThat(last.get("thin").asBoolean()).isTrue();
        }
        assertThat(http.get("/api/takes?from=" + today().minusDays(3))
                        .json()
                        .get("groups")
                        .size())
                .isZero();
        assertThat(http.get("/api/takes?by=SOURCE")
                        .json()
                        .get("groups")
                        .get(0)
                        .get("label")
                        .asString())
                .isEqualTo("not written down");
    }

    @Test
    void theRulebookIsThereToRead() {
        JsonNode rules = http.get("/api/rules").json();
        assertThat(rules.get("techniques").size()).isEqualTo(13);
        assertThat(rules.get("signs").findValuesAsString("key")).startsWith("N", "G", "S", "P", "L");
        assertThat(rules.get("species")
                        .get(0)
                        .get("figures")
                        .get("healingBest")
                        .get("unit")
                        .asString())
                .isEqualTo("°C");
    }
}
