package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpRequest.BodyPublishers;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What was done without contact is written as of when it was done, and what is taken along is what would be shown here. */
class KeptAwayApiTest extends ApiTest {

    private static final String GRADES = "ABCX";

    private LocalDate today;
    private String day;

    @Autowired
    private JdbcTemplate store;

    @BeforeEach
    void farm() {
        http.smallFarm();
        http.netBag();
        today = http.today();
        day = "/api/bench-days/" + today;
    }

    private String mark() {
        return http.get("/api/farm").json().get("mark").asString();
    }

    private Http.Answer away(String request, String farm, LocalDate done, long ago, String path, Object body) {
        return http.send(http.request(path)
                .header("Content-Type", "application/json")
                .header("Lantern-Request", request)
                .header("Lantern-Farm", farm)
                .header("Lantern-Day", "" + done)
                .header("Lantern-Ago", "" + ago)
                .POST(BodyPublishers.ofString(JsonMapper.shared().writeValueAsString(body))));
    }

    private Map<String, Object> cleaning() {
        return Map.of("personId", 1, "occasion", "START");
    }

    @Test
    void whatWasDoneAwayIsOfTheDayAndHourItWasDone() {
        String code = http.cleft(9, 1).json().get("codes").get(0).asString();
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        Instant before = Instant.now().minus(3, ChronoUnit.DAYS);
        Map<String, Object> look = Http.lookAt(graft, "GREEN");
        Http.Answer taken = away("kept-three-days", mark(), today.minusDays(3), 3 * 86_400, "/api/looks", look);
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        assertThat(store.queryForObject("SELECT seen_on FROM care_look", LocalDate.class))
                .isEqualTo(today.minusDays(3));
        assertThat(store.queryForObject("SELECT farm_day FROM house_act ORDER BY id DESC LIMIT 1", LocalDate.class))
                .isEqualTo(today.minusDays(3));
        assertThat(store.queryForObject("SELECT noted_at FROM care_look", Instant.class))
                .isBetween(before.minusSeconds(60), before.plusSeconds(60));
        // What is done here next is of today again.
        http.post("/api/cleaning", cleaning());
        assertThat(store.queryForObject("SELECT MAX(farm_day) FROM house_act", LocalDate.class))
                .isEqualTo(today);
    }

