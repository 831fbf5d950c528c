package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.DayTurn;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Weather in, normals, the station, and what they do to visits. */
class WeatherApiTest extends ApiTest {

    @Autowired
    private DayTurn turn;

    private LocalDate today;

    @BeforeEach
    void farm() {
        http.smallFarm();
        today = LocalDate.parse(http.get("/api/farm").json().get("today").asString());
    }

    private byte[] csv(int fromDaysAgo, int toDaysAgo, double min, double max) {
        String rows = IntStream.rangeClosed(toDaysAgo, fromDaysAgo)
                .mapToObj(ago -> today.minusDays(ago) + "," + min + "," + max)
                .collect(Collectors.joining("\n"));
        return ("date,min,max\n" + rows).getBytes(StandardCharsets.UTF_8);
    }

    private JsonNode weather() {
        return http.get("/api/weather").json();
    }

    @Test
    void aFileIsLookedAtTakenAndTakenBack() {
        assertThat(weather().get("past").get(29).get("origin").asString()).isEqualTo("FILLED");
        assertThat(http.file("/api/weather/look", csv(12, 1, 11, 22))
                        .json()
                        .get("days")
                        .asInt())
                .isEqualTo(12);
        assertThat(weather().get("record").get("days").asInt())
                .as("only looked at")
                .isZero();
        long act = http.file("/api/weather/file", csv(12, 1, 11, 22))
                .json()
                .get("actId")
                .asLong();
        assertThat(weather().get("past").get(29).get("minC").asDouble()).isEqualTo(11);
        assertThat(weather().get("past").get(29).get("origin").asString()).isEqualTo("RECORDED");
        Http.Answer asks = http.file("/api/weather/file", csv(14, 10, 5, 9));
        assertThat(asks.status()).isEqualTo(422);
        assertThat(asks.text()).contains("3 days are on record already").contains("Say which wins");
        http.file("/api/weather/file?overlap=RECORD", csv(14, 10, 5, 9));
        assertThat(weather().get("past").get(20).get("minC").asDouble()).isEqualTo(11);
        assertThat(weather().get("past").get(16).get("minC").asDouble()).isEqualTo(5);
        http.file("/api/weather/file?overlap=FILE", csv(12, 10, 6, 9));
        assertThat(weather().get("past").get(20).get("minC").asDouble()).isEqualTo(6);
        http.post("/api/acts/" + act + "/undo", Map.of());
        assertThat(weather().get("record").get("days").asInt()).isEqualTo(5);
    }

