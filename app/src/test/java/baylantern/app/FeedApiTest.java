package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.JsonNode;

/** What one writes, another hears at once, with what it touches and who did it; and what did not come about is not told. */
@TestPropertySource(properties = {"lantern.demo=true", "lantern.demo-times=0"})
class FeedApiTest extends ApiTest {

    /** Far longer than it takes: a test of whether, not of how soon. */
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    /** A line that listens, as the lines of text that come. */
    private static final class Line implements AutoCloseable {
        private final BlockingQueue<String> heard = new LinkedBlockingQueue<>();
        private final InputStream stream;

        Line(InputStream stream) {
            this.stream = stream;
            Thread reader = new Thread(() -> {
                try (BufferedReader lines = new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
                    lines.lines().forEach(heard::add);
                } catch (IOException | java.io.UncheckedIOException e) {
                    heard.add("broken");
                }
            });
            reader.setDaemon(true);
            reader.start();
        }

        /** The next that begins so, without that. */
        String next(String start) throws InterruptedException {
            for (long end = System.nanoTime() + PATIENCE.toNanos(); System.nanoTime() < end; ) {
                String line = heard.poll(1, TimeUnit.SECONDS);
                if (line != null && line.startsWith(start)) {
                    return line.substring(start.length());
                }
            }
            throw new AssertionError("nothing was heard that begins with " + start);
        }

        @Override
        public void close() throws IOException {
            stream.close();
        }
    }

    private Line listen() {
        return new Line(http.stream("/api/changes"));
    }

    private static long nth(String mark) {
        return Long.parseLong(mark.substring(mark.lastIndexOf('-') + 1));
    }

    @Test
    void whatOneWritesAnotherHearsWithItsFactsAndItsRequest() throws Exception {
        http.smallFarm();
        try (Line line = listen();
                Line other = listen()) {
            String here = line.next("data:");
            Http.Answer read = http.get("/api/people");
            assertThat(read.whole().headers().firstValue("Lantern-Mark")).hasValue(here);
            http.send(http.json("/api/people")
                    .header("Lantern-Request", "page-one-0001")
                    .POST(java.net.http.HttpRequest.BodyPublishers.ofString("{\"name\":\"Runa\"}")));
            String mark = line.next("id:");
            assertThat(nth(mark)).isEqualTo(nth(here) + 1);
            String told = line.next("data:");
            assertThat(told).startsWith("page-one-0001 ").contains("PEOPLE").doesNotContain("GRAFTS");
            assertThat(other.next("data:page-one-0001 ")).contains("PEOPLE");
            // A refused write is none, and one that only asks is none either.
            assertThat(http.post("/api/people", Map.of("name", "")).status()).isEqualTo(422);
            http.post("/api/demo-clock", Map.of("days", 1));
            assertThat(nth(line.next("id:"))).isEqualTo(nth(mark) + 1);
            assertThat(line.next("data:")).startsWith("- ").contains("DAY");
        }
    }

    @Test
    void whoWasAwayIsToldWhatChangedSinceAndNothingElse() {
        http.smallFarm();
        String before = mark();
        assertThat(since(before)).isEmpty();
        http.post("/api/people", Map.of("name", "Runa"));
        String between = mark();
        http.post("/api/spots", Map.of("name", "Lower Gate"));
        assertThat(since(before)).contains("PEOPLE", "SPOTS").doesNotContain("GRAFTS", "DAY");
        assertThat(since(between)).contains("SPOTS").doesNotContain("PEOPLE");
        assertThat(since(mark())).isEmpty();
        // Of another start, of days to come, or no mark at all: nobody knows.
        String start = before.substring(0, before.lastIndexOf('-'));
        for (String unknown : List.of("", "0000-1", start, start + "-9999", start + "-1-2", start + "--1")) {
            assertThat(http.get("/api/changes/since?mark=" + unknown).json().has("facts"))
                    .as(unknown)
                    .isFalse();
        }
        assertThat(http.get("/api/changes/since").status()).isEqualTo(400);
    }

    private String mark() {
        return http.get("/api/people")
                .whole()
                .headers()
                .firstValue("Lantern-Mark")
                .orElseThrow();
    }

    private List<String> since(String mark) {
        JsonNode told = http.get("/api/changes/since?mark=" + mark).json();
        assertThat(told.get("mark").asString()).isEqualTo(mark());
        return told.get("facts").valueStream().map(JsonNode::asString).toList();
    }

    @Test
    void whoDoesNotReadHoldsNobodyUp() throws Exception {
        http.smallFarm();
        try (Socket deaf = new Socket("127.0.0.1", http.port());
                Line line = listen()) {
            deaf.setReceiveBufferSize(1024);
            deaf.getOutputStream()
                    .write("GET /api/changes HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n".getBytes(StandardCharsets.UTF_8));
            long from = nth(line.next("data:"));
            List<Long> marks = new ArrayList<>();
            for (int i = 0; i < 100; i++) {
                assertThat(http.post("/api/people", Map.of("name", "P" + i)).status())
                        .isLessThan(300);
            }
            while (marks.isEmpty() || marks.get(marks.size() - 1) < from + 100) {
                marks.add(nth(line.next("id:")));
            }
            assertThat(marks).isSorted().doesNotHaveDuplicates();
        }
        assertThat(http.get("/api/people").json()).hasSizeGreaterThanOrEqualTo(100);
    }
}
