package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.web.util.UriUtils;
import tools.jackson.databind.JsonNode;

/** Readings asked for together. */
class AlongApiTest extends ApiTest {

    private static final String ODD = "Rook & Ärmel +1%";

    private static String together(List<String> paths) {
        return paths.stream()
                .map(path -> "of=" + URLEncoder.encode(path, StandardCharsets.UTF_8))
                .collect(Collectors.joining("&", "/api/along?", ""));
    }

    private JsonNode of(String path) {
        JsonNode one = http.get(together(List.of(path))).json().get(0);
        assertThat(one.get("path").asString()).isEqualTo(path);
        return one;
    }

    @Test
    void eachSaysWhatItSaysByItselfAndWhatItWasReadFrom() {
        http.smallFarm();
        http.post("/api/varieties", Map.of("speciesKey", "avocado", "name", ODD));
        List<String> paths = List.of(
                "/api/farm",
                "/api/rules",
                "/api/plants?search=AV-1",
                "/api/grafts/find?q=" + URLEncoder.encode(ODD, StandardCharsets.UTF_8),
                "/api/grafts/find?q=" + UriUtils.encode(ODD, StandardCharsets.UTF_8),
                "/api/rounds?spotId=1",
                "/api/varieties",
                "/api/windows?slipping=false",
                "/api/trees/AV-1",
                "/api/weather");
        assertThat(http.get(paths.get(3)).text())
                .contains(ODD)
                .isEqualTo(http.get(paths.get(4)).text());
        for (String units : List.of("length=mm", "length=inch, warmth=F")) {
            JsonNode told = http.getIn(units, together(paths)).json();
            assertThat(told).hasSize(paths.size());
            for (int i = 0; i < paths.size(); i++) {
                Http.Answer alone = http.getIn(units, paths.get(i));
                assertThat(told.get(i).get("status").asInt()).isEqualTo(200);
                assertThat(told.get(i).get("body")).as(paths.get(i)).isEqualTo(alone.json());
                assertThat(told.get(i).get("facts").valueStream().map(JsonNode::asString))
                        .containsExactlyInAnyOrder(alone.whole()
                                .headers()
                                .firstValue("Lantern-Facts")
                                .orElseThrow()
                                .split(" "));
            }
        }
    }

    @Test
    void whatIsReadTogetherRestsOnAllOfIt() {
        http.smallFarm();
        String facts = http.get(together(List.of("/api/spots", "/api/rules", "/api/people")))
                .whole()
                .headers()
                .firstValue("Lantern-Facts")
                .orElseThrow();
        assertThat(facts.split(" ")).contains("SPOTS", "PEOPLE", "FIGURES");
    }

    @Test
    void whatIsNotToBeReadSoIsLeftOutAndTheOthersAreTold() {
        http.smallFarm();
        JsonNode told =
                http.get(together(List.of("/api/trees/NONE-9", "/api/spots"))).json();
        assertThat(told.get(0).get("status").asInt()).isEqualTo(404);
        assertThat(told.get(0).has("body") && !told.get(0).get("body").isNull()).isFalse();
        assertThat(told.get(1).get("body").get(0).get("name").asString()).isNotEmpty();
        assertThat(of("/api/plants?search=A%2CB").get("status").asInt()).isEqualTo(200);
        assertThat(of("/api/flush/notes").get("status").asInt()).isEqualTo(405);
        // A stream without an end, a file, a picture, a list of somebody else's rights.
        for (String other :
                List.of("/api/changes", "/api/labels.pdf?codes=AV-1", "/api/takes.csv", "/api/share/authority.crt")) {
            assertThat(of(other).get("status").asInt()).as(other).isEqualTo(406);
        }
        for (String other : List.of("/api/share", "/api/nothing", "/api/along?of=/api/spots", "/api/../api/spots")) {
            assertThat(of(other).get("status").asInt()).as(other).isEqualTo(404);
        }
        for (String other : List.of(
                "/",
                "",
                "/index.html",
                "api/spots",
                "https://elsewhere.example/api/spots",
                "//elsewhere.example/api/spots")) {
            Http.Answer refused = http.get(together(List.of("/api/spots", other)));
            assertThat(refused.status()).as(other).isEqualTo(422);
            assertThat(refused.text()).contains("cannot be read together");
        }
        assertThat(http.get(together(Collections.nCopies(61, "/api/spots"))).text())
                .contains("at most 60");
        assertThat(http.get("/api/along").status()).isBetween(400, 499);
    }

    @Test
    void nothingIsWrittenAndAStreamIsNotBegun() {
        http.smallFarm();
        String before = http.get("/api/acts").text();
        for (String way : List.of("/api/acts/1/undo", "/api/people/1", "/api/demo-clock")) {
            assertThat(of(way).get("status").asInt()).as(way).isBetween(404, 405);
        }
        assertThat(http.get("/api/acts").text()).isEqualTo(before);
        assertThat(Arrays.asList(
                        of("/api/changes").get("status").asInt(),
                        of("/api/spots").get("status").asInt()))
                .containsExactly(406, 200);
    }
}
