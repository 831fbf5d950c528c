package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class NotebookApiTest extends ApiTest {

    private static byte[] resource(String name) {
        try (var in = NotebookApiTest.class.getResourceAsStream("/" + name)) {
            return java.util.Objects.requireNonNull(in).readAllBytes();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void theOldNotebookComesInAsItsTruthSaysAndGoesOutAgainWhole() {
        http.smallFarm();
        JsonNode truth = JsonMapper.builder().build().readTree(resource("old-notebook.truth.json"));
        JsonNode preview =
                http.file("/api/notebooks", resource("old-notebook.csv")).json();
        assertThat(preview.get("graftsFound").asInt())
                .isEqualTo(truth.get("grafts").asInt());
        assertThat(preview.get("refusedByReason").get("DUPLICATE").asInt())
                .isEqualTo(truth.get("exact_duplicate_rows").asInt());
        assertThat(preview.get("refusedByReason").get("DATE_UNREADABLE").asInt())
                .isEqualTo(truth.get("unreadable_dates").asInt());
        assertThat(preview.get("refusedByReason").get("DATE_FUTURE").asInt())
                .isEqualTo(truth.get("future_dates").asInt());
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isZero();

        String id = preview.get("id").asString();
        JsonNode done = http.post("/api/notebooks/" + id + "/import", Map.of()).json();
        Map<String, String> counted = new HashMap<>();
        http.get("/api/takes")
                .json()
                .get("groups")
                .valueStream()
                .filter(g -> g.get("depth").asInt() == 2)
                .forEach(g -> counted.put(
                        g.get("under").asString() + " / " + g.get("label").asString(), counts(g.get("count"))));
        Map<String, String> wanted = new HashMap<>();
        truth.get("by_variety").properties().forEach(v -> wanted.put(v.getKey(), counts(v.getValue())));
        assertThat(counted).isEqualTo(wanted);
        // A second try finds every row there already.
        JsonNode again =
                http.file("/api/notebooks", resource("old-notebook.csv")).json();
        assertThat(again.get("refusedByReason").get("ALREADY_HERE").asInt()).isEqualTo(240);

        assertThat(http.post("/api/acts/" + done.get("actId").asLong() + "/undo", Map.of())
                        .status())
                .isEqualTo(200);
        JsonNode farm = http.get("/api/farm").json();
        assertThat(farm.get("grafts").asInt()).isZero();
        assertThat(farm.get("plants").asInt()).isEqualTo(3);
        assertThat(farm.get("varieties").asInt()).isEqualTo(2);
        assertThat(farm.get("people").size()).isEqualTo(1);
    }

    private static String counts(JsonNode n) {
        return n.get("taken").asInt() + " " + n.get("failed").asInt() + " "
                + n.get("waiting").asInt();
    }

    @Test
    void aCorrectedGuessChangesThePreview() {
        http.smallFarm();
        byte[] file = "date,variety,kind,result\n2024-04-03,Buoy,fig,sideways\n".getBytes(StandardCharsets.UTF_8);
        String id = http.file("/api/notebooks", file).json().get("id").asString();
        JsonNode corrected = http.post(
                        "/api/notebooks/" + id + "/preview", Map.of("results", Map.of("sideways", "DEAD")))
                .json();
        assertThat(corrected.get("graftsFound").asInt()).isEqualTo(1);
        assertThat(corrected.get("takes").get("fig / Buoy").get("failed").asInt())
                .isEqualTo(1);
    }

    @Test
    void filesThatCannotBeTakenSayWhyAndWriteNothing() {
        http.smallFarm();
        assertThat(refusal(new byte[0])).contains("empty");
        assertThat(refusal(new byte[] {0, 1, 2, 3, 0, 5})).contains("not a text file");
        assertThat(refusal("one\ntwo\n".getBytes(StandardCharsets.UTF_8))).contains("one column");
        byte[] wide = ("date,variety\n2024-01-01," + "x".repeat(1_000_000) + "\n").getBytes(StandardCharsets.UTF_8);
        assertThat(refusal(wide)).contains("1000000 characters");
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isZero();
    }

    private String refusal(byte[] file) {
        Http.Answer answer = http.file("/api/notebooks", file);
        assertThat(answer.status()).isEqualTo(422);
        return answer.json().get("detail").asString();
    }

    /** The file is larger than the heap a bounded reading may use; it must be refused at the limit, not read whole. */
    @Test
    void twoHundredMegabytesAreRefusedAtTheLimit() throws Exception {
        var counted = new java.util.concurrent.atomic.AtomicLong();
        var stream = new java.io.InputStream() {
            @Override
            public int read() {
                return counted.getAndIncrement() < 200L * 1024 * 1024 ? 'a' : -1;
            }

            @Override
            public int read(byte[] into, int offset, int length) {
                if (counted.get() >= 200L * 1024 * 1024) {
                    return -1;
                }
                java.util.Arrays.fill(into, offset, offset + length, (byte) 'a');
                counted.addAndGet(length);
                return length;
            }
        };
        try {
            Http.Answer answer = http.send(http.request("/api/notebooks")
                    .header("Content-Type", "application/octet-stream")
                    .POST(java.net.http.HttpRequest.BodyPublishers.ofInputStream(() -> stream)));
            assertThat(answer.status()).isEqualTo(413);
            assertThat(answer.json().get("detail").asString()).contains("32 MB");
        } catch (java.io.UncheckedIOException closedWhileSending) {
            assertThat(counted.get()).as("the server stopped reading").isLessThan(200L * 1024 * 1024);
        }
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isZero();
    }
}
