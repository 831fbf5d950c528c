package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
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

/** A graft day over HTTP on a real database file: laid out, worked through by several, put right. */
class BenchDayApiTest extends ApiTest {

    @Autowired
    private JdbcTemplate store;

    private LocalDate today;
    private String day;
    private long mother;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        day = "/api/bench-days/" + today;
        http.netBag();
        http.post("/api/people", Map.of("name", "Solveig"));
        mother = http.mother("MB-1", null);
        String lines = IntStream.range(0, 20).mapToObj(i -> "ST-" + i + " 9").collect(Collectors.joining("\n"));
        http.post(
                "/api/plants/paste",
                Map.of("lines", lines, "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1));
    }

    private void lot(int sticks) {
        http.collected(Http.lot(mother, today, sticks));
    }

    private void line(String technique, int grafts) {
        Map<String, Object> plan = new HashMap<>(Map.of("day", "" + today, "spotId", 1, "varietyId", 1));
        plan.putAll(Map.of("grafts", grafts, "speciesKey", "avocado", "techniqueKey", technique));
        assertThat(http.post("/api/graft-days", plan).status()).isEqualTo(200);
    }

    private JsonNode begun() {
        Http.Answer begun = http.post(day + "/begin", Map.of());
        assertThat(begun.status()).as(begun.text()).isEqualTo(200);
        return begun.json();
    }

    private JsonNode hand(long person) {
        Http.Answer hand = http.post(day + "/at-hand", Map.of("personId", person));
        assertThat(hand.status()).as(hand.text()).isEqualTo(200);
        return hand.json();
    }

    private Http.Answer made(long job, long person) {
        return http.post("/api/bench-days/jobs/" + job + "/made", Map.of("personId", person));
    }

    private static long job(JsonNode hand) {
        return hand.get("facing").get("jobId").asLong();
    }

    @Test
    void stocksAndSticksGoToOneLineEachAndWhatIsShortIsSaid() {
        lot(6);
        line("cleft", 4);
        line("whip", 4);
        line("veneer", 30);
        JsonNode lines = http.get(day).json().get("lines");
        assertThat(lines.get(0).get("laid").asInt()).isEqualTo(4);
        assertThat(lines.get(1).get("laid").asInt()).isEqualTo(2);
        assertThat(lines.get(1).get("missing").asString()).startsWith("wood for 2 is missing");
        assertThat(lines.get(2).get("missing").asString()).contains("stocks too few stand free at Bench");
        begun();
        List<Long> stems = store.queryForList("SELECT stem_id FROM day_job", Long.class);
        assertThat(stems).hasSize(6).doesNotHaveDuplicates();
        Http.Answer again = http.post(day + "/begin", Map.of());
        assertThat(again.status()).as(again.text()).isEqualTo(422);
    }

    @Test
    void numbersAreKeptForGraftsToBeAndNobodyElseIsGivenThem() throws Exception {
        lot(12);
        line("cleft", 4);
        List<Http.Answer> asked = AtOnce.of(8, () -> http.post(day + "/labels", Map.of()));
        assertThat(asked).extracting(Http.Answer::status).containsOnly(200);
        assertThat(asked.stream().map(a -> "" + a.json().get("codes")).distinct())
                .hasSize(1);
        List<String> kept = store.queryForList("SELECT code FROM day_label ORDER BY id", String.class);
        assertThat(kept).hasSize(4).doesNotHaveDuplicates();
        Map<String, Object> other = Http.graftOf(0, "cleft", today, 20L);
        other.remove("lotId");
        assertThat(kept)
                .doesNotContain(http.post("/api/grafts", other)
                        .json()
                        .get("codes")
                        .get(0)
                        .asString());
        JsonNode found = http.get("/api/grafts/find?q="
                        + kept.get(1).toLowerCase(java.util.Locale.ROOT).replace("-", ""))
                .json()
                .get(0);
        assertThat(found.get("kind").asString()).isEqualTo("label");
        assertThat(found.get("day").asString()).isEqualTo("" + today);
        Http.Answer labels = http.get("/api/labels.pdf?codes=" + String.join(",", kept));
        assertThat(labels.status()).as(labels.text()).isEqualTo(200);
        begun();
        JsonNode hand = hand(1);
        assertThat(hand.get("facing").get("code").asString()).isEqualTo(kept.get(0));
        assertThat(made(job(hand), 1).json().get("code").asString()).isEqualTo(kept.get(0));
        assertThat(http.get("/api/grafts/find?q=" + kept.get(0))
                        .json()
                        .get(0)
                        .get("kind")
                        .asString())
                .isEqualTo("graft");
        assertThat(http.get("/api/grafts/find?q=" + kept.get(1))
                        .json()
                        .get(0)
                        .get("words")
                        .asString())
                .contains(" on ");
        assertThat(store.queryForList("SELECT code FROM day_job ORDER BY turn", String.class))
                .containsExactlyElementsOf(kept);
    }

    @Test
    void limbsOfAnOldTreeBecomeLinesOfADayEachScionOnAStemOfItsOwn() {
        http.post(
                "/api/plants/paste",
                Map.of("lines", "OT-1", "speciesKey", "avocado", "kind", "FIELD_TREE", "spotId", 1));
        http.put(
                "/api/fit/limbs/OT-1",
                Map.of(
                        "limbs",
                        List.of(
                                Map.of("label", "A", "diameterMm", 60, "heightMm", 900, "directionDeg", 20),
                                Map.of("label", "B", "diameterMm", 34, "heightMm", 1000, "directionDeg", 200))));
        lot(4);
        Map<String, Object> wanted = Map.of("lotId", 1, "school", "ALL");
        JsonNode done = http.post(day + "/limbs/OT-1", wanted).json();
        assertThat(done.get("sentence").asString()).startsWith("5 grafts on limbs of OT-1");
        JsonNode lines = http.get(day).json().get("lines");
        assertThat(lines.valueStream().map(line -> line.get("techniqueName").asString()))
                .containsExactly("bark", "centre-split cleft");
        assertThat(lines.valueStream()
                        .mapToInt(line -> line.get("laid").asInt())
                        .sum())
                .isEqualTo(4);
        assertThat(lines.get(1).get("missing").asString()).startsWith("wood for 1 is missing");
        List<String> hosts = http.get(day)
                .json()
                .get("blocks")
                .valueStream()
                .map(block -> block.get("host").asString())
                .toList();
        assertThat(hosts).containsOnly("OT-1");
        Http.Answer again = http.post(day + "/limbs/OT-1", wanted);
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.text()).contains("this season's limbs");
        begun();
        assertThat(store.queryForList(
                        "SELECT s.label FROM day_job j JOIN place_stem s ON s.id = j.stem_id ORDER BY s.label",
                        String.class))
                .containsExactly("A", "A 2", "A 3", "B");
        http.post(day + "/end", Map.of());
        http.undo(done);
        assertThat(http.get(day).json().get("lines").size()).isZero();
        assertThat(http.get("/api/fit/limbs/OT-1").json().get("stems").size()).isEqualTo(3);
        assertThat(http.post(day + "/limbs/OT-9", wanted).status()).isEqualTo(404);
        assertThat(http.post(day + "/limbs/ST-1", wanted).text()).contains("No limb of ST-1 is grafted");
        Map<String, Object> limb = Map.of("label", "A", "diameterMm", 60, "heightMm", 900, "directionDeg", 20);
        http.put("/api/fit/limbs/MB-1", Map.of("limbs", List.of(limb)));
        assertThat(http.post(day + "/limbs/MB-1", wanted).text()).contains("MB-1 is a mother tree");
        assertThat(http.post("/api/bench-days/" + today.minusDays(1) + "/limbs/OT-1", wanted)
                        .status())
                .isEqualTo(422);
        assertThat(http.get("/api/fit/lists").json().size()).isZero();
    }

