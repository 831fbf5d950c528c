package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Fit, pairing, prepared lists and limbs, over HTTP on a real database file. */
class FitApiTest extends ApiTest {

    @Autowired
    private JdbcTemplate store;

    @BeforeEach
    void farm() {
        http.smallFarm();
    }

    private static Map<String, Object> stem(double... heightsAndDiameters) {
        List<Map<String, Object>> readings = new ArrayList<>();
        for (int i = 0; i < heightsAndDiameters.length; i += 2) {
            readings.add(Map.of("heightMm", heightsAndDiameters[i], "diameterMm", heightsAndDiameters[i + 1]));
        }
        return new HashMap<>(Map.of("readings", readings));
    }

    private static Map<String, Object> entry(String technique, Map<String, Object> stem, Object scionMm) {
        Map<String, Object> entry = new HashMap<>(Map.of("techniqueKey", technique, "speciesKey", "avocado"));
        entry.putAll(Map.of("stem", stem, "scionMm", scionMm, "wrap", "CLOCKWISE"));
        return entry;
    }

    private static Map<String, Object> on(String slips) {
        Map<String, Object> on = new HashMap<>(Map.of("scionSpecies", "avocado", "stockSpecies", "avocado"));
        on.putAll(Map.of("slips", slips, "wood", "STICK", "growth", "ACTIVE", "keepTop", false, "buds", 3));
        return on;
    }

    @Test
    void theBenchDrawsWhatMeetsAndSaysWhereToCut() {
        JsonNode fit = http.post("/api/fit", entry("cleft", stem(100, 12, 500, 8), 9.5))
                .json();
        assertThat(fit.get("heightMm").asDouble()).isCloseTo(350, within(0.1));
        assertThat(fit.get("stockMm").asDouble()).isCloseTo(9.5, within(0.01));
        assertThat(fit.get("measured").get("contact").get("met").asDouble())
                .isEqualTo(fit.get("measured").get("best").get("met").asDouble());
        assertThat(fit.get("face")
                        .get("shapes")
                        .valueStream()
                        .map(s -> s.get("part").asString()))
                .contains("MEETS", "STOCK_CAMBIUM", "SCION_CAMBIUM");
        Map<String, Object> aside = entry("cleft", stem(100, 12, 500, 8), 9.5);
        aside.put("wish", Map.of("offsetMm", 6.0));
        JsonNode apart = http.post("/api/fit", aside).json();
        assertThat(apart.get("measured").get("contact").get("met").asDouble()).isZero();
        assertThat(apart.get("mind").toString()).contains("No cambium meets as it lies");
    }

    @Test
    void measuresThatCannotBeAreToldWithFieldAndRange() {
        Http.Answer zero = http.post("/api/fit", entry("cleft", stem(100, 9), 0));
        assertThat(zero.status()).isEqualTo(422);
        assertThat(zero.json().get("detail").asString()).isEqualTo("A stem's diameter is 2 to 200 mm, not 0 mm.");
        assertThat(http.post("/api/fit", entry("cleft", stem(100, -4), 8))
                        .json()
                        .get("detail")
                        .asString())
                .contains("not -4 mm");
        assertThat(http.post("/api/fit", entry("cleft", stem(100, 9), "NaN")).status())
                .isBetween(400, 422);
        JsonNode thick = http.post("/api/fit", entry("whip", stem(100, 9), 12)).json();
        assertThat(thick.get("fields").get(0).get("field").asString()).isEqualTo("scionMm");
        assertThat(thick.get("fields").get(0).get("valid").asString()).isEqualTo("up to 9.9 mm");
        Map<String, Object> shortStem = stem(10, 9);
        shortStem.put("topMm", 30);
        Map<String, Object> tooLong = entry("cleft", shortStem, 8);
        tooLong.put("wish", Map.of("cutMm", 50));
        assertThat(http.post("/api/fit", tooLong).json().get("detail").asString())
                .isEqualTo("A cut of 50 mm is longer than the stem, 30 mm.");
        assertThat(http.post("/api/fit", entry("nail", stem(100, 9), 8)).status())
                .isEqualTo(422);
    }

