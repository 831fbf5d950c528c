package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Trees, plants that leave, pictures and causes, tried by eight at once. */
class TreesAtOnceTest extends ApiTest {

    private LocalDate today;
    private String code;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = http.today();
        code = http.cleft(150, 1).json().get("codes").get(0).asString();
    }

    private Map<String, Object> on(String graftCode) {
        JsonNode graft = http.sheet(graftCode).get("stop").get("graft");
        return Map.of(
                "graftId",
                graft.get("id").asLong(),
                "version",
                graft.get("version").asInt());
    }

    private void leafed() {
        Map<String, Object> look = new HashMap<>(Map.of("grafts", List.of(on(code)), "sign", "LEAFED"));
        look.put("seenOn", "" + today.minusDays(20));
        assertThat(http.post("/api/looks", look).status()).isEqualTo(200);
    }

    private static List<Integer> statuses(List<Http.Answer> answers) {
        return answers.stream().map(Http.Answer::status).toList();
    }

    private JsonNode plant(String plantCode) {
        return http.get("/api/trees/" + plantCode).json().get("plant");
    }

    @Test
    void aGraftBecomesATreeOnceAndOneMoveIsWritten() throws Exception {
        http.post("/api/spots", Map.of("name", "Terrace"));
        leafed();
        Map<String, Object> tree =
                Map.of("version", on(code).get("version"), "spotId", 2, "kind", "FIELD_TREE", "personId", 1);
        assertThat(statuses(AtOnce.of(8, () -> http.post("/api/grafts/" + code + "/tree", tree))))
                .containsOnlyOnce(200)
                .containsOnly(200, 409);
        assertThat(plant("AV-1").get("kind").asString()).isEqualTo("FIELD_TREE");
        assertThat(http.get("/api/lineage/moves").json().size()).isEqualTo(1);
        long planted = 0;
        for (JsonNode look : http.sheet(code).get("past")) {
            planted += look.get("sign").asString().equals("PLANTED_OUT") ? 1 : 0;
        }
        assertThat(planted).isEqualTo(1);
    }

    @Test
    void aPlantLeavesOnceWhateverEachSaysOfIt() throws Exception {
        List<Callable<Http.Answer>> ways = new ArrayList<>();
        for (String how : List.of("DEAD", "SOLD", "GIVEN", "TAKEN_OFF", "DEAD", "SOLD", "GIVEN", "DEAD")) {
            ways.add(() -> http.post("/api/plants/2/gone", Map.of("how", how)));
        }
        assertThat(statuses(AtOnce.of(ways))).containsOnlyOnce(200).containsOnly(200, 409);
        assertThat(plant("AV-2").get("gone").get("on").asString()).isEqualTo("" + today);
    }

    @Test
    void aTreeIsNotMadeOfAPlantThatLeavesInTheSameMoment() throws Exception {
        leafed();
        Map<String, Object> tree = Map.of("version", on(code).get("version"), "spotId", 1, "kind", "MOTHER_TREE");
        List<Callable<Http.Answer>> both = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            both.add(() -> http.post("/api/grafts/" + code + "/tree", tree));
            both.add(() -> http.post("/api/plants/1/gone", Map.of("how", "SOLD", "withGrafts", true)));
        }
        assertThat(statuses(AtOnce.of(both))).containsOnly(200, 409);
        JsonNode after = plant("AV-1");
        boolean bears = after.get("kind").asString().equals("MOTHER_TREE");
        boolean planted = http.sheet(code)
                .get("stop")
                .get("graft")
                .get("state")
                .asString()
                .equals("PLANTED_OUT");
        assertThat(planted).isEqualTo(bears);
        assertThat(after.has("gone")).isTrue();
    }

    @Test
    void onePictureSentByEightIsThereOnceAndIsTakenAwayOnce() throws Exception {
        String path = "/api/grafts/" + code + "/pictures";
        byte[] photo = TestPhotos.png();
        assertThat(statuses(AtOnce.of(8, () -> http.file(path, photo))))
                .containsOnlyOnce(200)
                .containsOnly(200, 409);
        JsonNode kept = http.get(path).json().get("pictures");
        assertThat(kept.size()).isEqualTo(1);
        String one = "/api/pictures/" + kept.get(0).get("id").asLong();
        assertThat(statuses(AtOnce.of(8, () -> http.send(http.request(one).DELETE()))))
                .containsOnlyOnce(200)
                .isSubsetOf(200, 404, 409);
    }

    @Test
    void eightWhoTellOfOneFailureLeaveOneCase() throws Exception {
        http.look(code, "DEAD");
        List<Callable<Http.Answer>> told = new ArrayList<>();
        for (String cause : List.of("DRIED", "HEAT", "WATER", "NEVER_KNOWN")) {
            told.add(() -> http.put("/api/causes/verdicts", Map.of("codes", List.of(code), "cause", cause)));
            told.add(() ->
                    http.put("/api/causes/" + code + "/signs", Map.of("seen", List.of("MOULD"), "unseen", List.of())));
        }
        assertThat(statuses(AtOnce.of(told))).isSubsetOf(200, 409);
        JsonNode cases = http.get("/api/causes/" + code).json().get("cases");
        assertThat(cases.size()).isEqualTo(1);
        assertThat(cases.get(0).get("seen").get(0).asString()).isEqualTo("MOULD");
        assertThat(cases.get(0).has("verdict")).isTrue();
    }
}
