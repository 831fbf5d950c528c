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

/** The table of facts, groups by anything, one kind against another and the ladder of gains, over HTTP. */
class FactApiTest extends ApiTest {

    private static final int GRAFTS = 60;

    @Autowired
    private JdbcTemplate jdbc;

    private LocalDate today;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        http.post("/api/people", Map.of("name", "Solveig"));
        String lines =
                IntStream.range(0, GRAFTS).mapToObj(i -> "ST-" + i + " 9").collect(Collectors.joining("\n"));
        http.post(
                "/api/plants/paste",
                Map.of("lines", lines, "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1));
    }

    /** Sixty grafts of two woods on ten days: of fresh wood nine in ten live, of old wood three in ten. */
    private void grown() {
        long first = jdbc.queryForObject(
                "SELECT MIN(s.id) FROM place_stem s JOIN place_plant p ON p.id = s.plant_id WHERE p.code LIKE 'ST-%'",
                Long.class);
        for (int i = 0; i < GRAFTS; i++) {
            boolean old = i % 2 == 0;
            LocalDate made = today.minusDays(300 - i / 6 * 9L);
            boolean lives = old ? i % 20 < 6 : i % 20 != 19;
            stored(String.format(
                    """
                    INSERT INTO bench_graft (code, variety_id, species_key, stem_id, technique_key, maker_id, made_on,
                      wood_source, wood_cut_on, cover, state, outcome)
                    VALUES ('FA-%03d', 1, 'avocado', %d, '%s', 1, DATE '%s', 'Bench', DATE '%s', 'FILM', '%s', '%s')""",
                    i,
                    first + i,
                    i % 3 == 0 ? "whip" : "cleft",
                    made,
                    made.minusDays(old ? 20 : 1),
                    lives ? "LEAFED" : "FAILED",
                    lives ? "TAKEN" : "FAILED"));
        }
    }

    @Test
    void groupsByAnythingAreCountedAndEachOpensToItsGrafts() {
        grown();
        JsonNode groups =
                http.get("/api/takes/by?first=woodAge&then=technique").json().get("groups");
        List<String> told = new ArrayList<>();
        groups.forEach(g -> told.add(g.get("label").asString() + " "
                + g.get("count").get("taken").asInt() + "/"
                + (g.get("count").get("taken").asInt()
                        + g.get("count").get("failed").asInt())));
        assertThat(told.get(0)).isEqualTo("under 3 days 27/30");
        assertThat(told.get(3)).isEqualTo("14 to 28 days 9/30");
        // Two kinds alone lean on each other, and yet lie well apart.
        assertThat(groups.get(0).get("mean").asDouble())
                .isGreaterThan(groups.get(3).get("mean").asDouble() + 0.2);
        JsonNode members = http.get("/api/takes/by/grafts?first=woodAge&kind=0").json();
        assertThat(members.get("count").asInt()).isEqualTo(30);
        assertThat(http.get("/api/takes/by?first=maker").json().get("groups").size())
                .isEqualTo(1);
        assertThat(http.get("/api/takes/by?first=zodiac").status()).isEqualTo(404);
        assertThat(http.get("/api/takes/by?first=stage")
                        .json()
                        .get("groups")
                        .get(0)
                        .get("label")
                        .asString())
                .isEqualTo("not written down");
    }

    @Test
    void howLongAGroupTakesToPushIsToldOfAnythingAndAsTheGroupItselfTells() {
        grown();
        String byKind =
                http.get("/api/takes/by/push?first=technique&kind=cleft").text();
        assertThat(byKind)
                .isEqualTo(http.get("/api/takes/push?techniqueKey=cleft").text());
        JsonNode fresh = http.get("/api/takes/by/push?first=woodAge&kind=0").json();
        assertThat(fresh.get("grafts").asInt()).isEqualTo(30);
        JsonNode both = http.get("/api/takes/by/push?first=woodAge&kind=0&then=technique&thenKind=cleft")
                .json();
        assertThat(both.get("grafts").asInt()).isLessThanOrEqualTo(30);
        assertThat(http.get("/api/takes/by/push?first=woodAge&kind=9")
                        .json()
                        .get("grafts")
                        .asInt())
                .isZero();
        assertThat(http.get("/api/takes/by/push?first=zodiac").status()).isEqualTo(404);
    }

    @Test
    void howManyRestsOnWhatMovesTakeJustWhereThatForetellsBetterThanThePlainRate() {
        grown();
        boolean stands = http.get("/api/takes/gains")
                .json()
                .get("foretelling")
                .get("stands")
                .asBoolean();
        JsonNode many = http.get("/api/takes/how-many?varietyId=1&techniqueKey=cleft&living=5&sure=0.9&made=8")
                .json();
        assertThat(many.get("byGains").asBoolean()).isEqualTo(stands);
        assertThat(many.get("take").get("mean").asDouble())
                .isBetween(
                        many.get("take").get("low").asDouble(),
                        many.get("take").get("high").asDouble());
        // Of a farm of which nothing is told yet it rests on what grafts like them took.
        emptyFarm();
        http.smallFarm();
        assertThat(http.get("/api/takes/how-many?varietyId=1&techniqueKey=cleft&living=5&sure=0.9&made=8")
                        .json()
                        .get("byGains")
                        .asBoolean())
                .isFalse();
    }

    /** What a view says of a label: its range. */
    private static String range(JsonNode groups, String label) {
        return groups.valueStream()
                .filter(group -> group.get("label").asString().equals(label))
                .findFirst()
                .map(group -> group.get("low") + " to " + group.get("high"))
                .orElseThrow();
    }

    @Test
    void aKindHasOneRangeWhereverItIsLookedAt() {
        grown();
        JsonNode seasons = http.get("/api/takes?by=SEASON").json().get("groups");
        JsonNode techniques = http.get("/api/takes?by=TECHNIQUE").json().get("groups");
        for (String then : List.of("", "&then=woodAge", "&then=maker")) {
            JsonNode species =
                    http.get("/api/takes/by?first=species" + then).json().get("groups");
            assertThat(range(species, "avocado")).isEqualTo(range(seasons, "avocado"));
            JsonNode varieties =
                    http.get("/api/takes/by?first=variety" + then).json().get("groups");
            assertThat(range(varieties, "Pale Buoy")).isEqualTo(range(seasons, "Pale Buoy"));
            JsonNode ways =
                    http.get("/api/takes/by?first=technique" + then).json().get("groups");
            assertThat(range(ways, "centre-split cleft")).isEqualTo(range(techniques, "centre-split cleft"));
        }
        // All by one maker: the maker under a technique is the technique.
        JsonNode under =
                http.get("/api/takes/by?first=technique&then=maker").json().get("groups");
        assertThat(under.get(0).get("low")).isEqualTo(under.get(1).get("low"));
    }

    @Test
    void ofTwoKindsTheBetterIsToldWithWhoElseDiffersAndWhatIsLeft() {
        grown();
        JsonNode duel = http.get("/api/takes/duel?by=woodAge&a=0&b=3").json();
        assertThat(duel.get("duel").get("points").asDouble()).isBetween(0.4, 0.7);
        assertThat(duel.get("duel").get("low").asDouble()).isPositive();
        assertThat(duel.get("duel").get("more").asInt()).isZero();
        assertThat(duel.get("alike").get("mean").asDouble()).isBetween(0.3, 0.7);
        JsonNode same = http.get("/api/takes/duel?by=technique&a=cleft&b=whip").json();
        assertThat(same.get("duel").get("low").asDouble()).isNegative();
        assertThat(http.get("/api/takes/duel?by=technique&a=cleft&b=cleft").status())
                .isEqualTo(422);
        assertThat(http.get("/api/takes/duel?by=technique&a=cleft&b=splice").status())
                .isEqualTo(422);
    }

    @Test
    void theLadderNamesTheWoodAndIsRefusedWhereThereIsTooLittle() {
        assertThat(http.get("/api/takes/gains").json().get("refusal").asString())
                .contains("from 40 decided grafts on; there are 0");
        grown();
        JsonNode view = http.get("/api/takes/gains").json();
        Map<String, JsonNode> gains = new HashMap<>();
        view.get("gains").forEach(gain -> gains.put(gain.get("aspect").asString(), gain));
        JsonNode wood = gains.get("woodAge");
        assertThat(wood.get("told").asBoolean()).isTrue();
        assertThat(wood.get("to").get("words").asString()).isEqualTo("under 7 days");
        assertThat(wood.get("points").get("mean").asDouble()).isBetween(0.3, 0.7);
        assertThat(wood.get("grounds").get("reach").asInt()).isEqualTo(30);
        assertThat(gains.get("technique").get("told").asBoolean()).isFalse();
        JsonNode foretold = view.get("foretelling");
        assertThat(foretold.get("stands").asBoolean()).isTrue();
        assertThat(foretold.get("brier").asDouble())
                .isLessThan(foretold.get("plain").asDouble());
    }

    @Test
    void theFactsGoOutOnceAGraftWithTheirColumnsDescribed() {
        grown();
        List<String> rows = http.get("/api/takes/facts.csv").text().lines().toList();
        assertThat(rows).hasSize(GRAFTS + 1);
        assertThat(rows.get(0)).startsWith("graft,made_on,end,technique,maker,woodAge,");
        assertThat(rows.get(1)).contains(",taken,").contains("14 to 28 days");
        String columns = http.get("/api/takes/facts-columns.csv").text();
        assertThat(columns).contains("woodAge,age of the wood,yes,days,3.0; 7.0; 14.0; 28.0");
        List<String> heads = List.of(rows.get(0).split(","));
        assertThat(columns.lines().skip(1).map(line -> line.split(",")[0]).toList())
                .containsExactlyElementsOf(heads);
    }

    /** What the facts say of a graft: the one kind of an aspect that holds it. */
    private String kindOf(String code, String aspect) {
        for (JsonNode group : http.get("/api/takes/by?first=" + aspect).json().get("groups")) {
            String kind =
                    java.net.URLEncoder.encode(group.get("kind").asString(), java.nio.charset.StandardCharsets.UTF_8);
            String members = http.get("/api/takes/by/grafts?first=" + aspect + "&kind=" + kind)
                    .text();
            if (members.contains("\"" + code + "\"")) {
                return group.get("label").asString();
            }
        }
        return "in no group";
    }

    @Test
    void whatIsKnownOfAGraftIsReadFromWhereItStands() {
        http.netBag();
        long mother = http.mother("MB-1", null);
        http.collected(Http.lot(mother, today, 6));
        long stock = http.get("/api/plants?search=ST-7")
                .json()
                .get("plants")
                .get(0)
                .get("id")
                .asLong();
        http.post(
                "/api/flush/notes",
                Map.of("plantIds", List.of(stock), "sun", "S70 M30", "day", "" + today.minusDays(5)));
        long stem = jdbc.queryForObject("SELECT id FROM place_stem WHERE plant_id = " + stock, Long.class);
        Map<String, Object> entry = Http.graftOf(1, "cleft", today, stem);
        entry.put("schools", Map.of("water", "moist"));
        String code = http.post("/api/grafts", entry).json().get("codes").get(0).asString();
        assertThat(kindOf(code, "technique")).isEqualTo("centre-split cleft");
        assertThat(kindOf(code, "woodAge")).isEqualTo("under 3 days");
        assertThat(kindOf(code, "lifeLeft")).isEqualTo("75 % and over");
        assertThat(kindOf(code, "stage")).isEqualTo("swelling");
        assertThat(kindOf(code, "tries")).isEqualTo("none");
        assertThat(kindOf(code, "cover")).isEqualTo("wax film only");
        assertThat(kindOf(code, "school.water")).isEqualTo("keep moist from the start");
        assertThat(kindOf(code, "hour")).isNotEqualTo("not written down");
        // Three weeks to come are on nobody's record.
        assertThat(kindOf(code, "hazard")).isEqualTo("not written down");
        assertThat(kindOf(code, "healing")).isEqualTo("not written down");
        assertThat(kindOf(code, "grade")).isEqualTo("not written down");
        assertThat(http.look(code, "DEAD").status()).isEqualTo(200);
        // A stem whose graft died carries another.
        Map<String, Object> again = Http.graftOf(1, "whip", today, stem);
        String second =
                http.post("/api/grafts", again).json().get("codes").get(0).asString();
        assertThat(kindOf(second, "tries")).isEqualTo("one");
    }

    @Test
    void aPartOfTheYearAsksOfThatPartInEveryYearAndNonsenseIsRefused() {
        grown();
        int all = http.get("/api/takes/by?first=maker")
                .json()
                .get("all")
                .get("taken")
                .asInt();
        LocalDate day = today.minusDays(300);
        String one = String.format(
                "%02d%02d-%02d%02d",
                day.getMonthValue(), day.getDayOfMonth(), day.getMonthValue(), day.getDayOfMonth());
        JsonNode part = http.get("/api/takes/by?first=maker&part=" + one).json().get("all");
        assertThat(part.get("taken").asInt() + part.get("failed").asInt()).isEqualTo(6);
        assertThat(part.get("taken").asInt()).isLessThan(all);
        assertThat(http.get("/api/takes/gains?part=" + one)
                        .json()
                        .get("refusal")
                        .asString())
                .contains("there are 6");
        assertThat(http.get("/api/takes/by?first=maker&part=9999-0101").status())
                .isEqualTo(422);
        assertThat(http.get("/api/takes/by?first=maker&then=zodiac").status()).isEqualTo(404);
        assertThat(http.get("/api/takes/duel?by=maker&a=1").status()).isEqualTo(400);
        assertThat(http.get("/api/takes/by/grafts?first=maker&kind=77")
                        .json()
                        .get("count")
                        .asInt())
                .isZero();
    }

    /** What was known of grafts is kept; how they stand may tell of one that was logged in between, and of one that went. */
    @Test
    void aGraftLoggedBetweenBothReadingsTearsNothing() {
        grown();
        String code = http.cleft(1, 1).json().get("codes").get(0).asString();
        String by = "/api/takes/by?first=technique";
        assertThat(http.get(by).status()).isEqualTo(200);
        // Written past all that watches, as another's commit is in the moment before what is kept is dropped.
        jdbc.execute(
                "INSERT INTO bench_graft (code, variety_id, species_key, stem_id, made_on, wood_source, cover, state,"
                        + " outcome) SELECT 'FA-999', 1, 'avocado', MIN(id), DATE '2020-01-01', '', 'FILM', 'FAILED', 'FAILED'"
                        + " FROM place_stem");
        jdbc.execute("DELETE FROM bench_graft WHERE code = 'FA-001'");
        http.look(code, "GREEN");
        Http.Answer told = http.get(by);
        assertThat(told.status()).as(told.text()).isEqualTo(200);
        JsonNode all = told.json().get("all");
        assertThat(all.get("taken").asInt() + all.get("failed").asInt()).isEqualTo(GRAFTS - 1);
    }
}
