package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Lots, their ledger and their life, over HTTP on a real database file. */
class WoodApiTest extends ApiTest {

    private LocalDate today;
    private long mother;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        http.netBag();
        http.post("/api/stores", Map.of("name", "Sill", "method", "AMBIENT"));
        mother = http.mother("MB-1", today.minusYears(3));
    }

    private Map<String, Object> lot(int daysAgo, Object sticks) {
        return Http.lot(mother, today.minusDays(daysAgo), sticks);
    }

    private JsonNode collected(int daysAgo, int sticks) {
        return http.collected(lot(daysAgo, sticks));
    }

    private Map<String, Object> grafts(long lot, String technique, long... stems) {
        return Http.graftOf(lot, technique, today, stems);
    }

    private JsonNode sheet(JsonNode lot) {
        return http.get("/api/lots/" + lot.get("code").asString()).json();
    }

    @Test
    void aLotFeedsTheGraftLogAndUndoGivesBack() {
        JsonNode lot = collected(2, 3);
        assertThat(lot.get("code").asString())
                .isEqualTo("PB-" + (today.minusDays(2).getYear() % 100) + "-W01");
        JsonNode logged = http.post("/api/grafts", grafts(lot.get("id").asLong(), "cleft", 1, 2))
                .json();
        JsonNode sheet = sheet(lot);
        assertThat(sheet.get("lot").get("sticksLeft").asInt()).isEqualTo(1);
        assertThat(sheet.get("ledger")
                        .valueStream()
                        .map(r -> r.get("kind").asString() + r.get("sticks").asInt()))
                .containsExactly("IN3", "GRAFT-2");
        JsonNode graft =
                http.sheet(logged.get("codes").get(0).asString()).get("stop").get("graft");
        assertThat(graft.get("lotCode").asString()).isEqualTo(lot.get("code").asString());
        assertThat(graft.get("woodSource").asString()).isEqualTo("MB-1");
        assertThat(graft.get("woodCutOn").asString())
                .isEqualTo(today.minusDays(2).toString());
        assertThat(http.send(http.request("/api/lots/" + lot.get("id").asLong()).DELETE())
                        .status())
                .isEqualTo(409);
        http.post("/api/acts/" + logged.get("actId").asLong() + "/undo", Map.of());
        assertThat(sheet(lot).get("lot").get("budsLeft").asInt()).isEqualTo(12);
        assertThat(http.send(http.request("/api/lots/" + lot.get("id").asLong()).DELETE())
                        .status())
                .isEqualTo(200);
        assertThat(http.get("/api/lots").json().get("lots").size()).isZero();
    }

    @Test
    void budsAreCountedSinglyAndTooManyAreRefusedWithWhatIsLeft() {
        JsonNode lot = collected(0, 1);
        long id = lot.get("id").asLong();
        assertThat(http.post("/api/grafts", grafts(id, "chip", 1, 2)).status()).isEqualTo(200);
        assertThat(sheet(lot).get("lot").get("sticksLeft").asInt()).isEqualTo(1);
        assertThat(sheet(lot).get("lot").get("budsLeft").asInt()).isEqualTo(2);
        Http.Answer two = http.post("/api/lots/" + id + "/out", Map.of("kind", "GIVEN", "sticks", 2));
        assertThat(two.status()).isEqualTo(422);
        assertThat(two.json().get("detail").asString()).contains("1 stick, 2 buds left");
        for (Object wrong : List.of(-1, 0, 1.5)) {
            assertThat(http.post("/api/lots/" + id + "/out", Map.of("kind", "DISCARD", "sticks", wrong))
                            .status())
                    .isBetween(400, 422);
            assertThat(http.post("/api/lots", lot(0, wrong)).status())
                    .as("" + wrong)
                    .isBetween(400, 422);
        }
        assertThat(sheet(lot).get("ledger").size()).isEqualTo(2);
        assertThat(http.post("/api/lots", lot(0, 1.5)).json().get("detail").asString())
                .isEqualTo("Give a whole number for sticks; “1.5” is none.");
    }

    /** Eight people take sticks one by one at once: as many are served as there are sticks, and nothing is lost. */
    @Test
    void eightAtOnceNeverTakeMoreThanThereIs() throws Exception {
        JsonNode lot = collected(0, 25);
        String path = "/api/lots/" + lot.get("id").asLong() + "/out";
        Callable<List<Integer>> five = () -> IntStream.range(0, 5)
                .mapToObj(i ->
                        http.post(path, Map.of("kind", "DISCARD", "sticks", 1)).status())
                .toList();
        List<Integer> answers =
                AtOnce.of(8, five).stream().flatMap(List::stream).toList();
        assertThat(answers).containsOnly(200, 422);
        assertThat(answers.stream().filter(s -> s == 200)).hasSize(25);
        JsonNode sheet = http.get("/api/lots/" + lot.get("code").asString()).json();
        assertThat(sheet.get("lot").get("sticksLeft").asInt()).isZero();
        assertThat(sheet.get("ledger")
                        .valueStream()
                        .mapToInt(r -> r.get("sticks").asInt())
                        .sum())
                .isZero();
        assertThat(sheet.get("ledger").size()).isEqualTo(26);
    }

    @Test
    void woodAgesWithItsStoreAndComesFirstWhenItRunsOut() {
        JsonNode old = collected(9, 4);
        JsonNode fresh = collected(1, 4);
        JsonNode lots = http.get("/api/lots").json().get("lots");
        assertThat(lots.get(0).get("code").asString()).isEqualTo(old.get("code").asString());
        double left = lots.get(0).get("freshness").get("toGood").get("mid").asDouble();
        assertThat(left).isCloseTo(5, org.assertj.core.data.Offset.offset(1e-6));
        assertThat(lots.get(0).get("warnings").toString()).contains("use it first");
        http.send(http.request("/api/lots/" + fresh.get("id").asLong() + "/store")
                .header("Content-Type", "application/json")
                .PUT(java.net.http.HttpRequest.BodyPublishers.ofString("{\"storeId\":1,\"wrapped\":false}")));
        assertThat(http.get("/api/lots").json().get("lots").get(0).get("code").asString())
                .isEqualTo(fresh.get("code").asString());
        assertThat(http.get("/api/wood-today").json().get("runningOut").size()).isEqualTo(2);
    }

    @Test
    void aThermometersLogMovesTheLifeOfALotAndAWrongUnitIsAsked() {
        JsonNode lot = collected(4, 4);
        StringBuilder log = new StringBuilder("time,temp\n");
        for (int day = 4; day >= 1; day--) {
            log.append(today.minusDays(day)).append(" 12:00,68\n");
        }
        log.append("soon,68\n");
        byte[] file = log.toString().getBytes(StandardCharsets.UTF_8);
        Http.Answer asked = http.file("/api/stores/1/log", file);
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().get("fields").get(0).get("field").asString()).isEqualTo("unit");
        double before = used(lot);
        JsonNode brought = http.file("/api/stores/1/log?unit=F", file).json();
        assertThat(brought.get("readings").asInt()).isEqualTo(4);
        assertThat(brought.get("refused").get(0).get("row").asInt()).isEqualTo(5);
        // 14 days at 10 °C and 4 at 22 °C, evenly on the log scale between: (14/4)^(10/12) times as fast at 20 °C.
        assertThat(used(lot) / before)
                .isCloseTo(Math.pow(14 / 4.0, 10 / 12.0), org.assertj.core.data.Offset.offset(1e-6));
        http.post("/api/acts/" + brought.get("actId").asLong() + "/undo", Map.of());
        assertThat(used(lot)).isCloseTo(before, org.assertj.core.data.Offset.offset(1e-9));
        byte[] ahead = ("time,temp\n" + today.plusDays(2) + ",8").getBytes(StandardCharsets.UTF_8);
        assertThat(http.file("/api/stores/1/log", ahead).json().get("detail").asString())
                .contains("past today");
    }

    private double used(JsonNode lot) {
        return sheet(lot).get("lot").get("freshness").get("used").asDouble();
    }

    @Test
    void whatCannotBeIsToldWithItsField() {
        assertThat(field(lot(-1, 3))).isEqualTo("cutOn");
        assertThat(field(lot(1200, 3))).isEqualTo("cutOn");
        assertThat(http.post("/api/lots", lot(1200, 3)).json().get("detail").asString())
                .contains("only sown or planted");
        Map<String, Object> thick = lot(0, 3);
        thick.put("diametersMm", List.of(7, 700));
        assertThat(field(thick)).isEqualTo("diametersMm");
        Map<String, Object> nowhere = lot(0, 3);
        nowhere.remove("plantId");
        assertThat(field(nowhere)).isEqualTo("plantId");
        JsonNode lot = collected(0, 2);
        Map<String, Object> other = new HashMap<>(grafts(lot.get("id").asLong(), "cleft", 1));
        other.put("varietyId", 2);
        assertThat(http.post("/api/grafts/check", other).json().findValuesAsString("rule"))
                .contains("lot-variety");
    }

    private String field(Map<String, Object> lot) {
        Http.Answer answer = http.post("/api/lots", lot);
        assertThat(answer.status()).isEqualTo(422);
        return answer.json().get("fields").get(0).get("field").asString();
    }

    @Test
    void sticksAreJudgedKeptAndMakeTheLotsGrade() {
        JsonNode lot = collected(1, 5);
        long id = lot.get("id").asLong();
        Map<String, Object> wrinkled =
                Map.of("lotId", id, "states", Map.of("stage", "S", "bark", "SLIGHT"), "measures", Map.of("buds", 3));
        JsonNode judged = http.post("/api/stick-checks/judge", wrinkled).json();
        assertThat(judged.get("grade").get("grade").asString()).isEqualTo("B");
        assertThat(sheet(lot).get("checks").size()).isZero();
        http.post("/api/stick-checks", wrinkled);
        JsonNode sheet = sheet(lot);
        assertThat(sheet.get("lot").get("grade").asString()).isEqualTo("B");
        assertThat(sheet.get("lot").get("actions").get(0).asString()).contains("soak 30 min");
        Http.Answer odd = http.post(
                "/api/stick-checks", Map.of("lotId", id, "states", Map.of("bark", "BLUE"), "measures", Map.of()));
        assertThat(odd.status()).isEqualTo(422);
        assertThat(odd.json().get("detail").asString()).contains("TAUT, SLIGHT, DEEP");
    }

    @Test
    void pinchedShootsAndTheShelfServeThePlansAndEndWhenCut() {
        Map<String, Object> plan = new HashMap<>(Map.of("spotId", 1, "speciesKey", "avocado", "varietyId", 1));
        plan.put("day", today.plusDays(4).toString());
        plan.put("techniqueKey", "cleft");
        plan.put("grafts", 9);
        assertThat(http.post("/api/graft-days", plan).status()).isEqualTo(200);
        JsonNode line = http.get("/api/supply").json().get("lines").get(0);
        assertThat(line.get("missing").asInt()).isEqualTo(9);
        assertThat(line.get("advice").asString()).contains("Too late to pinch");
        collected(0, 4);
        Map<String, Object> shoots =
                Map.of("plantId", mother, "pinchedOn", today.toString(), "shoots", 6, "sticksExpected", 6);
        long id = http.post("/api/shoots", shoots).json().get("id").asLong();
        assertThat(http.get("/api/supply")
                        .json()
                        .get("lines")
                        .get(0)
                        .get("missing")
                        .asInt())
                .isEqualTo(5);
        Map<String, Object> cut = lot(0, 5);
        cut.put("shootsId", id);
        long act = http.post("/api/lots", cut).json().get("actId").asLong();
        assertThat(http.get("/api/shoots").json().size()).isZero();
        assertThat(http.get("/api/supply")
                        .json()
                        .get("lines")
                        .get(0)
                        .get("missing")
                        .asInt())
                .isZero();
        http.post("/api/acts/" + act + "/undo", Map.of());
        assertThat(http.get("/api/shoots").json().size()).isEqualTo(1);
    }

    @Test
    void mixturesAreWorkedOutWithTheirCautionAndCleaningsAreKept() {
        JsonNode plan = http.post("/api/cleaning/plan", Map.of("agent", "BLEACH", "productPct", 5, "volumeMl", 500))
                .json();
        assertThat(plan.get("dilution").get("productMl").asDouble()).isEqualTo(50);
        assertThat(plan.get("caution").asString()).contains("ammonia").contains("label");
        assertThat(http.post("/api/cleaning/plan", Map.of("agent", "BLEACH", "productPct", 0.1, "volumeMl", 500))
                        .status())
                .isEqualTo(422);
        long mix = http.post("/api/cleaning/mixes", Map.of("agent", "BLEACH", "productPct", 5, "volumeMl", 500))
                .json()
                .get("id")
                .asLong();
        JsonNode cleaned = http.post("/api/cleaning", Map.of("personId", 1, "mixId", mix, "occasion", "NEW_TREE"))
                .json();
        assertThat(cleaned.has("warning")).isFalse();
        assertThat(http.get("/api/cleaning").json().get("cleanings").size()).isEqualTo(1);
        http.post("/api/acts/" + cleaned.get("actId").asLong() + "/undo", Map.of());
        assertThat(http.get("/api/cleaning").json().get("cleanings").size()).isZero();
    }

    private JsonNode planned(int inDays, String technique, int grafts) {
        Map<String, Object> plan = new HashMap<>(Map.of("spotId", 1, "speciesKey", "avocado", "varietyId", 1));
        plan.put("day", today.plusDays(inDays).toString());
        plan.put("techniqueKey", technique);
        plan.put("grafts", grafts);
        assertThat(http.post("/api/graft-days", plan).status()).isEqualTo(200);
        return http.get("/api/supply").json().get("lines");
    }

    @Test
    void farOffPlansAreToldHowManyShootsToPinchAndByWhen() {
        JsonNode line = planned(200, "cleft", 8).get(0);
        assertThat(line.get("missing").asInt()).isEqualTo(8);
        // Eight grafts, a shoot each, a quarter more to spare.
        assertThat(line.get("advice").asString()).startsWith("Pinch 10 shoots from");
        List<LocalDate> days = java.util.regex.Pattern.compile("\\d{4}-\\d{2}-\\d{2}")
                .matcher(line.get("advice").asString())
                .results()
                .map(found -> LocalDate.parse(found.group()))
                .toList();
        assertThat(days).hasSize(2).isSorted();
        assertThat(days.get(1)).isBefore(today.plusDays(200)).isAfter(today);
    }

    @Test
    void singleBudsNeedAQuarterOfTheSticksAndTheSoonerPlanIsServedFirst() {
        collected(0, 3);
        planned(6, "cleft", 2);
        JsonNode lines = planned(3, "chip", 9);
        assertThat(lines.get(0).get("sticks").asInt()).isEqualTo(3);
        assertThat(lines.get(0).get("missing").asInt()).isZero();
        assertThat(lines.get(0).get("advice").asString()).isEqualTo("On the shelf.");
        assertThat(lines.get(1).get("missing").asInt()).isEqualTo(2);
        assertThat(http.get("/api/supply").json().get("spareSticks").asInt()).isZero();
    }
}
