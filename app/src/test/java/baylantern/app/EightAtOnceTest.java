package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.DayTurn;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** What several do to the same at once: each act is done once or refused with who and what, and the farm stays whole. */
class EightAtOnceTest extends ApiTest {

    private static final int STEMS = 60;

    @Autowired
    private JdbcTemplate store;

    @Autowired
    private DayTurn turn;

    private LocalDate today;
    private long mother;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        http.netBag();
        mother = http.mother("MB-1", null);
        String lines = IntStream.range(0, STEMS).mapToObj(i -> "ST-" + i + " 9").collect(Collectors.joining("\n"));
        http.post(
                "/api/plants/paste",
                Map.of("lines", lines, "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1));
    }

    private long lot(int sticks) {
        return http.collected(Http.lot(mother, today, sticks)).get("id").asLong();
    }

    private List<Long> stems() {
        return store.queryForList(
                "SELECT s.id FROM place_stem s JOIN place_plant p ON p.id = s.plant_id WHERE p.code LIKE 'ST-%' ORDER BY s.id",
                Long.class);
    }

    private long count(String what) {
        return Objects.requireNonNull(store.queryForObject("SELECT COUNT(*) FROM " + what, Long.class));
    }

    private static List<Integer> statuses(List<Http.Answer> answers) {
        return answers.stream().map(Http.Answer::status).toList();
    }

    @Test
    void aPreparedRowIsLoggedOnceAndANoteCorrectedOnce() throws Exception {
        long lot = lot(6);
        for (long stem : stems().subList(0, 3)) {
            Map<String, Object> row = new HashMap<>(Map.of("stick", "1", "stem", "one", "lotId", lot, "stemId", stem));
            row.putAll(Map.of("techniqueKey", "cleft", "scionMm", 8.1, "stockMm", 8.2, "offsetMm", 0));
            http.post("/api/fit/lists", Map.of("name", "Saturday " + stem, "rows", List.of(row)));
        }
        for (JsonNode list : http.get("/api/fit/lists").json()) {
            Map<String, Object> log =
                    Map.of("rows", List.of(list.get("rows").get(0).get("id").asLong()), "makerId", 1, "cover", "FILM");
            String path = "/api/fit/lists/" + list.get("id").asLong() + "/log";
            assertThat(statuses(AtOnce.of(8, () -> http.post(path, log))))
                    .containsOnlyOnce(200)
                    .containsOnly(200, 409);
        }
        assertThat(count("bench_graft")).isEqualTo(3);

        http.post("/api/flush/notes", Map.of("plantIds", List.of(1), "sun", "M"));
        Long note = store.queryForObject("SELECT MAX(id) FROM season_note", Long.class);
        List<Callable<Http.Answer>> corrections = new ArrayList<>();
        for (String stages : List.of("S", "P", "F", "H", "R", "S50 M50")) {
            corrections.add(() -> http.put("/api/flush/notes/" + note, Map.of("plantIds", List.of(1), "sun", stages)));
        }
        assertThat(statuses(AtOnce.of(corrections))).containsOnlyOnce(200).containsOnly(200, 409);
    }

    @Test
    void aGraftIsMeasuredOnceAndAWalkThatManyMoveStandsOnOneDayOfTheirs() throws Exception {
        String code = http.cleft(40, stems().get(0)).json().get("codes").get(0).asString();
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        List<Map<String, Object>> on = List.of(Map.of(
                "graftId",
                graft.get("id").asLong(),
                "version",
                graft.get("version").asInt()));
        Map<String, Object> look = Map.of("grafts", on, "sign", "LEAFED", "lengthMm", 40, "found", List.of("TORN"));
        assertThat(statuses(AtOnce.of(8, () -> http.post("/api/looks", look))))
                .containsOnlyOnce(200)
                .containsOnly(200, 409);
        assertThat(http.sheet(code).get("past").size()).isEqualTo(1);

        String from =
                http.get("/api/walks").json().get("walks").get(0).get("day").asString();
        List<Callable<Http.Answer>> moves = new ArrayList<>();
        for (int i = 1; i <= 8; i++) {
            String to = "" + LocalDate.parse(from).plusDays(i);
            moves.add(() -> http.put("/api/walks", Map.of("from", from, "to", to)));
        }
        assertThat(statuses(AtOnce.of(moves))).containsOnly(200);
        JsonNode walks = http.get("/api/walks").json();
        assertThat(walks.get("never").size()).isEqualTo(1);
        assertThat(count("care_walk WHERE NOT walked")).isEqualTo(1);
        assertThat(walks.get("walks").toString()).doesNotContain("\"day\":\"" + from + "\"");
    }

    @Test
    void noGraftEscapesTheRecallOfItsMother() throws Exception {
        long lot = lot(40);
        List<Long> stems = stems();
        List<Callable<Http.Answer>> works = new ArrayList<>();
        for (int hand = 0; hand < 7; hand++) {
            List<Long> own = stems.subList(hand * 4, hand * 4 + 4);
            works.add(() -> own.stream()
                    .map(stem -> http.post("/api/grafts", Http.graftOf(lot, "cleft", today, stem)))
                    .toList()
                    .get(3));
        }
        works.add(() -> http.post("/api/recalls", Http.tested("PLANT-" + mother, "POSITIVE", today)));
        List<Http.Answer> answers = AtOnce.of(works);
        assertThat(statuses(answers)).isSubsetOf(200, 422);
        assertThat(answers.get(7).status()).isEqualTo(200);
        Set<String> held = new HashSet<>();
        http.get("/api/recalls/" + answers.get(7).json().get("id").asLong())
                .json()
                .get("held")
                .forEach(one -> held.add(one.get("member").get("code").asString()));
        assertThat(held).containsAll(store.queryForList("SELECT code FROM bench_graft", String.class));
    }

    @Test
    void whatIsTakenBackIsGoneWithAllThatWasAcknowledgedOfIt() throws Exception {
        for (long stem : stems().subList(0, 6)) {
            JsonNode logged = http.cleft(1, stem).json();
            JsonNode graft = http.sheet(logged.get("codes").get(0).asString())
                    .get("stop")
                    .get("graft");
            List<Integer> answers =
                    statuses(AtOnce.of(List.of(() -> http.look(graft, "GREEN"), () -> http.undo(logged))));
            assertThat(answers).containsOnlyOnce(200).doesNotContain(500);
        }
        for (long stem : stems().subList(10, 16)) {
            JsonNode lot = http.collected(Http.lot(mother, today, 2));
            List<Integer> answers = statuses(AtOnce.of(List.of(
                    () -> http.post("/api/grafts", Http.graftOf(lot.get("id").asLong(), "cleft", today, stem)),
                    () -> http.undo(lot))));
            assertThat(answers).containsOnlyOnce(200).doesNotContain(500);
        }
    }

    @Test
    void aNotebookComesInWhileOthersWorkAndTwoComeInAtOnce() throws Exception {
        StringBuilder rows = new StringBuilder("code,date,variety,species,technique,result\n");
        for (int i = 0; i < 300; i++) {
            rows.append("N")
                    .append(i)
                    .append(',')
                    .append(today.minusDays(400 + i % 90))
                    .append(",Pale Buoy,avocado,cleft,taken\n");
        }
        List<Callable<Http.Answer>> works = new ArrayList<>();
        for (int book = 0; book < 2; book++) {
            String id = http.file(
                            "/api/notebooks",
                            rows.toString().replace("N", "N" + book).getBytes(StandardCharsets.UTF_8))
                    .json()
                    .get("id")
                    .asString();
            works.add(() -> http.post("/api/notebooks/" + id + "/import", Map.of()));
        }
        for (long stem : stems().subList(0, 6)) {
            works.add(() -> http.cleft(1, stem));
        }
        for (Http.Answer answer : AtOnce.of(works)) {
            assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        }
        assertThat(count("bench_graft")).isEqualTo(2 * 300 + 6);
        whole();
    }

    @Test
    void theFarmIsTakenOutAsItStoodAtOneMoment() throws Exception {
        List<Callable<Boolean>> works = new ArrayList<>();
        List<Long> stems = stems();
        for (int hand = 0; hand < 6; hand++) {
            List<Long> own = stems.subList(hand * 4, hand * 4 + 4);
            works.add(() -> own.stream().allMatch(stem -> {
                JsonNode logged = http.cleft(1, stem).json();
                return http.look(logged.get("codes").get(0).asString(), "GREEN").status() == 200;
            }));
        }
        for (int reader = 0; reader < 2; reader++) {
            works.add(() -> IntStream.range(0, 4)
                    .allMatch(i -> untorn(http.get("/api/exchange/farm.zip").bytes())));
        }
        assertThat(AtOnce.of(works)).containsOnly(true);
    }

    // Every look is of a graft that is in the zip too, and every graft of a stem.
    private static boolean untorn(byte[] bytes) {
        Map<String, List<CSVRecord>> tables = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                CSVFormat csv = CSVFormat.DEFAULT.builder().setHeader().get();
                String text = new String(zip.readAllBytes(), StandardCharsets.UTF_8);
                tables.put(entry.getName(), CSVParser.parse(text, csv).getRecords());
            }
        } catch (java.io.IOException e) {
            return false;
        }
        return ids(tables, "bench_graft.csv", "id").containsAll(ids(tables, "care_look.csv", "graft_id"))
                && ids(tables, "house_act.csv", "id").containsAll(ids(tables, "bench_graft.csv", "act_id"))
                && ids(tables, "bench_graft.csv", "id").containsAll(ids(tables, "care_visit.csv", "graft_id"));
    }

    private static Set<String> ids(Map<String, List<CSVRecord>> tables, String table, String column) {
        return tables.getOrDefault(table, List.of()).stream()
                .map(row -> row.get(column))
                .collect(Collectors.toSet());
    }

    /** Eight who do whatever comes to mind: nothing fails, and afterwards all that must hold does. */
    @Test
    void whateverEightDoTheFarmStaysWhole() throws Exception {
        long lot = lot(30);
        List<Long> stems = stems();
        List<Callable<List<Integer>>> hands = new ArrayList<>();
        for (int hand = 0; hand < 8; hand++) {
            SplittableRandom random = new SplittableRandom(41 + hand);
            hands.add(() -> IntStream.range(0, 20)
                    .mapToObj(i -> anything(random, lot, stems).status())
                    .toList());
        }
        List<Integer> all =
                AtOnce.of(hands).stream().flatMap(List::stream).sorted().toList();
        System.out.println(
                "eight at once: " + all.stream().collect(Collectors.groupingBy(s -> s, Collectors.counting())));
        assertThat(all).isSubsetOf(200, 404, 409, 422);
        assertThat(Collections.frequency(all, 200)).isGreaterThan(50);
        whole();
    }

    private Http.Answer anything(SplittableRandom random, long lot, List<Long> stems) {
        List<String> codes = store.queryForList("SELECT code FROM bench_graft", String.class);
        long stem = stems.get(random.nextInt(12));
        return switch (codes.isEmpty() ? 0 : random.nextInt(7)) {
            case 0, 1 -> http.post("/api/grafts", Http.graftOf(lot, "cleft", today, stem));
            case 2 -> http.post("/api/lots/" + lot + "/out", Map.of("kind", "DISCARD", "sticks", 1));
            case 3 -> http.post("/api/flush/notes", Map.of("plantIds", List.of(1), "sun", "M"));
            case 4 -> {
                JsonNode graft = graft(codes.get(random.nextInt(codes.size())));
                yield graft.isMissingNode()
                        ? http.get("/api/grafts/none")
                        : http.look(graft, random.nextBoolean() ? "GREEN" : "DEAD");
            }
            case 5 -> {
                JsonNode graft = graft(codes.get(random.nextInt(codes.size())));
                Map<String, Object> parts = new HashMap<>(Map.of("stemId", stem, "woodSource", "a neighbour"));
                parts.put("version", graft.path("version").asInt());
                yield http.put("/api/grafts/" + graft.path("code").asString("none") + "/parts", parts);
            }
            default -> {
                Long act =
                        store.queryForObject("SELECT MAX(id) FROM house_act WHERE NOT undone AND id > 5", Long.class);
                yield http.post("/api/acts/" + (act == null ? 0 : act) + "/undo", Map.of());
            }
        };
    }

    private JsonNode graft(String code) {
        return http.sheet(code).path("stop").path("graft");
    }

    private void whole() {
        assertThat(
                        count(
                                "wood_lot l WHERE l.sticks_left <> (SELECT SUM(e.sticks) FROM wood_entry e WHERE e.lot_id = l.id)"))
                .as("what is left of a lot is the sum of its ledger")
                .isZero();
        assertThat(count("(SELECT stem_id FROM bench_graft WHERE state NOT IN ('FAILED', 'LOST')"
                        + " AND stem_id IN (SELECT s.id FROM place_stem s JOIN place_plant p ON p.id = s.plant_id"
                        + " WHERE p.code LIKE 'ST-%') GROUP BY stem_id HAVING COUNT(*) > 1)"))
                .as("a stem carries one living graft")
                .isZero();
        assertThat(count("(SELECT code FROM bench_graft GROUP BY code HAVING COUNT(*) > 1)"))
                .isZero();
        String visits = "SELECT graft_id, kind, repeat_no, earliest, target, latest FROM care_visit ORDER BY 1, 2, 3";
        List<Map<String, Object>> kept = store.queryForList(visits);
        turn.tell();
        assertThat(store.queryForList(visits))
                .as("visits are those of a fresh plan")
                .isEqualTo(kept);
    }
}
