package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.app.platform.DemoClock;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
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
        // A step of no days would have all of it reckoned anew for the next test.
        if (away != 0) {
            clock.step(-away);
            away = 0;
        }
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
    void theLampOfASpeciesThatWaitsIsTheOneWhoseWindowOpensFirst() throws Exception {
        JsonNode all = get("/api/windows").get("pairings");
        int waiting = 0;
        for (JsonNode shown : get("/api/windows/lamps").get("pairings")) {
            if (shown.get("standing").asString().startsWith("WAITING")) {
                waiting++;
                assertThat(shown.path("window").path("first").asString())
                        .isEqualTo(all.valueStream()
                                .filter(one -> one.get("woodSpecies").equals(shown.get("woodSpecies")))
                                .map(one -> one.path("window").path("first").asString(""))
                                .filter(first -> !first.isEmpty())
                                .min(Comparator.naturalOrder())
                                .orElse(""));
            }
        }
        assertThat(waiting).isPositive();
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
        int looks = 0;
        for (JsonNode tested : get("/api/flush/tests")) {
            JsonNode result = tested.get("result");
            int own = result.get("looks").asInt();
            looks += own;
            held += own * result.get("heldShare").asDouble();
            error += own * result.get("meanErrorDays").asDouble();
            prior += own * result.get("priorErrorDays").asDouble();
        }
        System.out.printf(
                "demo forecasts: %d looks, held %.2f, error %.1f d, prior %.1f d%n",
                looks, held / looks, error / looks, prior / looks);
        assertThat(looks).isGreaterThan(380);
        assertThat(held / looks).as("the band is honest enough").isBetween(0.65, 0.95);
        assertThat(error).as("learning helps").isLessThan(prior);
    }

    /** On this farm the sides of a canopy are a twentieth of the way from swell to swell apart, which nobody is told. */
    @Test
    void aTreesSheetSaysHowMuchLaterItsShadedSideIs() throws Exception {
        for (String code : List.of("AV-124", "HA-M1")) {
            JsonNode sides = get("/api/flush/plants/" + code).path("sides");
            assertThat(sides.path("days").asDouble()).isBetween(3.5, 8.0);
            assertThat(sides.path("shaded").path("mid").asString())
                    .isGreaterThan(sides.path("sunny").path("mid").asString());
        }
    }

    @Test
    void aTreesSheetSaysWhatItGoesByAndWhatWasToldBefore() throws Exception {
        JsonNode learning = get("/api/flush/plants/TE-M1").get("learning");
        assertThat(learning.get("goesBy").asString()).startsWith("Goes by ").endsWith(".");
        assertThat(learning.get("stages").asString())
                .startsWith("Its stages here, of the way from swell to swell: swelling to ")
                .endsWith(" (rulebook 8, 14, 32, 55, 80 %).");
        double shares = 0;
        for (JsonNode part : learning.get("accounts")) {
            shares += part.get("share").asDouble();
        }
        assertThat(shares).isCloseTo(1, within(1e-9));
        assertThat(learning.get("near").size()).isEqualTo(30);
        assertThat(learning.get("told").size()).isGreaterThan(5);
        for (JsonNode told : learning.get("told")) {
            LocalDate on = LocalDate.parse(told.get("on").asString());
            assertThat(LocalDate.parse(told.get("came").asString())).isAfterOrEqualTo(on);
            assertThat(LocalDate.parse(told.get("low").asString()))
                    .isBeforeOrEqualTo(LocalDate.parse(told.get("high").asString()));
        }
    }

    @Test
    void theLooksWorthMostAreOfWatchedTreesAndTellMoreThanIsKnown() throws Exception {
        JsonNode looks = get("/api/flush/look-next");
        assertThat(looks.size()).isEqualTo(5);
        for (JsonNode look : looks) {
            assertThat(look.get("afterDays").asDouble())
                    .isLessThan(look.get("spreadDays").asDouble());
            LocalDate on = LocalDate.parse(look.get("on").asString());
            assertThat(on).isBetween(DemoClock.FIRST_DAY, DemoClock.FIRST_DAY.plusDays(14));
            assertThat(get("/api/flush/plants/" + look.get("code").asString()).get("lane"))
                    .isNotNull();
        }
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
