package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.DemoClock;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The demo farm on its first day and a few days on: what is lit, what the weather does, how well the forecast would do. */
class DemoFlushTest extends GrownFarmTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @LocalServerPort
    private int port;

    @Autowired
    private DemoClock clock;

    private int away;

    @AfterEach
    void backToTheFirstDay() {
        clock.step(-away);
        away = 0;
    }

    private void step(int days) {
        clock.step(days);
        away += days;
    }

    private JsonNode get(String path) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .build();
        return JSON.readTree(HttpClient.newHttpClient()
                .send(request, BodyHandlers.ofString())
                .body());
    }

    private Map<String, String> standings() throws Exception {
        Map<String, String> found = new TreeMap<>();
        for (JsonNode pairing : get("/api/windows/lamps").get("pairings")) {
            found.put(
                    pairing.get("woodSpecies").asString(),
                    pairing.get("standing").asString());
        }
        return found;
    }

    @Test
    void onTheFirstDayAvocadoIsLitMangoClosesAndCitrusWaitsForWood() throws Exception {
        assertThat(standings())
                .containsEntry("avocado", "LIT")
                .containsEntry("mango", "CLOSING")
                .containsEntry("citrus", "WAITING_FOR_WOOD");
        assertThat(get("/api/flush").get("lanes").size()).isEqualTo(40);
        assertThat(get("/api/graft-days").get(0).get("around").get("day").asString())
                .isEqualTo("2026-05-16");
        assertThat(get("/api/today").get("overdue").asInt()).isEqualTo(1);
        assertThat(get("/api/today").get("due").asInt()).isGreaterThan(5);
    }

    @Test
    void steppingTheClockMovesWeatherLampsAndVisitsAndBackRestoresThem() throws Exception {
        JsonNode before = get("/api/weather").get("record");
        Map<String, String> lamps = standings();
        JsonNode lanes = get("/api/flush");
        int due = get("/api/today").get("due").asInt();
        step(7);
        JsonNode after = get("/api/weather").get("record");
        assertThat(after.get("days").asInt()).isEqualTo(before.get("days").asInt() + 7);
        assertThat(after.get("missing").asInt()).isZero();
        assertThat(standings()).isNotEqualTo(lamps);
        assertThat(get("/api/today").get("due").asInt()).isGreaterThan(due);
        assertThat(get("/api/flush").get("today").asString())
                .isEqualTo(DemoClock.FIRST_DAY.plusDays(7).toString());
        clock.step(-7);
        away = 0;
        assertThat(get("/api/weather").get("record")).isEqualTo(before);
        assertThat(standings()).isEqualTo(lamps);
        assertThat(get("/api/flush")).isEqualTo(lanes);
        assertThat(get("/api/today").get("due").asInt()).isEqualTo(due);
    }

    @Test
    void theForecastOfATruthOfAnotherFormIsReportedAsItIs() throws Exception {
        double held = 0;
        double error = 0;
        double prior = 0;
        int flushes = 0;
        for (JsonNode tested : get("/api/flush/tests")) {
            JsonNode result = tested.get("result");
            int own = result.get("flushes").asInt();
            flushes += own;
            held += own * result.get("heldShare").asDouble();
            error += own * result.get("meanErrorDays").asDouble();
            prior += own * result.get("priorErrorDays").asDouble();
        }
        System.out.printf(
                "demo forecasts: %d flushes, held %.2f, error %.1f d, prior %.1f d%n",
                flushes, held / flushes, error / flushes, prior / flushes);
        assertThat(flushes).isGreaterThan(380);
        assertThat(held / flushes).as("the band is honest enough").isBetween(0.65, 0.95);
        assertThat(error).as("learning helps").isLessThan(prior);
    }

    @Test
    void theBandHoldsTheFarmsWavesSeenAndForecast() throws Exception {
        JsonNode waves = get("/api/season").get("waves");
        List<String> species = new ArrayList<>();
        for (JsonNode wave : waves) {
            species.add(wave.get("speciesKey").asString());
            for (JsonNode point : wave.get("points")) {
                boolean ahead = !LocalDate.parse(point.get("day").asString()).isBefore(DemoClock.FIRST_DAY);
                assertThat(point.get("forecast").asBoolean()).isEqualTo(ahead);
                assertThat(point.get("share").asDouble())
                        .isBetween(
                                point.get("low").asDouble(), point.get("high").asDouble());
            }
        }
        assertThat(species).as("most trees first").startsWith("citrus").contains("avocado", "mango", "fig");
    }
}
