package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.FigureName;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Figures of the rulebook made the grower's own. */
class FigureApiTest extends ApiTest {

    private static final String FIGURES = "/api/rules/figures";

    @Autowired
    private JdbcTemplate store;

    @BeforeEach
    void farm() {
        http.smallFarm();
    }

    private JsonNode figure(String key) {
        for (JsonNode one : http.get(FIGURES).json()) {
            boolean ofAvocado = one.get("speciesKey") == null
                    || one.get("speciesKey").asString().equals("avocado");
            if (ofAvocado && one.get("key").asString().equals(key)) {
                return one;
            }
        }
        throw new AssertionError("no figure is called " + key);
    }

    private static Map<String, Object> to(String key, double number) {
        return Map.of("key", key, "number", number);
    }

    private Map<String, String> visits() {
        Map<String, String> visits = new HashMap<>();
        store.queryForList("SELECT graft_id, kind, repeat_no, earliest, target, latest FROM care_visit")
                .forEach(row -> visits.put(
                        row.get("GRAFT_ID") + " " + row.get("KIND") + " " + row.get("REPEAT_NO"),
                        row.get("EARLIEST") + " " + row.get("TARGET") + " " + row.get("LATEST")));
        return visits;
    }

    private double scoreOfAWrinkledStick() {
        Map<String, Object> stick =
                Map.of("plantId", 1, "states", Map.of("bark", "SLIGHT", "wood", "FIRM"), "measures", Map.of());
        return http.post("/api/stick-checks/judge", stick)
                .json()
                .at("/grade/score")
                .asDouble();
    }

    private List<String> tried(Map<String, Object> entry) {
        List<String> told = new java.util.ArrayList<>();
        http.post(FIGURES + "/try", entry).json().get("sentences").forEach(sentence -> told.add(sentence.asString()));
        return told;
    }

    @Test
    void everyFigureIsToldWithItsRangeWhereItComesFromAndWhoseItIs() {
        assertThat(http.get(FIGURES).json().size()).isGreaterThan(FigureName.values().length);
        JsonNode heat = figure("heat");
        assertThat(heat.get("figure").get("value").asDouble())
                .isEqualTo(heat.get("starting").asDouble());
        assertThat(heat.get("since")).isNull();
        http.put(FIGURES, to("heat", 34));
        heat = figure("heat");
        assertThat(heat.get("figure").get("value").asDouble()).isEqualTo(34);
        assertThat(heat.get("since").asString()).isEqualTo("" + http.today());
        assertThat(http.get("/api/rules")
                        .json()
                        .get("flush")
                        .get("figures")
                        .get("heat")
                        .get("value")
                        .asDouble())
                .isEqualTo(34);
    }

    @Test
    void theDayAVisitIsAimedAtIsTheGrowersOwnBetweenItsEarliestAndItsLatest() {
        http.cleft(1, 1);
        JsonNode row = null;
        for (JsonNode one : http.get(FIGURES).json()) {
            JsonNode words = one.get("words");
            row = words != null && words.asString().equals("first water: clefts and whips, side grafts, rest 4 days")
                    ? one
                    : row;
        }
        assertThat(row).isNotNull();
        String key = row.get("key").asString();
        assertThat(row.get("subject").asString()).isEqualTo("VISIT");
        assertThat(row.get("figure").get("low").asDouble()).isEqualTo(4);
        Map<String, String> before = visits();
        List<String> sentences = tried(to(key, 7));
        assertThat(sentences).anyMatch(sentence -> sentence.startsWith("1 visit moves"));
        Http.Answer kept = http.put(FIGURES, to(key, 7));
        assertThat(kept.json().get("sentence").asString())
                .startsWith("7 healing days now, 4 healing days before: first water");
        Map<String, String> after = visits();
        assertThat(after.keySet()).isEqualTo(before.keySet());
        assertThat(after.entrySet().stream().filter(v -> !v.getValue().equals(before.get(v.getKey()))))
                .singleElement()
                .satisfies(moved -> assertThat(moved.getKey()).contains("FIRST_WATER"));
        assertThat(http.put(FIGURES, to(key, 9)).text()).contains("This figure lies within 4 to 7 healing days.");
        assertThat(http.put(FIGURES, to("FIRST_WATER.00000.aim", 5)).status()).isEqualTo(404);
        http.undo(kept.json());
        assertThat(visits()).isEqualTo(before);
    }

    @Test
    void aNumberOfARowIsTheGrowersOwnAsAnyOther() {
        for (JsonNode one : http.get(FIGURES).json()) {
            JsonNode words = one.get("words");
            boolean ofARow = one.get("key").asString().contains(".");
            assertThat(words != null).as(one.get("key").asString()).isEqualTo(ofARow);
            assertThat(words == null ? "" : words.asString())
                    .doesNotContain("_")
                    .doesNotContain("null");
        }
        // The more a wrinkled bark counts, the less a stick with it is worth.
        double before = scoreOfAWrinkledStick();
        Http.Answer kept = http.put(FIGURES, to("look.bark.weight", 4));
        assertThat(kept.json().get("sentence").asString())
                .startsWith("4 beside the others now")
                .contains("bark: weight");
        assertThat(scoreOfAWrinkledStick()).isLessThan(before);
        assertThat(http.get("/api/rules").json().at("/wood/looks/bark/weight").asDouble())
                .isEqualTo(4);
        http.undo(kept.json());
        assertThat(scoreOfAWrinkledStick()).isEqualTo(before);
        assertThat(http.put(FIGURES, to("look.bark.weight", 40)).text()).contains("This figure lies within");
    }

