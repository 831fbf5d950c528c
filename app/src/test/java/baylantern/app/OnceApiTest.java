package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A request sent twice is done once, also by eight at once; each takes back their own; answers say what they rest on. */
class OnceApiTest extends ApiTest {

    private static final String PLANT =
            "{\"lines\":\"AV-%s\",\"speciesKey\":\"avocado\",\"kind\":\"SEEDLING_STOCK\",\"spotId\":1}";

    private Http.Answer paste(String plant, String request, String person) {
        HttpRequest.Builder asked = http.request("/api/plants/paste").header("Content-Type", "application/json");
        if (request != null) {
            asked.header("Lantern-Request", request);
        }
        if (person != null) {
            asked.header("Lantern-Person", person);
        }
        return http.send(asked.POST(BodyPublishers.ofString(PLANT.formatted(plant))));
    }

    private int plants() {
        return http.get("/api/plants").json().get("total").asInt();
    }

    @Test
    void aRequestSentAgainIsAnsweredAsTheFirstTime() {
        http.smallFarm();
        Http.Answer first = paste("70", "first-request", null);
        Http.Answer again = paste("70", "first-request", null);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.text()).isEqualTo(first.text());
        assertThat(again.whole().headers().firstValue("Lantern-Repeated")).hasValue("true");
        assertThat(plants()).isEqualTo(4);
        Http.Answer other = paste("71", "first-request", null);
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.text()).contains("This request id was used for something else.");
        assertThat(paste("72", "ö", null).status()).isEqualTo(422);
    }

    @Test
    void sentByEightAtOnceItIsDoneOnce() throws Exception {
        http.smallFarm();
        List<Http.Answer> answers = AtOnce.of(8, () -> paste("80", "eight-at-once", null));
        assertThat(answers).extracting(Http.Answer::status).containsOnly(200);
        assertThat(answers)
                .extracting(Http.Answer::text)
                .containsOnly(answers.get(0).text());
        assertThat(plants()).isEqualTo(4);
    }

    /** A file flows in and cannot be looked at twice; sent again, it is answered as the first time all the same. */
    @Test
    void aFileSentByEightAtOnceIsTakenOnce() throws Exception {
        http.smallFarm();
        LocalDate day = http.today().minusDays(3);
        byte[] csv =
                ("day,min,max\n" + day + ",12,24\n" + day.plusDays(1) + ",13,25\n").getBytes(StandardCharsets.UTF_8);
        List<Http.Answer> answers = AtOnce.of(
                8,
                () -> http.send(http.request("/api/weather/file?overlap=FILE")
                        .header("Content-Type", "application/octet-stream")
                        .header("Lantern-Request", "one-file-eight-times")
                        .POST(BodyPublishers.ofByteArray(csv))));
        assertThat(answers).extracting(Http.Answer::status).containsOnly(200);
        assertThat(answers)
                .filteredOn(one ->
                        one.whole().headers().firstValue("Lantern-Repeated").isPresent())
                .hasSize(7);
    }

    @Test
    void whatWasRefusedMayBeTriedAgain() {
        http.smallFarm();
        assertThat(paste("1", "taken-code", null).status()).as("AV-1 is there").isEqualTo(422);
        assertThat(paste("1", "taken-code", null).status()).isEqualTo(422);
        assertThat(plants()).isEqualTo(3);
    }

    @Test
    void eightWhoGraftOntoOneStemAreServedOneAfterTheOther() throws Exception {
        http.smallFarm();
        List<Http.Answer> answers = AtOnce.of(8, () -> http.cleft(0, 1));
        assertThat(answers).extracting(Http.Answer::status).containsOnlyOnce(200);
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isEqualTo(1);
    }

    @Test
    void eightWhoPlanADayEachHaveTheirOwn() throws Exception {
        http.smallFarm();
        var day = java.util.Map.of(
                "day",
                http.today().plusDays(9).toString(),
                "spotId",
                1,
                "speciesKey",
                "avocado",
                "varietyId",
                1,
                "techniqueKey",
                "cleft",
                "grafts",
                3);
        List<Http.Answer> answers = AtOnce.of(8, () -> http.post("/api/graft-days", day));
        assertThat(answers).extracting(a -> a.json().get("planNo").asInt()).doesNotHaveDuplicates();
    }

    @Test
    void eachTakesBackTheirOwn() {
        http.smallFarm();
        http.post("/api/people", java.util.Map.of("name", "Solveig"));
        JsonNode act = paste("90", "by-ingmar-1", "1").json();
        HttpRequest.Builder own = http.request("/api/acts?own=true").header("Lantern-Person", "2");
        assertThat(http.send(own.GET()).json().size()).isZero();
        HttpRequest.Builder undo =
                http.request("/api/acts/" + act.get("actId").asLong() + "/undo").header("Lantern-Person", "2");
        Http.Answer refused = http.send(undo.POST(BodyPublishers.noBody()));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("was done by Ingmar");
        assertThat(plants()).isEqualTo(4);
        HttpRequest.Builder mine =
                http.request("/api/acts/" + act.get("actId").asLong() + "/undo").header("Lantern-Person", "1");
        assertThat(http.send(mine.POST(BodyPublishers.noBody())).status()).isEqualTo(200);
        assertThat(plants()).isEqualTo(3);
    }

    @Test
    void answersSayWhatTheyRestOnAndWritesWhatTheyChanged() {
        http.smallFarm();
        String code = http.cleft(9, 1).json().get("codes").get(0).asString();
        List<String> changed = facts(http.look(code, "GREEN"), "Lantern-Changed");
        assertThat(changed).contains("LOOKS", "GRAFT_STATES", "VISITS").doesNotContain("PLANTS", "WEATHER", "NOTES");
        assertThat(facts(http.get("/api/rounds"), "Lantern-Facts")).contains("LOOKS", "VISITS", "PLANTS");
        // The rulebook's figures are in every answer.
        assertThat(facts(http.get("/api/rules"), "Lantern-Facts")).containsExactly("FIGURES");
        assertThat(facts(http.get("/api/season"), "Lantern-Facts")).doesNotContainAnyElementsOf(changed);
        assertThat(facts(http.get("/api/farm"), "Lantern-Facts")).doesNotContainAnyElementsOf(changed);
    }

    private static List<String> facts(Http.Answer answer, String heading) {
        String told = answer.whole().headers().firstValue(heading).orElse("");
        return told.isBlank() ? List.of() : List.of(told.split(" "));
    }

    @Test
    void aClockSetBackIsSaidAndNothingIsLost() {
        http.smallFarm();
        assertThat(http.get("/api/farm").json().has("amiss")).isFalse();
        stored("UPDATE house_act SET farm_day = DATEADD(DAY, 30, farm_day)");
        assertThat(http.get("/api/farm").json().get("amiss").asString())
                .contains("something was written here on " + http.today().plusDays(30));
        assertThat(http.cleft(0, 1).status()).isEqualTo(200);
        assertThat(http.get("/api/farm").json().get("grafts").asInt()).isEqualTo(1);
    }
}
