package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Why grafts failed, through HTTP. */
class CauseApiTest extends ApiTest {

    private LocalDate today;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
    }

    private List<String> deadGrafts(int daysAgo) {
        List<String> codes = new ArrayList<>();
        for (int stem = 1; stem <= 3; stem++) {
            String code = http.cleft(daysAgo, stem).json().get("codes").get(0).asString();
            http.look(code, "DEAD");
            codes.add(code);
        }
        return codes;
    }

    private JsonNode heaviest(String code) {
        for (JsonNode one : http.get("/api/causes/" + code).json().get("cases")) {
            if (one.get("code").asString().equals(code)) {
                return one.get("weights").get("weights").get(0);
            }
        }
        throw new AssertionError(code + " is not in its own session");
    }

    private Http.Answer signs(String code, List<String> seen, List<String> unseen) {
        return http.put("/api/causes/" + code + "/signs", Map.of("seen", seen, "unseen", unseen));
    }

    @Test
    void theDeadOfADayLieTogetherOnThePileUntilTheirCauseIsKnown() {
        List<String> codes = deadGrafts(30);
        JsonNode pile = http.get("/api/causes").json();
        assertThat(pile.get("total").asInt()).isEqualTo(3);
        assertThat(pile.get("sessions").size()).isEqualTo(1);
        assertThat(pile.get("sessions").get(0).get("codes").size()).isEqualTo(3);
        Http.Answer known = http.put("/api/causes/verdicts", Map.of("codes", codes.subList(0, 2), "cause", "DRIED"));
        assertThat(known.json().get("sentence").asString()).isEqualTo("2 grafts: dried out");
        pile = http.get("/api/causes").json();
        assertThat(pile.get("total").asInt()).isEqualTo(1);
        assertThat(pile.get("confirmed").get(0).get("grafts").asInt()).isEqualTo(2);
        http.post("/api/acts/" + known.json().get("actId").asLong() + "/undo", Map.of());
        assertThat(http.get("/api/causes").json().get("total").asInt()).isEqualTo(3);
        http.put("/api/causes/verdicts", Map.of("codes", codes, "cause", "NEVER_KNOWN"));
        assertThat(http.get("/api/causes").json().get("total").asInt()).isZero();
    }

    @Test
    void stocksTriedAgainTellWhatToChangeFromWhatTheirLastGraftsFailedOf() {
        List<String> codes = deadGrafts(30);
        String day = "" + today.plusDays(3);
        Map<String, Object> plan = new HashMap<>(Map.of("day", day, "spotId", 1, "varietyId", 1, "grafts", 3));
        plan.putAll(Map.of("speciesKey", "avocado", "techniqueKey", "cleft"));
        http.netBag();
        http.collected(Http.lot(http.mother("PB-M1", today.minusYears(9)), today, 9));
        http.post("/api/graft-days", plan);
        JsonNode line = line(day);
        assertThat(line.get("again").asInt()).isEqualTo(3);
        JsonNode likely = line.get("likely");
        assertThat(likely.get("byGains").asBoolean()).isFalse();
        assertThat(likely.get("take").get("mean").asDouble())
                .isBetween(
                        likely.get("take").get("low").asDouble(),
                        likely.get("take").get("high").asDouble());
        assertThat(line.get("lessons").get(0).get("known").asBoolean()).isFalse();
        http.put("/api/causes/verdicts", Map.of("codes", codes.subList(0, 2), "cause", "DRIED"));
        http.put("/api/causes/verdicts", Map.of("codes", codes.subList(2, 3), "cause", "NEVER_KNOWN"));
        JsonNode lessons = line(day).get("lessons");
        assertThat(lessons.size()).isEqualTo(1);
        assertThat(lessons.get(0).get("cause").asString()).isEqualTo("dried out");
        assertThat(lessons.get(0).get("stocks").asInt()).isEqualTo(2);
        assertThat(lessons.get(0).get("known").asBoolean()).isTrue();
        assertThat(lessons.get(0).get("change").asString()).isNotBlank();
    }

    private JsonNode line(String day) {
        return http.get("/api/bench-days/" + day).json().get("lines").get(0);
    }

    @Test
    void signsMoveTheWeightsAlsoOfTheOthersOfTheDayAndAreTakenBack() {
        List<String> codes = deadGrafts(30);
        String before = heaviest(codes.get(2)).get("cause").asString();
        Http.Answer told = signs(codes.get(0), List.of("BLACK_AT_CUT", "MOULD"), List.of("BROWN_BRITTLE"));
        assertThat(told.status()).isEqualTo(200);
        signs(codes.get(1), List.of("MOULD", "BLACK_AT_CUT"), List.of());
        assertThat(heaviest(codes.get(0)).get("cause").asString()).isEqualTo("INFECTION");
        assertThat(heaviest(codes.get(0)).get("reasons").get(0).get("words").asString())
                .isEqualTo("mould under the film");
        assertThat(heaviest(codes.get(2)).get("cause").asString()).isNotEqualTo(before);
        double sum = 0;
        for (JsonNode weight : http.get("/api/causes/" + codes.get(2))
                .json()
                .get("cases")
                .get(2)
                .get("weights")
                .get("weights")) {
            sum += weight.get("share").asDouble();
        }
        assertThat(sum).isCloseTo(1, within(1e-9));
        http.post("/api/acts/" + told.json().get("actId").asLong() + "/undo", Map.of());
        assertThat(http.get("/api/causes/" + codes.get(0))
                        .json()
                        .get("cases")
                        .get(0)
                        .get("seen")
                        .size())
                .isZero();
    }

    @Test
    void whatALookFoundCountsAndSoDoesTheWeatherAfter() {
        String code = http.cleft(30, 1).json().get("codes").get(0).asString();
        StringBuilder hot = new StringBuilder("date,min,max,rain,humidity,wind\n");
        for (int day = 30; day > 22; day--) {
            hot.append(today.minusDays(day)).append(",24,43,0,12,7\n");
        }
        http.file("/api/weather/file?overlap=FILE", hot.toString().getBytes(StandardCharsets.UTF_8));
        JsonNode look = http.look(code, "DEAD").json();
        http.put("/api/looks/" + look.get("actId").asLong() + "/found", Map.of("found", List.of("BROWN_BRITTLE")));
        JsonNode view = http.get("/api/causes/" + code).json();
        assertThat(view.get("shared").toString()).contains("hot days in the first three weeks");
        assertThat(view.get("cases").get(0).get("seen").get(0).asString()).isEqualTo("BROWN_BRITTLE");
        assertThat(heaviest(code).get("cause").asString()).isIn("DRIED", "HEAT");
        assertThat(heaviest(code).get("share").asDouble()).isLessThanOrEqualTo(0.9);
    }

    private void seen(String code, String sign, int daysAgo) {
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        Map<String, Object> entry = new HashMap<>(Map.of("sign", sign, "seenOn", "" + today.minusDays(daysAgo)));
        Map<String, Object> on = Map.of(
                "graftId",
                graft.get("id").asLong(),
                "version",
                graft.get("version").asInt());
        entry.putAll(Map.of("grafts", List.of(on), "sure", true));
        assertThat(http.post("/api/looks", entry).status()).isEqualTo(200);
    }

    @Test
    void aGroupTellsWhenItPushedBetweenItsLooksAndWhoWaits() {
        List<String> codes = new ArrayList<>();
        for (int stem = 1; stem <= 3; stem++) {
            codes.add(http.cleft(60, stem).json().get("codes").get(0).asString());
        }
        String all = "/api/takes/push?speciesKey=avocado&calendar=true";
        assertThat(http.get(all).json().get("points").size()).isZero();
        seen(codes.get(0), "NOTHING", 40);
        seen(codes.get(0), "PUSHED", 30);
        seen(codes.get(1), "DEAD", 20);
        seen(codes.get(2), "GREEN", 15);
        JsonNode course = http.get(all).json();
        assertThat(course.get("grafts").asInt()).isEqualTo(3);
        assertThat(course.get("pushed").asInt()).isEqualTo(1);
        assertThat(course.get("died").asInt()).isEqualTo(1);
        assertThat(course.get("median").asDouble()).isBetween(20.0, 30.0);
        assertThat(course.get("waiting").get(0).get("code").asString()).isEqualTo(codes.get(2));
        assertThat(course.get("waiting").get(0).get("day").asDouble()).isEqualTo(45);
        JsonNode healing = http.get("/api/takes/push?speciesKey=avocado").json();
        assertThat(healing.get("median").asDouble())
                .isNotEqualTo(course.get("median").asDouble());
        assertThat(http.get("/api/takes/push?speciesKey=mango")
                        .json()
                        .get("grafts")
                        .asInt())
                .isZero();
        String unknown = "/api/takes/push?makerId=0&calendar=true";
        assertThat(http.get(unknown).json().get("grafts").asInt()).isZero();
        String part =
                all + "&part=" + today.minusDays(70).toString().substring(5).replace("-", "") + "-"
                        + today.minusDays(65).toString().substring(5).replace("-", "");
        assertThat(http.get(part).json().get("grafts").asInt()).isZero();
        stored("UPDATE bench_graft SET maker_id = NULL WHERE code = '" + codes.get(0) + "'");
        assertThat(http.get(unknown).json().get("pushed").asInt()).isEqualTo(1);
        seen(codes.get(2), "PUSHED", 1);
        assertThat(http.get(all).json().get("pushed").asInt()).isEqualTo(2);
    }

    @Test
    void whatContradictsOrIsNoFailureIsRefused() {
        String living = http.cleft(30, 1).json().get("codes").get(0).asString();
        assertThat(http.get("/api/causes/" + living).status()).isEqualTo(409);
        assertThat(signs(living, List.of("MOULD"), List.of()).status()).isEqualTo(409);
        http.look(living, "DEAD");
        assertThat(signs(living, List.of("MOULD"), List.of("MOULD"))
                        .json()
                        .get("detail")
                        .asString())
                .contains("both be so and not");
        assertThat(signs(living, List.of("CALLUS_OF_GOLD"), List.of()).status()).isBetween(400, 422);
        Map<String, Object> odd = new HashMap<>(Map.of("codes", List.of(living), "cause", "THE_MOON"));
        assertThat(http.put("/api/causes/verdicts", odd).status()).isEqualTo(422);
        odd.put("codes", List.of());
        assertThat(http.put("/api/causes/verdicts", odd).status()).isEqualTo(422);
        assertThat(http.get("/api/causes/NO-1").status()).isEqualTo(404);
        assertThat(signs(living, List.of(), List.of()).status()).isEqualTo(200);
        assertThat(http.get("/api/causes/" + living).json().get("cases").size()).isEqualTo(1);
    }
}
