package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Lengths, what is found, what does not fit, the forecast's visits, waiting and walks, through HTTP. */
class CareApiTest extends ApiTest {

    private LocalDate today;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
    }

    private String graft(int daysAgo, int stem) {
        return http.cleft(daysAgo, stem).json().get("codes").get(0).asString();
    }

    private Http.Answer look(String code, String sign, Map<String, Object> more) {
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        Map<String, Object> entry = new HashMap<>(more);
        entry.put("sign", sign);
        entry.put(
                "grafts",
                List.of(Map.of(
                        "graftId",
                        graft.get("id").asLong(),
                        "version",
                        graft.get("version").asInt())));
        return http.post("/api/looks", entry);
    }

    private List<String> tasks(String code) {
        List<String> kinds = new ArrayList<>();
        http.sheet(code)
                .get("stop")
                .get("tasks")
                .forEach(task -> kinds.add(task.get("kind").asString()));
        return kinds;
    }

    @Test
    void aLengthMovesWhatHangsOnSizeAndStandsOnTheLifeLine() {
        String code = graft(60, 1);
        assertThat(look(code, "LEAFED", Map.of("lengthMm", 40, "seenOn", "" + today.minusDays(10)))
                        .status())
                .isEqualTo(200);
        assertThat(look(code, "LEAFED", Map.of("lengthMm", 130)).status()).isEqualTo(200);
        JsonNode stop = http.sheet(code).get("stop");
        JsonNode stake = null;
        for (JsonNode task : stop.get("tasks")) {
            stake = task.get("kind").asString().equals("STAKE") ? task : stake;
        }
        assertThat(stake).isNotNull();
        assertThat(stake.get("earliest").asString()).isEqualTo("" + today);
        assertThat(stop.get("line").get("sizes").size()).isEqualTo(2);
        assertThat(stop.get("line").get("next").get("mm").asDouble()).isEqualTo(150);
        assertThat(http.sheet(code).get("past").get(1).get("lengthMm").asDouble())
                .isEqualTo(130);
    }

    @Test
    void whatDoesNotFitIsAskedBackAndNothingIsWrittenUntilItIsSo() {
        String code = graft(60, 1);
        look(code, "LEAFED", Map.of("lengthMm", 200, "seenOn", "" + today.minusDays(10)));
        Http.Answer asked = look(code, "LEAFED", Map.of("lengthMm", 80));
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().get("fields").get(0).get("field").asString()).isEqualTo("sure");
        assertThat(asked.json().get("detail").asString()).contains(code).contains("Broken, or measured wrongly?");
        assertThat(http.sheet(code).get("past").size()).isEqualTo(1);
        assertThat(look(code, "LEAFED", Map.of("lengthMm", 80, "sure", true)).status())
                .isEqualTo(200);
        assertThat(look(code, "LEAFED", Map.of("lengthMm", 0)).status()).isEqualTo(422);
        assertThat(look(code, "LEAFED", Map.of("lengthMm", 90_000)).status()).isEqualTo(422);
        String young = graft(40, 2);
        assertThat(look(young, "PLANTED_OUT", Map.of()).json().get("detail").asString())
                .contains("never been in leaf");
    }

    @Test
    void whatWasFoundAtADeadOneIsToldAfterItAndTakenBack() {
        String code = graft(30, 1);
        long act = look(code, "DEAD", Map.of()).json().get("actId").asLong();
        Http.Answer told = http.put("/api/looks/" + act + "/found", Map.of("found", List.of("BLACK_AT_CUT", "MOULD")));
        assertThat(told.status()).isEqualTo(200);
        assertThat(told.json().get("sentence").asString())
                .contains("black at the cut")
                .contains("mould");
        assertThat(http.sheet(code).get("past").get(0).get("found").size()).isEqualTo(2);
        http.post("/api/acts/" + told.json().get("actId").asLong() + "/undo", Map.of());
        assertThat(http.sheet(code).get("past").get(0).get("found").size()).isZero();
        assertThat(http.put("/api/looks/999999/found", Map.of("found", List.of()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void anApproachGraftIsSeveredOnlyAfterItsTest() {
        Map<String, Object> entry = new HashMap<>(Http.graftOf(1, "approach", today.minusDays(80), 1));
        entry.remove("lotId");
        String code = http.post("/api/grafts", entry).json().get("codes").get(0).asString();
        assertThat(tasks(code)).contains("UNION_CHECK", "KEEP_MOIST").doesNotContain("SEVER", "TWIG_TEST");
        look(code, "GREEN", Map.of("found", List.of("CALLUS"), "seenOn", "" + today.minusDays(4)));
        assertThat(tasks(code)).contains("TWIG_TEST").doesNotContain("UNION_CHECK", "SEVER");
        look(code, "GREEN", Map.of("found", List.of("TWIG_FRESH"), "seenOn", "" + today.minusDays(2)));
        assertThat(tasks(code)).contains("SEVER").doesNotContain("TWIG_TEST");
        look(code, "GREEN", Map.of("found", List.of("SEVERED"), "sure", true));
        assertThat(tasks(code)).contains("TIE_OFF", "OFFCUT", "FRUIT_OFF").doesNotContain("SEVER", "KEEP_MOIST");
    }

    @Test
    void aFrostForetoldAsksForSleevesAndGoesWithTheForecast() {
        String code = graft(12, 1);
        Http.Answer brought = http.file("/api/weather/file?overlap=FILE", frost(today.plusDays(2), 0.2));
        assertThat(brought.status()).as(brought.text()).isEqualTo(200);
        assertThat(tasks(code)).contains("FROST_COVER", "UNCOVER");
        JsonNode danger = http.get("/api/today").json().get("dangers").get(0);
        assertThat(danger.get("kind").asString()).isEqualTo("FROST_COVER");
        assertThat(danger.get("needs").asString()).isEqualTo("sleeves");
        assertThat(danger.get("evening").asString()).isEqualTo("" + today.plusDays(1));
        http.file("/api/weather/file?overlap=FILE", frost(today.plusDays(2), 9));
        assertThat(tasks(code)).doesNotContain("FROST_COVER", "UNCOVER");
        assertThat(http.get("/api/today").json().get("dangers").size()).isZero();
    }

    private static byte[] frost(LocalDate day, double minC) {
        return ("date,min,max\n" + day + "," + minC + ",12\n").getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aSilentGraftHasAChanceThatFallsAndIsGivenUpByOneKey() {
        String fresh = graft(5, 1);
        String old = graft(300, 2);
        JsonNode young = http.get("/api/grafts/" + fresh + "/waiting").json().get("hope");
        JsonNode late = http.get("/api/grafts/" + old + "/waiting").json().get("hope");
        assertThat(late.get("chance").asDouble()).isLessThan(young.get("chance").asDouble());
        assertThat(young.get("giveUp").asBoolean()).isFalse();
        assertThat(late.get("giveUp").asBoolean()).isTrue();
        assertThat(http.get("/api/waiting")
                        .json()
                        .get("grafts")
                        .get(0)
                        .get("code")
                        .asString())
                .isEqualTo(old);
        look(old, "GIVEN_UP", Map.of());
        assertThat(http.get("/api/waiting").json().get("grafts").size()).isZero();
        assertThat(http.get("/api/grafts/free-stems?speciesKey=avocado").text()).contains("\"again\":true");
        assertThat(http.get("/api/grafts/" + old + "/waiting").json().has("hope"))
                .isFalse();
    }

    @Test
    void walksAreFewLieInTheirTimeAndCanBeMoved() {
        graft(3, 1);
        graft(6, 2);
        JsonNode walks = http.get("/api/walks").json();
        assertThat(walks.get("walks").size()).isGreaterThan(0);
        assertThat(walks.get("walks").size())
                .isLessThanOrEqualTo(walks.get("daily").asInt());
        assertThat(walks.get("lateInAll").asInt()).isZero();
        String from = walks.get("walks").get(0).get("day").asString();
        String to = "" + LocalDate.parse(from).plusDays(9);
        JsonNode would = http.get("/api/walks?from=" + from + "&to=" + to).json();
        assertThat(would.get("walks").toString()).contains(to);
        assertThat(http.get("/api/walks").text()).as("asking moves nothing").isEqualTo(walks.toString());
        long act = http.put("/api/walks", Map.of("from", from, "to", to))
                .json()
                .get("actId")
                .asLong();
        assertThat(http.get("/api/walks").json().get("never").get(0).asString()).isEqualTo(from);
        http.post("/api/acts/" + act + "/undo", Map.of());
        assertThat(http.get("/api/walks").json().get("never").size()).isZero();
        assertThat(http.get("/api/exchange/visits.ics").text())
                .contains("UID:walk-1@bay-lantern")
                .contains("SUMMARY:Walk\\, about ")
                .contains("DTSTART;VALUE=DATE:" + from.replace("-", ""));
        assertThat(http.put("/api/walks", Map.of("from", from, "to", "2019-01-01"))
                        .status())
                .isEqualTo(422);
        assertThat(http.put("/api/walks", Map.of("from", from, "to", from)).status())
                .isEqualTo(422);
    }
}