    @Test
    void whatAChangeWouldDoIsWhatItThenDoesAndGoingBackUndoesIt() {
        for (int stem = 1; stem <= 3; stem++) {
            http.cleft(10 + stem, stem);
        }
        Map<String, String> before = visits();
        assertThat(before).isNotEmpty();
        // A union that heals best at another warmth forms on other days.
        double high = figure("healingBest").get("figure").get("high").asDouble();
        Map<String, Object> warmer = Map.of("speciesKey", "avocado", "key", "healingBest", "number", high);
        Map<String, Object> back = Map.of("speciesKey", "avocado", "key", "healingBest");
        List<String> sentences = tried(warmer);
        // Only asked: nothing stands in the store, no visit moved, nothing is to be taken back.
        assertThat(visits()).isEqualTo(before);
        assertThat(figure("healingBest").get("since")).isNull();
        Http.Answer kept = http.put(FIGURES, warmer);
        Map<String, String> after = visits();
        long moved = before.keySet().stream()
                .filter(key -> after.containsKey(key) && !after.get(key).equals(before.get(key)))
                .count();
        long more =
                after.keySet().stream().filter(key -> !before.containsKey(key)).count();
        long fewer =
                before.keySet().stream().filter(key -> !after.containsKey(key)).count();
        assertThat(moved + more + fewer).isPositive();
        assertThat(sentences.toString().contains("visits move")
                        || sentences.toString().contains("visit moves"))
                .isEqualTo(moved > 0);
        assertThat(sentences.stream().anyMatch(s -> s.matches(moved + " visits? moves?")))
                .isEqualTo(moved > 0);
        assertThat(sentences.stream().anyMatch(s -> s.matches(more + " visits? more")))
                .isEqualTo(more > 0);
        assertThat(sentences.stream().anyMatch(s -> s.matches(fewer + " visits? fewer")))
                .isEqualTo(fewer > 0);
        http.put(FIGURES, back);
        assertThat(visits()).isEqualTo(before);
        http.put(FIGURES, warmer);
        assertThat(http.undo(http.put(FIGURES, back).json()).status()).isEqualTo(200);
        assertThat(visits()).isEqualTo(after);
        assertThat(kept.json().get("sentence").asString()).contains(" now, ").contains(" before");
    }

    @Test
    void aNumberOutsideItsRangeAcrossAnotherOrOfNoFigureIsRefused() {
        Http.Answer out = http.put(FIGURES, to("heat", 60));
        assertThat(out.status()).isEqualTo(422);
        assertThat(out.text())
                .contains("This figure lies within")
                .contains("33")
                .contains("38");
        Map<String, Object> best = new HashMap<>(Map.of("speciesKey", "avocado", "key", "healingLeast"));
        JsonNode least = http.get("/api/rules").json().get("species");
        for (JsonNode species : least) {
            if (species.get("key").asString().equals("avocado")) {
                best.put(
                        "number",
                        species.get("figures").get("healingLeast").get("high").asDouble());
            }
        }
        assertThat(http.put(FIGURES, best).status()).isEqualTo(200);
        assertThat(http.put(FIGURES, to("heatwave", 3)).status()).isEqualTo(404);
        assertThat(http.put(FIGURES, Map.of("number", 3)).status()).isEqualTo(422);
        assertThat(http.post(FIGURES + "/try", to("heat", 60)).status()).isEqualTo(422);
        assertThat(http.put(FIGURES, Map.of("speciesKey", "avocado", "key", "heat", "number", 34))
                        .status())
                .isEqualTo(404);
        assertThat(http.put(
                                FIGURES,
                                to(
                                        "causeContactLow",
                                        figure("causeContactLow")
                                                .get("figure")
                                                .get("high")
                                                .asDouble()))
                        .status())
                .isIn(200, 422);
    }

    @Test
    void eightAtOnceLeaveOneNumberAndAskingDisturbsNobody() throws Exception {
        List<Http.Answer> answers = AtOnce.of(8, () -> http.put(FIGURES, to("heat", 34)));
        assertThat(answers).allSatisfy(one -> assertThat(one.status()).isEqualTo(200));
        assertThat(store.queryForObject("SELECT COUNT(*) FROM rules_figure", Long.class))
                .isEqualTo(1);
        List<Http.Answer> asked = AtOnce.of(12, () -> http.post(FIGURES + "/try", to("heat", 37)));
        assertThat(asked).allSatisfy(one -> assertThat(one.status()).isEqualTo(200));
        assertThat(figure("heat").get("figure").get("value").asDouble()).isEqualTo(34);
    }

    @Test
    void ownFiguresGoAlongInTheZipAndOnesOfAnotherEditionDoNotHinder() {
        http.put(FIGURES, to("heat", 34));
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        emptyFarm();
        assertThat(http.file("/api/exchange/farm.zip", zip).status()).isEqualTo(200);
        assertThat(figure("heat").get("figure").get("value").asDouble()).isEqualTo(34);
        stored("UPDATE rules_figure SET number = 900");
        assertThat(figure("heat").get("figure").get("value").asDouble())
                .isEqualTo(figure("heat").get("starting").asDouble());
    }
}
