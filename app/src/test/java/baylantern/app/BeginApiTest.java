package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A farm begins whole or not at all, once, and says everything that is wrong in one answer. */
class BeginApiTest extends ApiTest {

    private static Map<String, Object> site(double latitudeDeg) {
        Map<String, Object> site = new HashMap<>(Map.of("name", "Gull Steps", "latitudeDeg", latitudeDeg));
        site.putAll(Map.of("longitudeDeg", 12, "altitudeM", 40, "zone", "UTC", "version", 0));
        return site;
    }

    private static Map<String, Object> beginning(String stocks, String mothers) {
        Map<String, Object> grown = Map.of(
                "speciesKey",
                "avocado",
                "varieties",
                List.of("Pale Buoy", "Long Reach"),
                "stocks",
                Map.of("lines", stocks, "spot", "Bench", "stage", "S"),
                "mothers",
                Map.of("lines", mothers, "spot", "Terrace", "stage", "S60 M40"));
        return Map.of("site", site(28.5), "people", List.of("Ingmar", "Solveig"), "grown", List.of(grown));
    }

    private Http.Answer begin(String stocks, String mothers) {
        return http.post("/api/beginning", beginning(stocks, mothers));
    }

    @Test
    void whatStandsAndWhatItsBudsShowMakesALamp() {
        assertThat(begin("AV-1 8.2\nAV-2", "M-1 pale buoy\nM-2 LR").status()).isEqualTo(200);
        assertThat(http.get("/api/farm").json().get("plants").asInt()).isEqualTo(4);
        assertThat(http.get("/api/people").json().size()).isEqualTo(2);
        List<String> mothers = new ArrayList<>();
        http.get("/api/plants?search=M-")
                .json()
                .get("plants")
                .forEach(p -> mothers.add(
                        p.get("code").asString() + " " + p.get("varietyName").asString()));
        assertThat(mothers).containsExactlyInAnyOrder("M-1 Pale Buoy", "M-2 Long Reach");
        assertThat(http.get("/api/windows").json().get("pairings").size()).isEqualTo(2);
        assertThat(begin("AV-9", "M-9 Pale Buoy").status()).isEqualTo(409);
    }

    @Test
    void oneBadLineWritesNothingAndEveryBadLineIsSaid() {
        Http.Answer answer = begin("AV-1 thick\nAV-2 120\nAV-3 8\nAV-3 9", "M-1 Pale Bouy\nM-2");
        assertThat(answer.status()).isEqualTo(422);
        List<String> said = new ArrayList<>();
        answer.json()
                .get("fields")
                .forEach(f -> said.add(
                        f.get("field").asString() + " " + f.get("sentence").asString()));
        assertThat(said).hasSize(5);
        assertThat(said.subList(0, 3)).allMatch(s -> s.startsWith("grown[0].stocks.lines "));
        assertThat(said.get(1)).contains("AV-2 is 120 mm thick");
        assertThat(said.get(3)).contains("grown[0].mothers.lines \"Pale Bouy\" of M-1 is none of the varieties above");
        assertThat(said.get(4)).contains("Say which variety M-2 is: Pale Buoy, Long Reach.");
        assertThat(http.get("/api/farm").json().has("site")).isFalse();
        assertThat(http.get("/api/varieties").json()).isEmpty();
        assertThat(http.get("/api/people").json()).isEmpty();
        assertThat(http.get("/api/acts").json()).isEmpty();
    }

    @Test
    void whatIsAmissIsNamedAsTheScreenNamesIt() {
        Map<String, Object> all = Map.of("site", site(99), "people", List.of(), "grown", List.of());
        assertThat(http.post("/api/beginning", all).text())
                .contains("The latitude is from −90 to 90 degrees")
                .contains("\"field\":\"latitudeDeg\"");
    }

    @Test
    void ofEightAtOnceOneBeginsAndTakenBackItBeginsAgain() throws Exception {
        List<Integer> answers =
                AtOnce.of(8, () -> begin("AV-1", "M-1 Pale Buoy").status());
        assertThat(answers).containsOnlyOnce(200).containsOnly(200, 409);
        assertThat(http.get("/api/farm").json().get("plants").asInt()).isEqualTo(2);
        long act = http.get("/api/acts").json().get(0).get("id").asLong();
        assertThat(http.post("/api/acts/" + act + "/undo", Map.of()).status()).isEqualTo(200);
        assertThat(http.get("/api/farm").json().has("site")).isFalse();
        assertThat(begin("AV-1", "M-1 Pale Buoy").status()).isEqualTo(200);
    }
}