    @Test
    void limbsPlannedByEightAtOnceArePlannedOnce() throws Exception {
        http.post(
                "/api/plants/paste",
                Map.of("lines", "OT-1", "speciesKey", "avocado", "kind", "FIELD_TREE", "spotId", 1));
        Map<String, Object> limb = Map.of("label", "A", "diameterMm", 60, "heightMm", 900, "directionDeg", 20);
        http.put("/api/fit/limbs/OT-1", Map.of("limbs", List.of(limb)));
        lot(12);
        List<Http.Answer> asked =
                AtOnce.of(8, () -> http.post(day + "/limbs/OT-1", Map.of("lotId", 1, "school", "ALL")));
        assertThat(asked.stream().filter(answer -> answer.status() == 200)).hasSize(1);
        assertThat(asked.stream().filter(answer -> answer.status() == 409)).hasSize(7);
        assertThat(http.get(day).json().get("lines").size()).isEqualTo(1);
        assertThat(http.get("/api/fit/lists").json().size()).isEqualTo(1);
        assertThat(store.queryForList(
                        "SELECT s.label FROM place_stem s JOIN place_plant p ON p.id = s.plant_id WHERE p.code = 'OT-1'",
                        String.class))
                .doesNotHaveDuplicates();
    }

    @Test
    void theNearestHabitIsFollowedAndEachGraftKeepsWhatWas() {
        lot(12);
        line("cleft", 2);
        String habits = "/api/grafts/habits";
        int plan = http.get(day).json().get("lines").get(0).get("planNo").asInt();
        assertThat(http.put(habits, Map.of("question", "water", "school", "moist"))
                        .status())
                .isEqualTo(200);
        http.put(habits, Map.of("question", "film", "school", "leave-free", "speciesKey", "avocado"));
        http.put(habits, Map.of("question", "film", "school", "cover-thin"));
        http.put(habits, Map.of("question", "wrap", "school", "downward", "planNo", plan));
        JsonNode standard = http.get("/api/grafts/schools?speciesKey=avocado&techniqueKey=cleft")
                .json();
        assertThat(standard.get("water").asString()).isEqualTo("moist");
        assertThat(standard.get("film").asString()).isEqualTo("leave-free");
        assertThat(standard.get("wrap").asString()).isEqualTo("upward");
        begun();
        JsonNode hand = hand(1);
        assertThat("" + hand.get("facing").get("schools")).contains("from the top of the union down");
        String code = made(job(hand), 1).json().get("code").asString();
        List<String> kept = store.queryForList(
                "SELECT s.question || '=' || s.school FROM bench_school s JOIN bench_graft g ON g.id = s.graft_id"
                        + " WHERE g.code = ?",
                String.class,
                code);
        assertThat(kept).contains("water=moist", "film=leave-free", "wrap=downward");
        http.put(habits, Map.of("question", "film", "speciesKey", "avocado"));
        assertThat(http.get("/api/grafts/schools?speciesKey=avocado&techniqueKey=cleft")
                        .json()
                        .get("film")
                        .asString())
                .isEqualTo("cover-thin");
        assertThat(http.put(habits, Map.of("question", "water", "school", "upward"))
                        .status())
                .isEqualTo(422);
        assertThat(http.put(habits, Map.of("question", "tide", "school", "high"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aDayTooLongIsSpreadOverTheDaysAfterItInOneAct() {
        String lines = IntStream.range(100, 260).mapToObj(i -> "LG-" + i + " 9").collect(Collectors.joining("\n"));
        http.post(
                "/api/plants/paste",
                Map.of("lines", lines, "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1));
        lot(170);
        line("cleft", 120);
        line("whip", 40);
        assertThat(http.get(day).json().get("done").get("tooLong").asBoolean()).isTrue();
        Http.Answer spread = http.post(day + "/spread", Map.of());
        assertThat(spread.status()).as(spread.text()).isEqualTo(200);
        JsonNode days = http.get("/api/bench-days").json();
        int grafts = 0;
        for (JsonNode one : days) {
            grafts += one.get("grafts").asInt();
            JsonNode view =
                    http.get("/api/bench-days/" + one.get("day").asString()).json();
            assertThat(view.get("done").get("tooLong").asBoolean()).isFalse();
        }
        assertThat(grafts).isEqualTo(160);
        assertThat(days.size()).isGreaterThan(1);
        assertThat(http.post(day + "/spread", Map.of()).status()).isEqualTo(422);
        assertThat(http.post("/api/acts/" + spread.json().get("actId").asLong() + "/undo", Map.of())
                        .status())
                .isEqualTo(200);
        assertThat(http.get("/api/bench-days").json().size()).isEqualTo(1);
    }

    @Test
    void aPreparedListBecomesLinesWhoseStocksAndLotsAreThoseOfTheList() {
        lot(3);
        lot(8);
        List<JsonNode> shelf = new ArrayList<>();
        http.get("/api/lots").json().get("lots").forEach(shelf::add);
        long second = shelf.get(1).get("id").asLong();
        List<Long> stems = new ArrayList<>();
        http.get("/api/grafts/free-stems?speciesKey=avocado&search=ST-1")
                .json()
                .forEach(stem -> stems.add(stem.get("stemId").asLong()));
        List<Map<String, Object>> rows = stems.subList(4, 7).stream()
                .map(stem -> {
                    Map<String, Object> row = new HashMap<>(Map.of("stick", "s" + stem, "stem", "t" + stem));
                    row.putAll(Map.of("lotId", second, "stemId", stem, "techniqueKey", "whip"));
                    row.putAll(Map.of("scionMm", 8, "stockMm", 9, "offsetMm", 0));
                    return row;
                })
                .toList();
        http.post("/api/fit/lists", Map.of("name", "For Saturday", "rows", rows));
        line("cleft", 2);
        Http.Answer planned = http.post(day + "/lists/1", Map.of());
        assertThat(planned.status()).as(planned.text()).isEqualTo(200);
        begun();
        assertThat(store.queryForList(
                        "SELECT stem_id FROM day_job WHERE technique_key = 'whip' ORDER BY id", Long.class))
                .containsExactlyElementsOf(stems.subList(4, 7));
        assertThat(store.queryForList("SELECT lot_id FROM day_job WHERE technique_key = 'whip'", Long.class))
                .containsOnly(second);
        store.queryForList("SELECT id FROM day_job WHERE technique_key = 'whip'", Long.class)
                .forEach(job -> made(job, 1));
        assertThat(http.get("/api/fit/lists").json().get(0).get("open").asInt()).isZero();
        assertThat(http.post(day + "/lists/1", Map.of()).status()).isEqualTo(422);
    }

    @Test
    void theGraftAtHandSaysWhereToCutAsTheFitBenchDoes() {
        Map<String, Object> lot = Http.lot(mother, today, 6);
        lot.put("diametersMm", List.of(7.5));
        http.collected(lot);
        line("cleft", 2);
        begun();
        long stem = store.queryForObject("SELECT stem_id FROM day_job ORDER BY turn LIMIT 1", Long.class);
        assertThat(hand(1).get("facing").get("cut").get("atMm")).isNull();
        List<Map<String, Object>> readings =
                List.of(Map.of("heightMm", 100, "diameterMm", 12), Map.of("heightMm", 500, "diameterMm", 7));
        http.put("/api/fit/stems/" + stem, Map.of("readings", readings));
        Map<String, Object> entry = new HashMap<>(Map.of("techniqueKey", "cleft", "speciesKey", "avocado"));
        entry.putAll(Map.of("stem", Map.of("readings", readings), "scionMm", 7.5, "wrap", "CLOCKWISE"));
        JsonNode fit = http.post("/api/fit", entry).json();
        JsonNode cut = hand(1).get("facing").get("cut");
        assertThat(cut.get("atMm").asDouble()).isEqualTo(fit.get("heightMm").asDouble());
        assertThat(cut.get("side").asString()).isEqualTo(fit.get("side").asString());
        assertThat(cut.get("cuts").size()).isEqualTo(fit.get("cuts").size() - 2);
    }

    @Test
    void aNumberTakenBackIsNotGivenAgainAndOneThatSomebodyUsedIsPassedOver() {
        lot(12);
        line("cleft", 2);
        JsonNode first = http.post(day + "/labels", Map.of()).json();
        assertThat(http.post("/api/acts/" + first.get("actId").asLong() + "/undo", Map.of())
                        .status())
                .isEqualTo(200);
        JsonNode second = http.post(day + "/labels", Map.of()).json();
        List<String> codes = new ArrayList<>();
        second.get("codes").forEach(code -> codes.add(code.asString()));
        first.get("codes").forEach(code -> assertThat(codes).doesNotContain(code.asString()));
        assertThat(http.post(day + "/labels", Map.of()).json().get("actId")).isNull();
        // A notebook brought in may bear any code.
        Map<String, Object> other = Http.graftOf(0, "cleft", today, 20L);
        other.remove("lotId");
        http.post("/api/grafts", other);
        store.update("UPDATE bench_graft SET code = ?", codes.get(0));
        begun();
        JsonNode hand = hand(1);
        assertThat(hand.get("facing").get("code").asString()).isEqualTo(codes.get(0));
        assertThat(made(job(hand), 1).json().get("code").asString()).isNotIn(codes);
        assertThat(made(job(hand(1)), 1).json().get("code").asString()).isEqualTo(codes.get(1));
    }

    @Test
    void aTeamIsSetForADayAFarmCanHave() {
        Map<String, Object> team = new HashMap<>(Map.of("beginsMinute", 480, "hands", List.of()));
        assertThat(http.put("/api/bench-days/9999-01-01/team", team).status()).isEqualTo(422);
        assertThat(http.put("/api/bench-days/0001-01-01/team", team).status()).isEqualTo(422);
        assertThat(http.put(day + "/team", team).status()).isEqualTo(200);
    }

    @Test
    void aLineOfAnotherVarietyHasNoUseForTheCodesOfTheOldOne() {
        line("cleft", 2);
        http.post(day + "/labels", Map.of());
        http.post("/api/varieties", Map.of("speciesKey", "avocado", "name", "Tide Marker"));
        long variety = store.queryForObject("SELECT MAX(id) FROM place_variety", Long.class);
        int plan = http.get(day).json().get("lines").get(0).get("planNo").asInt();
        Map<String, Object> changed = new HashMap<>(Map.of("day", "" + today, "spotId", 1, "varietyId", variety));
        changed.putAll(Map.of("grafts", 2, "speciesKey", "avocado", "techniqueKey", "cleft"));
        assertThat(http.put("/api/graft-days/" + plan, changed).status()).isEqualTo(200);
        http.post(day + "/labels", Map.of())
                .json()
                .get("codes")
                .forEach(code -> assertThat(code.asString()).startsWith("TM-"));
    }

    @Test
    void oneGraftPressedByEightIsMadeOnceAndTwoPeopleAreNeverShownTheSame() throws Exception {
        lot(12);
        line("cleft", 10);
        begun();
        JsonNode first = hand(1);
        assertThat(job(hand(2))).isNotEqualTo(job(first));
        assertThat(job(hand(1))).isEqualTo(job(first));
        List<Http.Answer> pressed = AtOnce.of(8, () -> made(job(first), 1));
        assertThat(pressed)
                .extracting(Http.Answer::status)
                .containsOnlyOnce(200)
                .containsOnly(200, 409);
        assertThat(pressed.stream()
                        .filter(a -> a.status() == 409)
                        .findFirst()
                        .orElseThrow()
                        .text())
                .contains("is grafted already: PB-");
        assertThat(store.queryForObject("SELECT COUNT(*) FROM bench_graft", Integer.class))
                .isEqualTo(1);
        List<Long> jobs = new ArrayList<>();
        hand(2).get("turns").forEach(turn -> jobs.add(turn.get("jobId").asLong()));
        AtOnce.of(jobs.stream()
                .map(job -> (java.util.concurrent.Callable<Http.Answer>) () -> made(job, 2))
                .toList());
        assertThat(store.queryForObject("SELECT COUNT(*) FROM bench_graft", Integer.class))
                .isEqualTo(10);
        assertThat(hand(1).get("progress").get("open").asInt()).isZero();
        assertThat(http.get("/api/lots")
                        .json()
                        .get("lots")
                        .get(0)
                        .get("sticksLeft")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void whatIsTakenBackIsOpenAgainAndKeepsItsLabel() {
        lot(5);
        line("cleft", 3);
        begun();
        JsonNode made = made(job(hand(1)), 1).json();
        long again = http.post("/api/acts/" + made.get("actId").asLong() + "/undo", Map.of())
                .status();
        assertThat(again).isEqualTo(200);
        JsonNode hand = hand(1);
        assertThat(hand.get("progress").get("made").asInt()).isZero();
        // Its label hangs on that stock already.
        assertThat(made(job(hand), 1).json().get("code").asString())
                .isEqualTo(made.get("code").asString());
    }

    @Test
    void aBladeIsCleanedAtTheStartAndBeforeAnotherLot() {
        lot(1);
        lot(4);
        line("cleft", 3);
        begun();
        assertThat(hand(1).get("clean").asString()).isEqualTo("START");
        http.post("/api/cleaning", Map.of("personId", 1, "occasion", "START"));
        assertThat(hand(1).has("clean")).isFalse();
        made(job(hand(1)), 1);
        List<String> asked = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            JsonNode hand = hand(1);
            asked.add(hand.path("clean").asString(""));
            made(job(hand), 1);
        }
        assertThat(asked).containsOnlyOnce("NEW_LOT");
        lot(1);
        line("chip", 1);
        begun();
        assertThat(hand(2).get("clean").asString()).isEqualTo("START");
    }

    @Test
    void aStockThatWillNotDoIsLeftOutAndTheOrderChosenHolds() {
        lot(9);
        line("cleft", 3);
        line("chip", 3);
        List<String> keys = new ArrayList<>();
        http.get(day)
                .json()
                .get("blocks")
                .forEach(block -> keys.add(0, block.get("key").asString()));
        assertThat(http.put(day + "/order", Map.of("blocks", keys)).status()).isEqualTo(200);
        assertThat(http.get(day).json().get("blocks").get(0).get("key").asString())
                .isEqualTo(keys.get(0));
        assertThat(http.put(day + "/order", Map.of("blocks", keys.subList(0, 1)))
                        .status())
                .isEqualTo(409);
        begun();
        long job = job(hand(1));
        Http.Answer left = http.post("/api/bench-days/jobs/" + job + "/refusal", Map.of("why", "BARK_TIGHT"));
        assertThat(left.json().get("sentence").asString()).contains("its bark does not slip. Chip it");
        assertThat(job(hand(1))).isNotEqualTo(job);
        long later = job(hand(1));
        http.post("/api/bench-days/jobs/" + later + "/later", Map.of());
        JsonNode turns = hand(1).get("turns");
        assertThat(turns.get(turns.size() - 1).get("jobId").asLong()).isEqualTo(later);
        assertThat(http.put(day + "/order", Map.of("blocks", keys)).status()).isEqualTo(409);
    }

    @Test
    void whatCannotBeIsSaidAndThePlanStays() {
        assertThat(http.post(day + "/begin", Map.of()).json().get("detail").asString())
                .startsWith("There is nothing to begin with");
        assertThat(http.post("/api/bench-days/" + today.plusDays(1) + "/begin", Map.of())
                        .status())
                .isEqualTo(422);
        assertThat(http.post(day + "/at-hand", Map.of("personId", 1)).status()).isEqualTo(422);
        Map<String, Object> team = new HashMap<>(Map.of("beginsMinute", 480));
        team.put("hands", List.of(Map.of("personId", 1, "role", "WRAP", "fromMinute", 0)));
        assertThat(http.put(day + "/team", team).json().get("detail").asString())
                .contains("Nobody cuts");
        team.put("hands", List.of());
        team.put("pause", Map.of("from", 700, "until", 600));
        assertThat(http.put(day + "/team", team).status()).isEqualTo(422);
        assertThat(made(999, 1).status()).isEqualTo(404);
        lot(2);
        line("cleft", 2);
        begun();
        long job = job(hand(1));
        store.update("UPDATE wood_lot SET sticks_left = 0, buds_left = 0");
        Http.Answer used = made(job, 1);
        assertThat(used.status()).isEqualTo(422);
        assertThat(used.text()).contains("Somebody may just have taken them");
        assertThat(hand(1).get("progress").get("open").asInt()).isEqualTo(2);
    }

    @Test
    void paceIsLearnedFromTheMinutesBetweenGraftsAndAPauseIsNoWork() {
        lot(12);
        line("cleft", 8);
        begun();
        for (int i = 0; i < 6; i++) {
            made(job(hand(1)), 1);
        }
        // 250 s are usual: each took 200, one of them after an hour away.
        store.update(
                "UPDATE day_made SET done_at = DATEADD(SECOND, job_id * 200 + CASE WHEN job_id > 3 THEN 3600 ELSE 0 END,"
                        + " TIMESTAMP WITH TIME ZONE '2026-05-01 08:00:00Z')");
        http.put(
                day + "/team",
                Map.of("beginsMinute", 480, "hands", List.of(Map.of("personId", 1, "role", "WHOLE", "fromMinute", 0))));
        JsonNode pace = http.get(day).json().get("team").get("lanes").get(0).get("pace");
        assertThat(pace.get("times").asInt()).isEqualTo(4);
        assertThat(pace.get("mean").asDouble()).isBetween(0.8, 1.0);
        assertThat(pace.get("low").asDouble()).isLessThan(pace.get("mean").asDouble());
    }

    @Test
    void whoWrapsIsToldHowLongTheyWaitAndADayTooLongIsSaid() {
        lot(60);
        String lines = IntStream.range(0, 130).mapToObj(i -> "BT-" + i + " 9").collect(Collectors.joining("\n"));
        http.post(
                "/api/plants/paste",
                Map.of("lines", lines, "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1));
        lot(80);
        line("cleft", 120);
        JsonNode alone = http.get(day).json().get("done");
        assertThat(alone.get("sentences").toString()).contains("This is more than a day of 7 hours");
        List<Map<String, Object>> hands = List.of(
                Map.of("personId", 1, "role", "CUT", "fromMinute", 0),
                Map.of("personId", 2, "role", "WRAP", "fromMinute", 0));
        Map<String, Object> team =
                Map.of("beginsMinute", 480, "pause", Map.of("from", 720, "until", 780), "hands", hands);
        assertThat(http.put(day + "/team", team).status()).isEqualTo(200);
        JsonNode two = http.get(day).json();
        assertThat(two.get("done").get("finish").get("mid").asDouble())
                .isLessThan(alone.get("finish").get("mid").asDouble());
        assertThat(two.get("done").get("sentences").toString()).contains("Solveig waits");
        for (JsonNode lane : two.get("team").get("lanes")) {
            double before = 0;
            for (JsonNode span : lane.get("spans")) {
                assertThat(span.get("from").asDouble()).isGreaterThanOrEqualTo(before - 1e-6);
                before = span.get("until").asDouble();
            }
        }
        assertThat(http.put(day + "/team", Map.of("beginsMinute", 480, "hands", List.of(hands.get(0), hands.get(0))))
                        .status())
                .isEqualTo(422);
        assertThat(http.put(
                                day + "/team",
                                Map.of(
                                        "beginsMinute",
                                        480,
                                        "hands",
                                        List.of(Map.of("personId", 77, "role", "CUT", "fromMinute", 0))))
                        .status())
                .isBetween(404, 422);
    }

    @Test
    void theBoxHoldsWhatTheLinesTakeAndATakenBackBeginningLeavesThePlan() {
        lot(9);
        line("chip", 3);
        line("cleft", 3);
        JsonNode kit = http.get(day).json().get("kit");
        List<String> things = kit.valueStream()
                .map(thing ->
                        thing.get("name").asString() + " " + thing.get("much").asString())
                .toList();
        assertThat(things)
                .contains("labels 7")
                .anyMatch(thing -> thing.startsWith("grafting tape"))
                .noneMatch(t -> t.startsWith("saw"));
        assertThat(http.getIn("decimal F floz", day).text()).contains("fl oz").doesNotContain(" ml");
        JsonNode begun = begun();
        http.post("/api/acts/" + begun.get("actId").asLong() + "/undo", Map.of());
        JsonNode after = http.get(day).json();
        assertThat(after.get("progress").get("begun").asBoolean()).isFalse();
        assertThat(after.get("lines").size()).isEqualTo(2);
        begun();
        made(job(hand(1)), 1);
        assertThat(http.post(day + "/end", Map.of()).status()).isEqualTo(200);
        assertThat(http.get(day).json().get("progress").get("made").asInt()).isEqualTo(1);
        assertThat(begun().get("sentence").asString()).endsWith("5 grafts");
    }

    @Test
    void aDayBegunByEightIsLaidOutOnceAndEightPeopleFaceEightGrafts() throws Exception {
        lot(20);
        line("cleft", 16);
        List<Http.Answer> begun = AtOnce.of(8, () -> http.post(day + "/begin", Map.of()));
        assertThat(begun).extracting(Http.Answer::status).containsOnlyOnce(200).containsOnly(200, 422);
        assertThat(store.queryForObject("SELECT COUNT(*) FROM day_job", Integer.class))
                .isEqualTo(16);
        for (int i = 0; i < 6; i++) {
            http.post("/api/people", Map.of("name", "Hand " + i));
        }
        List<java.util.concurrent.Callable<JsonNode>> asking = new ArrayList<>();
        for (long person = 1; person <= 8; person++) {
            long who = person;
            asking.add(() -> hand(who));
        }
        List<Long> faced = AtOnce.of(asking).stream().map(BenchDayApiTest::job).toList();
        assertThat(faced).hasSize(8).doesNotHaveDuplicates();
    }

    @Test
    void aTeamSetByEightIsOneTeamAndTheirLastWordIsTakenBack() throws Exception {
        lot(4);
        line("cleft", 2);
        Map<String, Object> team =
                Map.of("beginsMinute", 450, "hands", List.of(Map.of("personId", 1, "role", "WHOLE", "fromMinute", 15)));
        List<Http.Answer> set = AtOnce.of(8, () -> http.put(day + "/team", team));
        assertThat(set).extracting(Http.Answer::status).containsOnly(200);
        assertThat(store.queryForObject("SELECT COUNT(*) FROM day_hand", Integer.class))
                .isEqualTo(1);
        assertThat(store.queryForObject("SELECT COUNT(*) FROM day_frame", Integer.class))
                .isEqualTo(1);
        JsonNode lane = http.get(day).json().get("team").get("lanes").get(0);
        assertThat(lane.get("fromMinute").asInt()).isEqualTo(15);
        assertThat(lane.get("name").asString()).isEqualTo("Ingmar");
        long newest = http.get("/api/acts").json().get(0).get("id").asLong();
        assertThat(http.post("/api/acts/" + newest + "/undo", Map.of()).status())
                .isEqualTo(200);
        assertThat(http.get(day).json().get("team").get("said").asBoolean()).isTrue();
    }

    @Test
    void aStickThatBreaksGoesOutOfTheLotAndAnotherLotServes() {
        lot(2);
        lot(6);
        line("cleft", 2);
        begun();
        JsonNode facing = hand(1).get("facing");
        long lot = facing.get("lotId").asLong();
        Map<String, Object> broke = Map.of("kind", "DISCARD", "sticks", 2, "personId", 1, "remark", "broke");
        assertThat(http.post("/api/lots/" + lot + "/out", broke).status()).isEqualTo(200);
        assertThat(made(facing.get("jobId").asLong(), 1).status()).isEqualTo(422);
        JsonNode others = hand(1).get("facing").get("others");
        long other = others.get(0).get("lotId").asLong();
        assertThat(other).isNotEqualTo(lot);
        Map<String, Object> entry = Map.of("personId", 1, "lotId", other, "scionMm", 7.5, "stockMm", 8.8, "faceS", 90);
        Http.Answer made =
                http.post("/api/bench-days/jobs/" + facing.get("jobId").asLong() + "/made", entry);
        assertThat(made.status()).as(made.text()).isEqualTo(200);
        JsonNode graft =
                http.sheet(made.json().get("code").asString()).get("stop").get("graft");
        assertThat(graft.get("lotId").asLong()).isEqualTo(other);
        assertThat(graft.get("scionMm").asDouble()).isEqualTo(7.5);
        assertThat(graft.get("makerName").asString()).isEqualTo("Ingmar");
        assertThat(graft.get("cover").asString()).isEqualTo("FILM");
        assertThat(store.queryForObject("SELECT face_s FROM day_made", Integer.class))
                .isEqualTo(90);
        entry = Map.of("personId", 1, "scionMm", -4);
        assertThat(http.post("/api/bench-days/jobs/" + job(hand(1)) + "/made", entry)
                        .status())
                .isEqualTo(422);
    }

    @Test
    void whatIsHeldIsNotLaidOut() {
        lot(4);
        line("cleft", 3);
        long first = begunStems().get(0);
        long plant = store.queryForObject("SELECT plant_id FROM place_stem WHERE id = ?", Long.class, first);
        http.post(day + "/end", Map.of());
        http.post("/api/recalls", Http.tested("PLANT-" + plant, "POSITIVE", today));
        assertThat(begunStems()).hasSize(3).doesNotContain(first);
    }

    @Test
    void aBeginningWithGraftsIsTakenBackOnlyAfterThem() {
        lot(4);
        line("cleft", 3);
        String undo = "/api/acts/" + begun().get("actId").asLong() + "/undo";
        JsonNode made = made(job(hand(1)), 1).json();
        assertThat(http.post(undo, Map.of()).status()).isEqualTo(409);
        assertThat(hand(1).get("progress").get("made").asInt()).isEqualTo(1);
        http.post("/api/acts/" + made.get("actId").asLong() + "/undo", Map.of());
        assertThat(http.post(undo, Map.of()).status()).isEqualTo(200);
        assertThat(http.get(day).json().get("progress").get("begun").asBoolean())
                .isFalse();
    }

    private List<Long> begunStems() {
        begun();
        return store.queryForList("SELECT stem_id FROM day_job ORDER BY turn", Long.class);
    }
}