    /** At Fit, at the bench and in the list of plants a stem has one thickness: the one that was told last. */
    @Test
    void aStemHasOneThicknessWhereverItIsAskedFor() {
        http.put("/api/fit/stems/1", stem(80, 9.6, 300, 8.1));
        assertThat(thicknesses()).containsExactly(9.6, 9.6, 9.6);
        JsonNode plant =
                http.get("/api/plants?search=AV-1").json().get("plants").get(0);
        Map<String, Object> right = new HashMap<>(
                Map.of("code", "AV-1", "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1, "version", 0));
        right.put("stems", List.of(Map.of("label", "1", "diameterMm", 7.5)));
        http.put("/api/plants/" + plant.get("id").asLong(), right);
        assertThat(thicknesses()).containsExactly(7.5, 7.5, 7.5);
        JsonNode act = http.get("/api/acts").json().get(0);
        http.post("/api/acts/" + act.get("id").asLong() + "/undo", Map.of());
        assertThat(thicknesses()).containsExactly(9.6, 9.6, 9.6);
    }

    private List<Double> thicknesses() {
        JsonNode fit = http.get("/api/fit/stems/1").json().get("measure").get("readings");
        JsonNode bench = http.get("/api/grafts/free-stems?speciesKey=avocado&search=AV-1")
                .json();
        JsonNode trees = http.get("/api/plants?search=AV-1").json().get("stems");
        return List.of(
                fit.get(0).get("diameterMm").asDouble(),
                bench.get(0).get("diameterMm").asDouble(),
                trees.get(0).get("diameterMm").asDouble());
    }

    @Test
    void aStemIsMeasuredAnewAndTheOldMeasureComesBackOnUndo() {
        JsonNode first = http.put("/api/fit/stems/1", stem(80, 9.6, 300, 8.1)).json();
        JsonNode second = http.put("/api/fit/stems/1", stem(80, 10.4)).json();
        assertThat(second.get("stem").get("measure").get("readings").size()).isEqualTo(1);
        http.undo(second);
        assertThat(http.get("/api/fit/stems/1")
                        .json()
                        .get("measure")
                        .get("readings")
                        .size())
                .isEqualTo(2);
        http.undo(first);
        // What it was entered with stands again.
        assertThat(http.get("/api/fit/stems/1")
                        .json()
                        .get("measure")
                        .get("readings")
                        .get(0)
                        .get("diameterMm")
                        .asDouble())
                .isEqualTo(8.2);
        Http.Answer wrong = http.put("/api/fit/stems/1", stem(80, 9.6, 80, 8.1));
        assertThat(wrong.json().get("detail").asString()).isEqualTo("Two diameters stand at 80 mm.");
        assertThat(http.get("/api/fit/stems").json().size()).isEqualTo(3);
    }

    @Test
    void theMakersHandCountsInTheChoice() {
        Map<String, Object> on = on("NO");
        on.put("makerId", 1);
        Map<String, Object> weigh = Map.of("scionMm", 9.2, "stockMm", 9.3, "on", on);
        String practised = order(weigh);
        http.put("/api/fit/hands/1", Map.of("skill", 3));
        assertThat(order(weigh)).isNotEqualTo(practised).startsWith("whip-tongue");
        assertThat(http.put("/api/fit/hands/1", Map.of("skill", 4))
                        .json()
                        .get("detail")
                        .asString())
                .contains("beginner's (1)");
    }

    private String order(Map<String, Object> weigh) {
        return String.join(
                " ",
                http.post("/api/fit/techniques", weigh)
                        .json()
                        .get("choices")
                        .valueStream()
                        .map(c -> c.get("techniqueKey").asString())
                        .toList());
    }

    private static List<Map<String, Object>> pieces(String kind, double... mm) {
        List<Map<String, Object>> pieces = new ArrayList<>();
        for (double one : mm) {
            pieces.add(Map.of("id", kind + (pieces.size() + 1), "diameterMm", one));
        }
        return pieces;
    }

    private static Map<String, Object> batch(List<Map<String, Object>> sticks, List<Map<String, Object>> stems) {
        return new HashMap<>(Map.of("sticks", sticks, "stems", stems, "on", on("NO"), "wrap", "CLOCKWISE"));
    }

    private JsonNode solved(Map<String, Object> batch) {
        Http.Answer begun = http.post("/api/fit/pairings", batch);
        assertThat(begun.status()).as(begun.text()).isEqualTo(200);
        String path = "/api/fit/pairings/" + begun.json().get("id").asLong();
        return Awaitility.await()
                .atMost(Duration.ofMinutes(5))
                .until(() -> http.get(path).json(), w -> w.get("finished").asBoolean());
    }

    @Test
    void aBatchIsPairedAndBecomesAListAndTheListTheLog() {
        long mother = http.mother("MB-1", null);
        http.netBag();
        JsonNode lot = http.collected(Http.lot(mother, http.today().minusDays(1), 3));
        JsonNode work = solved(batch(pieces("s", 9.0, 8.1, 30), pieces("t", 8.2, 9.1)));
        assertThat(work.get("judged").asInt()).isEqualTo(3);
        JsonNode result = work.get("result");
        assertThat(result.get("pairs")
                        .valueStream()
                        .map(p -> p.get("stickId").asString() + p.get("stemId").asString()))
                .containsExactly("s2t1", "s1t2");
        assertThat(result.get("spareSticks").get(0).get("what").asString()).isEqualTo("find a thicker stock");
        List<Map<String, Object>> rows = new ArrayList<>();
        for (JsonNode pair : result.get("pairs")) {
            long stem = pair.get("stemId").asString().equals("t1") ? 1 : 2;
            Map<String, Object> row =
                    new HashMap<>(Map.of("stick", pair.get("stickId").asString(), "stem", "AV-" + stem));
            row.putAll(Map.of(
                    "lotId", lot.get("id").asLong(),
                    "stemId", stem,
                    "techniqueKey", pair.get("techniqueKey").asString(),
                    "scionMm", pair.get("scionMm").asDouble(),
                    "stockMm", pair.get("stockMm").asDouble(),
                    "offsetMm", pair.get("offsetMm").asDouble()));
            rows.add(row);
        }
        JsonNode kept = http.post("/api/fit/lists", Map.of("name", "Saturday", "rows", rows))
                .json();
        JsonNode list = http.get("/api/fit/lists").json().get(0);
        assertThat(list.get("open").asInt()).isEqualTo(2);
        List<Long> ids =
                list.get("rows").valueStream().map(r -> r.get("id").asLong()).toList();
        String path = "/api/fit/lists/" + list.get("id").asLong() + "/log";
        JsonNode logged = http.post(path, Map.of("rows", ids, "makerId", 1, "cover", "FILM"))
                .json();
        assertThat(logged.get("codes").size()).isEqualTo(2);
        assertThat(http.get("/api/fit/lists").json().get(0).get("open").asInt()).isZero();
        assertThat(http.post(path, Map.of("rows", ids, "cover", "FILM")).status())
                .isEqualTo(409);
        assertThat(http.undo(kept).status()).isEqualTo(409);
        Map<String, Object> fit = store.queryForMap("SELECT fit_met, fit_whole, fit_ratio, fit_offset_mm, fit_score,"
                + " fit_laid FROM bench_graft ORDER BY id FETCH FIRST ROW ONLY");
        assertThat((Double) fit.get("fit_met")).isPositive().isLessThanOrEqualTo((Double) fit.get("fit_whole"));
        assertThat((Double) fit.get("fit_ratio")).isCloseTo(8.1 / 8.2, within(1e-9));
        assertThat((Double) fit.get("fit_score")).isBetween(0.3, 1.2);
        assertThat(fit.get("fit_laid")).isEqualTo(true);
        // Taking the grafts back opens the rows again and gives the sticks back to their lot.
        http.undo(logged);
        assertThat(http.get("/api/fit/lists").json().get(0).get("open").asInt()).isEqualTo(2);
        assertThat(http.get("/api/lots/" + lot.get("code").asString())
                        .json()
                        .get("lot")
                        .get("sticksLeft")
                        .asInt())
                .isEqualTo(3);
        assertThat(http.undo(kept).status()).isEqualTo(200);
        assertThat(http.get("/api/fit/lists").json().size()).isZero();
    }

    @Test
    void fiveHundredByFiveHundredAnswersWithProgressAndMoreIsTooMany() {
        Random random = new Random(5);
        double[] many =
                random.doubles(500, 5, 14).map(x -> Math.round(x * 10) / 10.0).toArray();
        double[] other =
                random.doubles(500, 5, 14).map(x -> Math.round(x * 10) / 10.0).toArray();
        JsonNode work = solved(batch(pieces("s", many), pieces("t", other)));
        assertThat(work.get("judged").asInt()).isEqualTo(500);
        assertThat(work.get("result").get("pairs").size()).isGreaterThan(480);
        Http.Answer more = http.post("/api/fit/pairings", batch(pieces("s", new double[501]), pieces("t", 8)));
        assertThat(more.json().get("detail").asString())
                .isEqualTo("501 sticks are too many to pair at once; take up to 500.");
        Map<String, Object> strangers = batch(pieces("s", 8), pieces("t", 8));
        Map<String, Object> onCitrus = on("NO");
        onCitrus.put("stockSpecies", "citrus");
        strangers.put("on", onCitrus);
        assertThat(http.post("/api/fit/pairings", strangers)
                        .json()
                        .get("detail")
                        .asString())
                .contains("avocado on citrus cannot join");
        Http.Answer twice = http.post(
                "/api/fit/pairings",
                batch(List.of(Map.of("id", "a", "diameterMm", 8), Map.of("id", "a", "diameterMm", 9)), pieces("t", 8)));
        assertThat(twice.json().get("detail").asString()).isEqualTo("a stands there twice.");
    }

    @Test
    void aGraftLoggedWithTwoSizesStoresItsFitAndOneWithoutStoresNone() {
        http.cleft(0, 1);
        Map<String, Object> laid = new HashMap<>(Map.of("varietyId", 1, "techniqueKey", "cleft", "cover", "FILM"));
        laid.put("madeOn", http.today().toString());
        laid.put(
                "stems",
                List.of(Map.of("stemId", 2, "scionMm", 8.0, "stockMm", 9.0, "placing", Map.of("offsetMm", 6.5))));
        assertThat(http.post("/api/grafts", laid).status()).isEqualTo(200);
        laid.put("stems", List.of(Map.of("stemId", 3)));
        http.post("/api/grafts", laid);
        List<Map<String, Object>> fits =
                store.queryForList("SELECT fit_met, fit_offset_mm, fit_laid FROM bench_graft ORDER BY id");
        assertThat((Double) fits.get(0).get("fit_met")).isPositive();
        assertThat(fits.get(0).get("fit_laid")).isEqualTo(false);
        assertThat(fits.get(1)).containsEntry("fit_met", 0.0).containsEntry("fit_offset_mm", 6.5);
        assertThat(fits.get(2).get("fit_met")).isNull();
    }

    @Test
    void limbsOfAnOldTreeAreMeasuredPlannedAndTakenBack() {
        long tree = http.mother("MB-9", null);
        List<Map<String, Object>> limbs = new ArrayList<>();
        limbs.add(Map.of("label", "1", "diameterMm", 60, "heightMm", 900, "directionDeg", 225));
        limbs.add(Map.of("label", "N", "diameterMm", 30, "heightMm", 1000, "directionDeg", 10));
        limbs.add(Map.of("label", "E", "diameterMm", 45, "heightMm", 2400, "directionDeg", 100));
        JsonNode done = http.put("/api/fit/limbs/MB-9", Map.of("limbs", limbs)).json();
        assertThat(http.get("/api/fit/limbs").json().toString()).contains("MB-9");
        // South of the equator the afternoon sun stands in the north-west.
        JsonNode season = http.get("/api/fit/limbs/MB-9?school=NURSE").json().get("season");
        assertThat(season.get("steps").valueStream().map(s -> s.get("fate").asString()))
                .containsExactly("GRAFT", "NURSE", "REMOVE");
        assertThat(season.get("steps").get(0).get("scions").asInt()).isEqualTo(3);
        http.undo(done);
        assertThat(http.get("/api/fit/limbs").json().size()).isZero();
        assertThat(http.get("/api/fit/limbs/MB-9").json().get("stems").size()).isEqualTo(1);
        limbs.add(Map.of("label", "W", "diameterMm", -1, "heightMm", 900, "directionDeg", 0));
        assertThat(http.put("/api/fit/limbs/MB-9", Map.of("limbs", limbs)).status())
                .isEqualTo(422);
        assertThat(http.get("/api/fit/limbs/XX-1").status()).isEqualTo(404);
        assertThat(tree).isPositive();
    }

    @Test
    void theCalliperStandInScattersAboutWhatLiesBetweenItsJaws() {
        double sum = 0;
        for (int i = 0; i < 40; i++) {
            double mm = http.get("/api/calliper?jawsMm=9.3").json().get("mm").asDouble();
            assertThat(mm).isBetween(9.0, 9.6);
            sum += mm;
        }
        assertThat(sum / 40).isCloseTo(9.3, within(0.06));
        assertThat(http.get("/api/calliper?jawsMm=0").json().get("detail").asString())
                .contains("2 to 150 mm");
    }
}
