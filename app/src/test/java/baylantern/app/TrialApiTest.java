package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.trial.PairCoin;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Trials over HTTP on a real database file: begun, laid into a day, made by two, read when that may be. */
class TrialApiTest extends ApiTest {

    private static final String TRIALS = "/api/trials";

    /** Twelve of each way; read when twelve and when all twenty-four are decided. */
    private static final int EACH = 12;

    @Autowired
    private JdbcTemplate store;

    private LocalDate today;
    private String day;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        day = "/api/bench-days/" + today;
        http.netBag();
        http.post("/api/people", Map.of("name", "Solveig"));
        String lines = IntStream.range(0, 30).mapToObj(i -> "ST-" + i + " 9").collect(Collectors.joining("\n"));
        Map<String, Object> stocks = Map.of("lines", lines, "speciesKey", "avocado", "kind", "SEEDLING_STOCK");
        Map<String, Object> all = new HashMap<>(stocks);
        all.put("spotId", 1);
        http.post("/api/plants/paste", all);
        http.collected(Http.lot(http.mother("MB-1", null), today, 32));
    }

    private static Map<String, Object> entry() {
        Map<String, Object> entry = new HashMap<>(Map.of("aspect", "school.wrap", "speciesKey", "avocado"));
        entry.putAll(Map.of("first", "upward", "second", "downward", "usual", 0.5, "difference", 0.45));
        return entry;
    }

    private JsonNode trial() {
        return http.get(TRIALS).json().get(0);
    }

    private void line(int grafts) {
        Map<String, Object> plan = new HashMap<>(Map.of("day", "" + today, "spotId", 1, "varietyId", 1));
        plan.putAll(Map.of("grafts", grafts, "speciesKey", "avocado", "techniqueKey", "cleft"));
        assertThat(http.post("/api/graft-days", plan).status()).isEqualTo(200);
    }

    private JsonNode hand(int person) {
        return http.post(day + "/at-hand", Map.of("personId", person)).json().get("facing");
    }

    // Two take turns until nothing is left.
    private void madeByTwo() {
        JsonNode one = hand(1);
        JsonNode other = hand(2);
        while (one != null || other != null) {
            made(one, 1);
            made(other, 2);
            one = hand(1);
            other = hand(2);
        }
    }

    private void made(JsonNode facing, int person) {
        if (facing != null) {
            String job = "/api/bench-days/jobs/" + facing.get("jobId").asLong() + "/made";
            assertThat(http.post(job, Map.of("personId", person)).status()).isEqualTo(200);
        }
    }

    private void begun(int grafts) {
        assertThat(http.post(TRIALS, entry()).status()).isEqualTo(200);
        line(grafts);
        assertThat(http.post(day + "/begin", Map.of()).status()).isEqualTo(200);
    }

    // The grafts of the first way take, of the second one in three does.
    private void decided(int pairs) {
        stored(
                "UPDATE bench_graft SET state = 'LEAFED', outcome = 'TAKEN' WHERE id IN (SELECT m.graft_id FROM day_made m"
                        + " JOIN trial_turn t ON t.job_id = m.job_id WHERE t.pair <= " + pairs
                        + " AND (t.first_way OR MOD(t.pair, 3) = 0))");
        stored(
                "UPDATE bench_graft SET state = 'FAILED', outcome = 'FAILED' WHERE id IN (SELECT m.graft_id FROM day_made m"
                        + " JOIN trial_turn t ON t.job_id = m.job_id WHERE t.pair <= " + pairs
                        + " AND NOT t.first_way AND MOD(t.pair, 3) <> 0)");
    }

    @Test
    void pairsAreOfOneLotAndOneHandAndChanceGaveThemTheirWays() {
        begun(30);
        madeByTwo();
        List<Map<String, Object>> pairs = store.queryForList(
                "SELECT t.pair, COUNT(*) AS n, COUNT(DISTINCT m.done_by) AS hands, COUNT(DISTINCT j.lot_id) AS lots,"
                        + " COUNT(DISTINCT t.first_way) AS ways FROM trial_turn t JOIN day_job j ON j.id = t.job_id"
                        + " JOIN day_made m ON m.job_id = j.id GROUP BY t.pair");
        assertThat(pairs).hasSize(EACH);
        for (Map<String, Object> pair : pairs) {
            assertThat(pair).containsEntry("N", 2L).containsEntry("LOTS", 1L).containsEntry("WAYS", 2L);
        }
        assertThat(pairs.stream().filter(pair -> pair.get("HANDS").equals(1L))).hasSize(EACH);
        assertThat(store.queryForList("SELECT done_by FROM day_made", Long.class))
                .contains(1L, 2L);
        long seed = store.queryForObject("SELECT seed FROM trial_plan", Long.class);
        store.queryForList(
                        "SELECT t.pair, t.first_way, s.school, j.turn FROM trial_turn t JOIN day_job j ON j.id = t.job_id"
                                + " JOIN day_made m ON m.job_id = j.id JOIN bench_school s ON s.graft_id = m.graft_id"
                                + " AND s.question = 'wrap' ORDER BY j.turn")
                .forEach(graft -> {
                    boolean first = (Boolean) graft.get("FIRST_WAY");
                    assertThat(graft).containsEntry("SCHOOL", first ? "upward" : "downward");
                });
        List<Boolean> opening = store.queryForList(
                "SELECT t.first_way FROM trial_turn t JOIN day_job j ON j.id = t.job_id WHERE j.turn IN"
                        + " (SELECT MIN(o.turn) FROM day_job o JOIN trial_turn u ON u.job_id = o.id GROUP BY u.pair)"
                        + " ORDER BY t.pair",
                Boolean.class);
        assertThat(opening)
                .isEqualTo(IntStream.rangeClosed(1, EACH)
                        .mapToObj(pair -> PairCoin.firstIsA(seed, pair))
                        .toList());
    }

    @Test
    void whoWorksIsToldTheWayAndWhoLooksIsNot() {
        begun(24);
        JsonNode facing = hand(1);
        assertThat(facing.get("trial").get("number").asInt()).isEqualTo(1);
        String way = facing.get("trial").get("words").asString();
        assertThat(facing.get("schools")
                        .valueStream()
                        .map(one -> one.get("school").asString()))
                .contains(way);
        made(facing, 1);
        String code = store.queryForObject("SELECT code FROM bench_graft", String.class);
        assertThat(http.sheet(code)
                        .get("schools")
                        .valueStream()
                        .map(s -> s.get("question").asString()))
                .isNotEmpty()
                .doesNotContain("wrap");
        JsonNode groups = http.get("/api/takes/by?first=school.wrap").json().get("groups");
        assertThat(groups.valueStream().map(group -> group.get("kind").asString()))
                .containsExactly("?");
        assertThat(http.get("/api/takes/facts.csv").text())
                .doesNotContain("upward")
                .doesNotContain("downward");
        JsonNode grafts = http.get(TRIALS + "/1/grafts").json();
        assertThat(grafts.size()).isEqualTo(1);
        assertThat(grafts.get(0).get("way")).isNull();
        Http.Answer label = http.get("/api/labels.pdf?codes=" + code);
        assertThat(label.status()).isEqualTo(200);
    }

    @Test
    void aTrialIsReadWhenThatMayBeAndNotBeforeAndNotAgain() throws Exception {
        begun(24);
        madeByTwo();
        decided(5);
        Http.Answer early = http.post(TRIALS + "/1/reading", Map.of());
        assertThat(early.status()).isEqualTo(422);
        assertThat(early.text()).contains("when 12 of its grafts are decided; 10 are");
        assertThat(trial().get("standing").get("ready").asBoolean()).isFalse();
        decided(6);
        assertThat(trial().get("standing").get("ready").asBoolean()).isTrue();
        List<Http.Answer> asked = AtOnce.of(8, () -> http.post(TRIALS + "/1/reading", Map.of()));
        assertThat(asked.stream().filter(answer -> answer.status() == 200)).hasSize(1);
        assertThat(asked).extracting(Http.Answer::status).doesNotContain(500);
        JsonNode open = trial();
        assertThat(open.get("dates").get("ending")).isNull();
        assertThat(open.get("says").asString()).startsWith("Read once: not told apart yet");
        assertThat(open.get("reading")).isNull();
        decided(12);
        JsonNode done = http.post(TRIALS + "/1/reading", Map.of()).json();
        JsonNode ended = trial();
        assertThat(ended.get("dates").get("ending").asString()).isEqualTo("FIRST");
        assertThat(ended.get("says").asString())
                .startsWith("“from below upward” took 12 of 12, “from the top of the union down” 4 of 12: the first 67"
                        + " points more, ")
                .contains("“from below upward” takes better. Laid out at random in pairs");
        Http.Answer undone = http.post("/api/acts/" + done.get("actId").asLong() + "/undo", Map.of());
        assertThat(undone.status()).isEqualTo(409);
        assertThat(undone.text()).contains("a reading is not taken back");
        assertThat(http.post(TRIALS + "/1/reading", Map.of()).status()).isEqualTo(409);
        assertThat(http.get("/api/takes/by?first=school.wrap")
                        .json()
                        .get("groups")
                        .size())
                .isEqualTo(2);
        assertThat(http.get(TRIALS + "/1/grafts").json().get(0).get("way").asString())
                .startsWith("from ");
    }

    @Test
    void aDayBegunAgainGivesEachPairTheSameWaysAndWhatIsLostIsMadeAnew() {
        http.post(TRIALS, entry());
        line(24);
        JsonNode begun = http.post(day + "/begin", Map.of()).json();
        String drawn = "SELECT first_way FROM trial_turn ORDER BY pair, job_id";
        List<Boolean> first = store.queryForList(drawn, Boolean.class);
        http.undo(begun);
        assertThat(store.queryForList(drawn, Boolean.class)).isEmpty();
        http.post(day + "/begin", Map.of());
        assertThat(store.queryForList(drawn, Boolean.class)).isEqualTo(first);
        madeByTwo();
        stored("UPDATE bench_graft SET state = 'LOST', outcome = 'LOST' WHERE id <= 2");
        line(5);
        http.post(day + "/begin", Map.of());
        assertThat(store.queryForObject("SELECT MAX(pair) FROM trial_turn", Integer.class))
                .isEqualTo(EACH + 1);
        assertThat(trial().get("standing").get("lost").asInt()).isEqualTo(2);
    }

    @Test
    void whatCouldTellNothingIsRefusedWithItsReason() throws Exception {
        assertThat(tried("second", "upward")).contains("A way cannot be tried against itself");
        assertThat(tried("second", "sideways")).contains("no such way");
        assertThat(tried("aspect", "woodAge")).contains("pairs of one wood and one hand");
        assertThat(tried("difference", 0.6)).contains("above 50 % there are 50 points to be had");
        assertThat(tried("difference", 0.03)).contains("grafts of each way, more than 400");
        assertThat(tried("varietyId", 2)).contains("is another species");
        assertThat(tried("techniqueKey", "glue")).contains("no such technique");
        Map<String, Object> buds = entry();
        buds.putAll(Map.of("aspect", "technique", "first", "cleft", "second", "chip"));
        assertThat(http.post(TRIALS, buds).text()).contains("One takes a stick, the other a bud");
        Http.Answer size = http.post(TRIALS + "/try", entry());
        assertThat(size.json().get("each").asInt()).isEqualTo(EACH);
        http.cleft(3, 1, 2);
        assertThat(http.post(TRIALS + "/try", entry()).json().get("lastYear").asInt())
                .isEqualTo(2);
        List<Http.Answer> asked = AtOnce.of(8, () -> http.post(TRIALS, entry()));
        assertThat(asked.stream().filter(answer -> answer.status() == 200)).hasSize(1);
        assertThat(asked.stream().filter(answer -> answer.status() == 409)).hasSize(7);
        JsonNode up = http.post(TRIALS + "/1/giving-up", Map.of()).json();
        assertThat(trial().get("says").asString()).startsWith("Given up");
        http.undo(up);
        assertThat(trial().get("dates").get("ending")).isNull();
        assertThat(http.post(TRIALS + "/7/giving-up", Map.of()).status()).isEqualTo(404);
    }

    private String tried(String field, Object value) {
        Map<String, Object> entry = entry();
        entry.put(field, value);
        Http.Answer answer = http.post(TRIALS + "/try", entry);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        return answer.text();
    }

    @Test
    void aLineThatSaysForItselfIsInNoTrialAndATrialWithGraftsIsNotTakenBack() {
        JsonNode begun = http.post(TRIALS, entry()).json();
        line(4);
        line(6);
        http.put("/api/grafts/habits", Map.of("planNo", 1, "question", "wrap", "school", "downward"));
        http.post(day + "/begin", Map.of());
        assertThat(store.queryForList(
                        "SELECT DISTINCT j.plan_no FROM trial_turn t JOIN day_job j ON j.id = t.job_id", Integer.class))
                .containsExactly(2);
        assertThat(store.queryForObject("SELECT COUNT(*) FROM trial_turn", Integer.class))
                .isEqualTo(6);
        Http.Answer undone = http.post("/api/acts/" + begun.get("actId").asLong() + "/undo", Map.of());
        assertThat(undone.status()).as(undone.text()).isEqualTo(409);
        assertThat(store.queryForObject("SELECT COUNT(*) FROM trial_turn", Integer.class))
                .isEqualTo(6);
    }

    @Test
    void whatIsNotMadeWhenATrialEndsIsMadeAsTheFarmMakesIt() {
        begun(8);
        made(hand(1), 1);
        JsonNode up = http.post(TRIALS + "/1/giving-up", Map.of()).json();
        assertThat(hand(1).get("trial")).isNull();
        assertThat(trial().get("standing").get("made").asInt()).isEqualTo(1);
        assertThat(trial().get("standing").get("open").asInt()).isZero();
        http.undo(up);
        assertThat(hand(1).get("trial").get("number").asInt()).isEqualTo(1);
        assertThat(trial().get("standing").get("open").asInt()).isEqualTo(7);
    }

    @Test
    void aTriedTechniqueOrCoverIsWhatTheDayThenSays() {
        Map<String, Object> entry = entry();
        entry.putAll(Map.of("aspect", "technique", "first", "cleft", "second", "whip"));
        http.post(TRIALS, entry);
        line(8);
        assertThat(http.get(day).json().get("done").get("sentences").get(0).asString())
                .startsWith("8 of these grafts go into trial 1, in pairs.");
        http.post(day + "/begin", Map.of());
        assertThat(http.get(day).json().get("done").get("sentences").toString()).doesNotContain("go into trial");
        assertThat(store.queryForList(
                        "SELECT technique_key FROM day_job GROUP BY technique_key HAVING COUNT(*) = 4", String.class))
                .containsExactlyInAnyOrder("cleft", "whip");
        madeByTwo();
        assertThat(store.queryForList("SELECT DISTINCT technique_key FROM bench_graft", String.class))
                .containsExactlyInAnyOrder("cleft", "whip");

        JsonNode told = http.get("/api/takes?by=TECHNIQUE").json();
        assertThat(told.get("groups"))
                .as("nobody counts before the trial may be read")
                .isEmpty();
        assertThat(told.get("untold").asInt()).isEqualTo(8);
        assertThat(http.get("/api/takes/push?techniqueKey=cleft")
                        .json()
                        .get("grafts")
                        .asInt())
                .isZero();
        assertThat(http.get("/api/takes?by=SEASON")
                        .json()
                        .get("farm")
                        .get("count")
                        .get("waiting")
                        .asInt())
                .isEqualTo(8);
        http.post(TRIALS + "/1/giving-up", Map.of());
        assertThat(http.get("/api/takes?by=TECHNIQUE").json().get("groups")).hasSize(2);
    }
}
