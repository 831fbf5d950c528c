package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** What stands in front of one who grafts: the free stocks, how a stick meets each, and the habits that are followed. */
class TrayApiTest extends ApiTest {

    @Autowired
    private JdbcTemplate store;

    @BeforeEach
    void farm() {
        http.smallFarm();
    }

    private JsonNode tray(String query) {
        Http.Answer answer = http.get("/api/grafts/tray?varietyId=1" + query);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static List<String> codes(JsonNode tray) {
        List<String> codes = new ArrayList<>();
        tray.get("discs").forEach(disc -> codes.add(disc.get("plantCode").asString()));
        return codes;
    }

    @Test
    void theRingIsTheShareThatTheFitBenchMeasures() {
        JsonNode first = tray("&techniqueKey=cleft&scionMm=7").get("discs").get(0);
        Map<String, Object> entry = new HashMap<>(Map.of("techniqueKey", "cleft", "speciesKey", "avocado"));
        Map<String, Object> measure = Map.of("readings", List.of(Map.of("heightMm", 100, "diameterMm", 8.2)));
        entry.putAll(Map.of("stem", measure, "scionMm", 7, "wrap", "CLOCKWISE"));
        JsonNode contact = http.post("/api/fit", entry).json().get("measured").get("contact");
        assertThat(first.get("share").asDouble())
                .isCloseTo(contact.get("met").asDouble() / contact.get("whole").asDouble(), within(1e-6));
        assertThat(first.get("mind")).isNull();
    }

    @Test
    void whatIsNotMeasuredHasNoRingAndWhatIsOutsideIsSaidAtTheStock() {
        JsonNode discs = tray("&techniqueKey=cleft&scionMm=12").get("discs");
        assertThat(discs.get(2).get("plantCode").asString()).isEqualTo("AV-3");
        assertThat(discs.get(2).get("share")).isNull();
        assertThat(discs.get(2).get("mind")).isNull();
        assertThat(discs.get(0).get("mind").asString()).contains("ratio of scion to stock");
        assertThat(tray("").get("discs").get(0).get("share")).isNull();
        assertThat(http.get("/api/grafts/tray?varietyId=1&techniqueKey=nonsense")
                        .status())
                .isEqualTo(422);
        assertThat(http.get("/api/grafts/tray?varietyId=99").status()).isEqualTo(404);
        assertThat(tray("&techniqueKey=cleft&scionMm=-4")
                        .get("discs")
                        .get(0)
                        .get("refused")
                        .asString())
                .contains("not one a stem can have");
    }

    @Test
    void aStockThatWasGraftedIsNoLongerThereAndComesBackAsOneToBeTriedAgain() {
        http.cleft(9, 1);
        assertThat(codes(tray("&techniqueKey=cleft"))).containsExactly("AV-2", "AV-3");
        http.look(
                "PB-26-001"
                        .replace("26", String.valueOf(http.today().minusDays(9).getYear() % 100)),
                "DEAD");
        JsonNode again = tray("&techniqueKey=cleft");
        assertThat(codes(again)).containsExactly("AV-2", "AV-3", "AV-1");
        assertThat(again.get("discs").get(2).get("again").asBoolean()).isTrue();
        assertThat(again.get("discs").get(0).get("again").asBoolean()).isFalse();
        assertThat(codes(tray("&search=AV-2%20%E2%80%A6%203"))).containsExactly("AV-2", "AV-3");
        assertThat(tray("").get("total").asInt()).isEqualTo(3);
    }

    @Test
    void eightWhoSayTheSameHabitLeaveOneAndTheLastCanBeTakenBack() throws Exception {
        Map<String, Object> said = Map.of("question", "water", "school", "moist", "speciesKey", "avocado");
        List<Http.Answer> all = AtOnce.of(8, () -> http.put("/api/grafts/habits", said));
        assertThat(all).extracting(Http.Answer::status).containsOnly(200);
        assertThat(store.queryForObject("SELECT COUNT(*) FROM bench_habit", Integer.class))
                .isEqualTo(1);
        http.put("/api/grafts/habits", Map.of("question", "water", "school", "rest-7", "speciesKey", "avocado"));
        JsonNode last = http.get("/api/acts").json().get(0);
        assertThat(last.get("sentence").asString()).isEqualTo("Water after grafting for avocado: rest a week");
        assertThat(http.post("/api/acts/" + last.get("id").asLong() + "/undo", Map.of())
                        .status())
                .isEqualTo(200);
        JsonNode kept = http.get("/api/grafts/habits").json();
        assertThat(kept.size()).isEqualTo(1);
        assertThat(kept.get(0).get("school").asString()).isEqualTo("moist");
    }

    @Test
    void aGraftOfItsOwnMindDiffersFromTheHabitAndStaysSo() {
        http.put("/api/grafts/habits", Map.of("question", "water", "school", "moist"));
        Map<String, Object> own = Http.graftOf(0, "cleft", http.today(), 2);
        own.remove("lotId");
        own.put("schools", Map.of("water", "rest-7"));
        String code = http.post("/api/grafts", own).json().get("codes").get(0).asString();
        http.put("/api/grafts/habits", Map.of("question", "water", "school", "rest-4"));
        assertThat(store.queryForList(
                        "SELECT school FROM bench_school s JOIN bench_graft g ON g.id = s.graft_id"
                                + " WHERE g.code = ? AND question = 'water'",
                        String.class,
                        code))
                .containsExactly("rest-7");
    }
}