    @Test
    void jsonIsReadTooAndWhatIsNoTableIsRefused() {
        String json = "[{\"date\":\"" + today.minusDays(1) + "\",\"min\":12.5,\"max\":20,\"rain\":3}," + "{\"date\":\""
                + today.minusDays(2) + "\",\"min\":30,\"max\":20,\"rain\":null}]";
        JsonNode brought = http.file("/api/weather/file", json.getBytes(StandardCharsets.UTF_8))
                .json();
        assertThat(brought.get("days").asInt()).isEqualTo(1);
        assertThat(brought.get("refused").get(0).get("sentence").asString()).contains("above the highest");
        assertThat(http.file("/api/weather/file", new byte[] {(byte) 0xff, (byte) 0xfe, 3})
                        .status())
                .isEqualTo(422);
        assertThat(http.file("/api/weather/file", "[{]".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(422);
        assertThat(http.file("/api/weather/file", "a,b\n1,2".getBytes(StandardCharsets.UTF_8))
                        .text())
                .contains("no column");
        assertThat(http.post(
                                "/api/weather/day",
                                Map.of("date", today.minusDays(1).toString(), "min", "25", "max", "9"))
                        .text())
                .contains("above the highest");
        assertThat(http.get("/api/weather/days?from=2020-01-01&to=2026-01-01").status())
                .isEqualTo(422);
    }

    private LocalDate target(String code, String kind) {
        List<LocalDate> found = new ArrayList<>();
        http.sheet(code).get("stop").get("tasks").forEach(task -> {
            if (task.get("kind").asString().equals(kind)) {
                found.add(LocalDate.parse(task.get("target").asString()));
            }
        });
        return found.get(0);
    }

    @Test
    void aCoolSpellStretchesVisitsACorrectionBringsThemBackAndWhatWasSeenStays() {
        http.file("/api/weather/file", csv(20, 1, 19, 27));
        String code = http.cleft(10, 1).json().get("codes").get(0).asString();
        http.look(code, "GREEN");
        LocalDate warm = target(code, "TIE_OFF");
        double healedWarm = http.sheet(code).get("stop").get("line").get("now").asDouble();
        http.file("/api/weather/file?overlap=FILE", csv(9, 1, 4, 11));
        assertThat(target(code, "TIE_OFF")).isAfter(warm.plusDays(5));
        assertThat(http.sheet(code).get("stop").get("line").get("now").asDouble())
                .isLessThan(healedWarm - 5);
        assertThat(http.sheet(code).get("past").size()).isEqualTo(1);
        assertThat(http.sheet(code).get("past").get(0).get("sign").asString()).isEqualTo("GREEN");
        http.file("/api/weather/file?overlap=FILE", csv(9, 1, 19, 27));
        assertThat(target(code, "TIE_OFF")).isEqualTo(warm);
    }

    @Test
    void movingWarmthIsNoReasonToRefuseALook() {
        String code = http.cleft(3, 1).json().get("codes").get(0).asString();
        JsonNode before = http.sheet(code).get("stop").get("graft");
        http.file("/api/weather/file", csv(9, 1, 4, 11));
        assertThat(http.look(before, "GREEN").status()).isEqualTo(200);
    }

    @Test
    void normalsAreSavedCheckedFittedAndForgotten() {
        JsonNode climate = weather().get("climate");
        assertThat(climate.get(0).get("maxC").asDouble())
                .as("January is summer in the south")
                .isGreaterThan(climate.get(6).get("maxC").asDouble());
        List<Map<String, Object>> months = new ArrayList<>();
        for (int i = 1; i <= 12; i++) {
            months.add(Map.of(
                    "monthNo",
                    i,
                    "minC",
                    12,
                    "maxC",
                    i == 7 ? 9 : 20,
                    "humidityPct",
                    70,
                    "windMs",
                    3,
                    "rainMm",
                    60,
                    "spreadC",
                    2));
        }
        Http.Answer upsideDown = http.put("/api/weather/climate", Map.of("months", months));
        assertThat(upsideDown.status()).isEqualTo(422);
        assertThat(upsideDown.text()).contains("month 7");
        assertThat(http.put("/api/weather/climate", Map.of("months", months.subList(0, 5)))
                        .status())
                .isEqualTo(422);
        assertThat(weather().get("ownClimate").asBoolean()).isFalse();
        months.set(
                6,
                Map.of(
                        "monthNo",
                        7,
                        "minC",
                        12,
                        "maxC",
                        19,
                        "humidityPct",
                        70,
                        "windMs",
                        3,
                        "rainMm",
                        60,
                        "spreadC",
                        2));
        assertThat(http.put("/api/weather/climate", Map.of("months", months)).status())
                .isEqualTo(200);
        assertThat(weather().get("next").get(9).get("minC").asDouble()).isEqualTo(12);
        http.send(http.request("/api/weather/climate").DELETE());
        assertThat(weather().get("ownClimate").asBoolean()).isFalse();
        assertThat(http.get("/api/weather/fitted").text()).contains("at least 20");
        http.file("/api/weather/file", csv(400, 1, 13, 21));
        assertThat(http.get("/api/weather/fitted").json().get(3).get("minC").asDouble())
                .isEqualTo(13);
    }

    @Test
    void theStationTellsDaysAndAForecastWhileItIsOn() {
        JsonNode on = http.put("/api/weather/station", Map.of("on", true)).json();
        assertThat(on.get("record").get("days").asInt()).isEqualTo(60);
        assertThat(on.get("next").get(6).get("origin").asString()).isEqualTo("FORECAST");
        assertThat(on.get("next").get(7).get("origin").asString()).isEqualTo("FILLED");
        JsonNode off = http.put("/api/weather/station", Map.of("on", false)).json();
        assertThat(off.get("next").get(0).get("origin").asString()).isEqualTo("FILLED");
        assertThat(off.get("record").get("days").asInt())
                .as("what was measured stays")
                .isEqualTo(60);
    }

    @Test
    void aStationThatTellsNothingElseIsNoOtherWeather() {
        http.put("/api/weather/station", Map.of("on", true));
        String record = http.get("/api/weather").text();
        String mark = http.get("/api/weather")
                .whole()
                .headers()
                .firstValue("Lantern-Mark")
                .orElseThrow();
        turn.tell();
        JsonNode since = http.get("/api/changes/since?mark=" + mark).json();
        assertThat(since.get("facts").valueStream().map(JsonNode::asString)).containsExactly("DAY");
        assertThat(http.get("/api/weather").text()).isEqualTo(record);
    }

    @Test
    void farFromTheEquatorTheStartingClimateIsDoubted() {
        Map<String, Object> site = Map.of(
                "name",
                "Gull Steps",
                "latitudeDeg",
                45,
                "longitudeDeg",
                12,
                "altitudeM",
                40,
                "zone",
                "UTC",
                "version",
                0);
        http.put("/api/site", site);
        assertThat(weather().get("doubt").asString()).contains("45").contains("40°");
    }
}