    @Test
    void aDayThatCannotBeIsAskedAboutAndAnotherFarmIsTold() throws Exception {
        for (LocalDate odd : List.of(today.plusDays(1), today.minusDays(61))) {
            Http.Answer asked = away("odd-day-" + odd, mark(), odd, 60, "/api/cleaning", cleaning());
            assertThat(asked.status()).isEqualTo(422);
            assertThat(asked.json().get("fields").get(0).get("field").asString())
                    .isEqualTo("seenOn");
        }
        assertThat(away("no-number", mark(), today, -1, "/api/cleaning", cleaning())
                        .status())
                .isEqualTo(422);
        Http.Answer other = away("other-farm", "another", today, 60, "/api/cleaning", cleaning());
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.text()).contains("This was kept for another farm");
        // Gone back to a copy the farm is another, though it is called the same.
        String kept = http.post("/api/copies", Map.of())
                .json()
                .get("copies")
                .get(0)
                .get("name")
                .asString();
        String before = mark();
        assertThat(http.post("/api/copies/" + kept + "/back", Map.of()).status())
                .isEqualTo(200);
        assertThat(mark()).isNotEqualTo(before);
        assertThat(away("before-that", before, today, 60, "/api/cleaning", cleaning())
                        .status())
                .isEqualTo(409);
        assertThat(store.queryForObject("SELECT COUNT(*) FROM wood_cleaning", Integer.class))
                .isZero();
    }

    @Test
    void whatIsAheadIsWhatComesToHandOneAfterTheOther() {
        long mother = http.mother("MB-1", null);
        String lines = IntStream.range(0, 9).mapToObj(i -> "ST-" + i + " 9").collect(Collectors.joining("\n"));
        http.post(
                "/api/plants/paste",
                Map.of("lines", lines, "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1));
        http.collected(Http.lot(mother, today, 4));
        http.collected(Http.lot(mother, today, 4));
        Map<String, Object> plan = new HashMap<>(Map.of("day", "" + today, "spotId", 1, "varietyId", 1));
        plan.putAll(Map.of("grafts", 7, "speciesKey", "avocado", "techniqueKey", "cleft"));
        http.post("/api/graft-days", plan);
        http.post(day + "/begin", Map.of());
        JsonNode ahead = http.get(day + "/ahead?personId=1").json();
        assertThat(ahead.size()).isGreaterThanOrEqualTo(6);
        for (JsonNode one : ahead) {
            JsonNode hand = http.post(day + "/at-hand", Map.of("personId", 1)).json();
            assertThat(one.get("facing").get("jobId"))
                    .isEqualTo(hand.get("facing").get("jobId"));
            assertThat(one.get("facing").get("lotCode"))
                    .isEqualTo(hand.get("facing").get("lotCode"));
            assertThat(one.get("clean")).isEqualTo(hand.get("clean"));
            long job = one.get("facing").get("jobId").asLong();
            assertThat(http.post("/api/bench-days/jobs/" + job + "/made", Map.of("personId", 1))
                            .status())
                    .isEqualTo(200);
        }
        assertThat(http.get(day + "/ahead?personId=1").json().size()).isZero();
        assertThat(http.get(day + "/ahead?personId=99").status()).isEqualTo(404);
    }

    // Of independent truth: the grader itself, asked about the whole stick.
    @Test
    void aStickIsAsGoodAsItsWorstLookUnlessManyFaultsMakeItALastResort() {
        long lot = http.collected(Http.lot(http.mother("MB-1", null), today, 4))
                .get("id")
                .asLong();
        JsonNode alone = http.get("/api/stick-checks/looks?speciesKey=avocado&cut=true")
                .json()
                .get("alone");
        Map<String, List<JsonNode>> states = StreamSupport.stream(alone.spliterator(), false)
                .filter(one -> one.has("state"))
                .collect(Collectors.groupingBy(one -> one.get("look").asString()));
        Random random = new Random(5);
        int last = 0;
        for (int i = 0; i < 60; i++) {
            Map<String, String> seen = new HashMap<>();
            Map<String, Double> measured = new HashMap<>();
            int worst = 0;
            double score = 1;
            for (List<JsonNode> look : states.values()) {
                JsonNode one = look.get(random.nextInt(look.size()));
                if (random.nextInt(4) == 0) {
                    seen.put(one.get("look").asString(), one.get("state").asString());
                    worst = Math.max(worst, grade(one));
                    score -= 1 - score(one);
                }
            }
            double mm = Math.round(random.nextDouble() * 200) / 10.0;
            for (JsonNode one : alone) {
                if (!one.has("state")
                        && one.get("look").asString().equals("diameterMm")
                        && one.get("from").asDouble() <= mm
                        && mm < one.get("until").asDouble()) {
                    measured.put("diameterMm", mm);
                    worst = Math.max(worst, grade(one));
                    score -= 1 - score(one);
                }
            }
            if (seen.isEmpty() && measured.isEmpty()) {
                continue;
            }
            JsonNode whole = http.post(
                            "/api/stick-checks/judge", Map.of("lotId", lot, "states", seen, "measures", measured))
                    .json();
            assertThat(score(whole)).isCloseTo(Math.max(0, score), within(1e-9));
            boolean many = score < 0.6;
            last += many ? 1 : 0;
            assertThat(grade(whole)).as(seen + " " + measured).isEqualTo(many ? Math.max(worst, 2) : worst);
        }
        assertThat(last).isBetween(1, 50);
    }

    private static double score(JsonNode judged) {
        return judged.get("grade").get("score").asDouble();
    }

    private static int grade(JsonNode judged) {
        return GRADES.indexOf(judged.get("grade").get("grade").asString());
    }
}
