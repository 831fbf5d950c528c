package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class BenchApiTest extends ApiTest {

    @Test
    void aRunIsLoggedWithCodesVisitsAndTheNextComesFilledIn() {
        http.smallFarm();
        JsonNode logged = http.cleft(0, 1, 2).json();
        String year = http.get("/api/farm").json().get("today").asString().substring(2, 4);
        assertThat(logged.get("codes").valueStream().map(JsonNode::asString))
                .containsExactly("PB-" + year + "-001", "PB-" + year + "-002");
        JsonNode next = http.get("/api/grafts/next").json();
        assertThat(next.get("code").asString()).isEqualTo("PB-" + year + "-003");
        assertThat(next.get("last").get("techniqueKey").asString()).isEqualTo("cleft");
        JsonNode sheet = http.sheet("PB-" + year + "-001");
        assertThat(sheet.get("stop").get("tasks").size()).isGreaterThan(3);
        assertThat(sheet.get("schools").findValuesAsString("school")).contains("slit", "rest-4");
    }

    @Test
    void aTakenStemAnotherFamilyAndTheFutureAreRefusedAndNothingIsWritten() {
        http.smallFarm();
        http.cleft(3, 1);
        Http.Answer again = http.cleft(0, 2, 1);
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.json().get("detail").asString()).contains("still alive or waiting");
        assertThat(again.json().get("fields").get(0).get("field").asString()).isEqualTo("stemId");
        Http.Answer future = http.cleft(-1, 2);
        assertThat(future.status()).isEqualTo(422);
        assertThat(future.json().get("fields").get(0).get("valid").asString()).startsWith("up to");
        Http.Answer family = http.post(
                "/api/grafts",
                Map.of(
                        "varietyId",
                        2,
                        "techniqueKey",
                        "cleft",
                        "madeOn",
                        "2025-01-01",
                        "cover",
                        "FILM",
                        "stems",
                        List.of(Map.of("stemId", 2))));
        assertThat(family.json().get("detail").asString()).contains("mango on avocado");
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isEqualTo(1);
    }

    @Test
    void ofARunItIsSaidWhichStocksAreMeant() {
        http.smallFarm();
        Map<String, Object> run = new HashMap<>(Map.of(
                "varietyId",
                1,
                "techniqueKey",
                "cleft",
                "cover",
                "FILM",
                "madeOn",
                http.today().toString()));
        run.put(
                "stems",
                List.of(
                        Map.of("stemId", 1, "scionMm", 8.0, "stockMm", 8.2),
                        Map.of("stemId", 2, "scionMm", 4.0, "stockMm", 9.1),
                        Map.of("stemId", 3, "scionMm", 4.0, "stockMm", 9.1)));
        List<String> said = http.post("/api/grafts/check", run).json().findValuesAsString("message");
        assertThat(said).anyMatch(message -> message.startsWith("AV-2, AV-3: "));
        assertThat(said).noneMatch(message -> message.contains("AV-1"));
        run.put("stems", List.of(Map.of("stemId", 2, "scionMm", 4.0, "stockMm", 9.1)));
        assertThat(http.post("/api/grafts/check", run).json().findValuesAsString("message"))
                .isNotEmpty()
                .noneMatch(message -> message.contains("AV-2: "));
    }

    @Test
    void takesOfAPartOfTheYearAreThoseOfEveryYear() {
        http.smallFarm();
        int year = http.today().getYear();
        for (String day : List.of((year - 1) + "-04-10", (year - 2) + "-04-20", (year - 2) + "-12-28")) {
            long stem = List.of("04-10", "04-20", "12-28").indexOf(day.substring(5)) + 1L;
            Map<String, Object> graft = new HashMap<>(Map.of("varietyId", 1, "techniqueKey", "cleft", "cover", "FILM"));
            graft.putAll(Map.of("madeOn", day, "stems", List.of(Map.of("stemId", stem))));
            assertThat(http.post("/api/grafts", graft).status()).isEqualTo(200);
        }
        assertThat(waiting("")).isEqualTo(3);
        assertThat(waiting("&part=0401-0415")).isEqualTo(1);
        assertThat(waiting("&part=0401-0430")).isEqualTo(2);
        assertThat(waiting("&part=1215-0110")).as("over the turn of the year").isEqualTo(1);
        JsonNode spring = http.get("/api/takes?by=SPECIES&part=0401-0430")
                .json()
                .get("groups")
                .get(0)
                .get("key");
        assertThat(http.get("/api/grafts?speciesKey=avocado&part="
                                + spring.get("part").asString())
                        .json()
                        .get("total")
                        .asInt())
                .isEqualTo(2);
        assertThat(http.get("/api/takes?part=0431-0501").status()).isBetween(400, 422);
    }

    private int waiting(String more) {
        return http.get("/api/takes?by=SPECIES" + more)
                .json()
                .get("farm")
                .get("count")
                .get("waiting")
                .asInt();
    }

    @Test
    void onlyStocksThatWoodCanJoinAreOffered() {
        http.smallFarm();
        assertThat(http.get("/api/grafts/free-stems?speciesKey=avocado").json().findValuesAsString("plantCode"))
                .containsExactly("AV-1", "AV-2", "AV-3");
        assertThat(http.get("/api/grafts/free-stems?speciesKey=avocado&search=av-2")
                        .json()
                        .findValuesAsString("plantCode"))
                .containsExactly("AV-2");
        assertThat(http.get("/api/grafts/free-stems?speciesKey=avocado&search=")
                        .json()
                        .size())
                .isEqualTo(3);
        assertThat(http.get("/api/grafts/free-stems?speciesKey=mango").json().size())
                .isZero();
        assertThat(http.get("/api/grafts/free-stems?speciesKey=pear").status()).isEqualTo(404);
    }

    @Test
    void loggingIsTakenBackUnlessSomebodyHasLooked() {
        http.smallFarm();
        long first = http.cleft(5, 1).json().get("actId").asLong();
        assertThat(http.post("/api/acts/" + first + "/undo", Map.of()).status()).isEqualTo(200);
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isZero();
        assertThat(http.post("/api/acts/" + first + "/undo", Map.of()).status()).isEqualTo(409);
        JsonNode second = http.cleft(5, 1).json();
        http.look(second.get("codes").get(0).asString(), "GREEN");
        Http.Answer refused = http.post("/api/acts/" + second.get("actId").asLong() + "/undo", Map.of());
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().get("detail").asString()).contains("looked");
    }

    /** What cannot even be read is told in a grower's words, with the entry it stands in. */
    @Test
    void whatCannotBeReadSaysWhatToGive() {
        Map.of(
                        Map.of("seenOn", "4"), "Give a day (2026-05-14) for day it was seen; “4” is none.",
                        Map.of("personId", "Teo"), "Give a whole number for person; “Teo” is none.",
                        Map.of("lengthMm", "long"), "Give a number for length; “long” is none.",
                        Map.of("sure", "perhaps"), "Give true or false for sure; “perhaps” is none.",
                        Map.of("note", Map.of("a", 1)), "Give a text for note.",
                        Map.of("grafts", Map.of("a", 1)), "Give a list for grafts.",
                        Map.of("personId", new BigInteger("9".repeat(20))), "Give a number nearer to 0 for person.",
                        Map.of("seenOn", "4".repeat(9000)),
                                "Give a day (2026-05-14) for day it was seen; “" + "4".repeat(40) + " …” is none.",
                        Map.of("mood", "good"), "There is no entry “mood” here.",
                        List.of(1), "Give entries and their values.")
                .forEach((sent, sentence) -> {
                    Http.Answer odd = http.post("/api/looks", sent);
                    assertThat(odd.status()).isEqualTo(400);
                    assertThat(odd.json().get("detail").asString()).isEqualTo(sentence);
                });
        assertThat(http.post("/api/looks", Map.of("sign", "PURPLE"))
                        .json()
                        .get("fields")
                        .get(0)
                        .get("valid")
                        .asString())
                .startsWith("one of ")
                .contains("GREEN");
        Map.of(
                        "/api/bench-days/4", "Give a day (2026-05-14); “4” is none.",
                        "/api/takes?by=MOOD", "MOOD",
                        "/api/fit/limbs/", "There is nothing at /api/fit/limbs",
                        "/api/windows/days", "The place is missing.")
                .forEach((asked, sentence) -> assertThat(
                                http.get(asked).json().get("detail").asString())
                        .contains(sentence)
                        .doesNotContain("convert"));
        Http.Answer broken = http.send(http.json("/api/looks").POST(BodyPublishers.ofString("{\"grafts\":")));
        assertThat(broken.status()).isEqualTo(400);
        assertThat(broken.json().get("detail").asString()).startsWith("What was sent cannot be read");
    }

    @Test
    void wrongFieldsAnswerWithFieldValueAndRange() {
        Http.Answer site = http.put(
                "/api/site",
                Map.of(
                        "name",
                        "X",
                        "latitudeDeg",
                        123,
                        "longitudeDeg",
                        0,
                        "altitudeM",
                        0,
                        "zone",
                        "UTC",
                        "version",
                        0));
        assertThat(site.status()).isEqualTo(422);
        JsonNode field = site.json().get("fields").get(0);
        assertThat(field.get("field").asString()).isEqualTo("latitudeDeg");
        assertThat(field.get("value").asString()).isEqualTo("123.0");
        assertThat(field.get("valid").asString()).contains("−90 to 90");
        assertThat(http.post("/api/looks", Map.of("grafts", List.of(), "sign", "PURPLE"))
                        .status())
                .isEqualTo(400);
        assertThat(http.post("/api/varieties", Map.of("speciesKey", "pear", "name", "Q"))
                        .json()
                        .get("detail")
                        .asString())
                .contains("pear");
        assertThat(http.get("/api/grafts/XX-99-001").status()).isEqualTo(404);
        assertThat(http.get("/api/takes?by=MOOD").status()).isEqualTo(400);
    }

    @Test
    void textHoldsAnyLettersAndComesBackAsWritten() {
        http.smallFarm();
        String odd = "<script>alert(1)</script> Ő漢字🥭 \u202Eabc' ; DROP TABLE";
        http.post("/api/varieties", Map.of("speciesKey", "fig", "name", odd));
        assertThat(http.get("/api/varieties").json().findValuesAsString("name")).contains(odd);
    }

    @Test
    void twoWhoChangeTheSameVarietyDoNotOverwriteEachOther() {
        http.smallFarm();
        Map<String, Object> change =
                Map.of("speciesKey", "avocado", "name", "Pale Buoy", "notes", "first", "version", 0);
        assertThat(http.put("/api/varieties/1", change).status()).isEqualTo(200);
        Http.Answer late = http.put("/api/varieties/1", change);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.json().get("detail").asString()).contains("somebody else");
    }

    @Test
    void aRunOfCodesFindsItsFreeStemsInItsOrder() {
        http.smallFarm();
        String search = "&search=" + java.net.URLEncoder.encode("av-3 to 1", java.nio.charset.StandardCharsets.UTF_8);
        assertThat(http.get("/api/grafts/free-stems?speciesKey=avocado" + search)
                        .text())
                .contains("A run goes forward");
        search = "&search=" + java.net.URLEncoder.encode("AV-1 … 3, AV-99", java.nio.charset.StandardCharsets.UTF_8);
        assertThat(http.get("/api/grafts/free-stems?speciesKey=avocado" + search)
                        .json()
                        .valueStream()
                        .map(stem -> stem.get("plantCode").asString()))
                .containsExactly("AV-1", "AV-2", "AV-3");
    }
}
