package baylantern.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The plug pulled again and again while several write, by {@code ./lantern bench --hostile}. The numbers are printed. */
class HostileRuns {

    private static final int KILLS = Integer.getInteger("lantern.kills", 200);
    private static final int WRITERS = 4;

    /** No acknowledged person, with the act that added them, is lost, and none is there by half. */
    @Test
    void thePlugIsPulledAgainAndAgain() throws Exception {
        Random random = new Random(11);
        List<String> acknowledged = Collections.synchronizedList(new ArrayList<>());
        AtomicInteger sent = new AtomicInteger();
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        int lost = 0;
        int half = 0;
        try (Lantern lantern = Lantern.empty()) {
            lantern.post(
                    "/api/beginning",
                    "{\"site\":{\"name\":\"Gull Steps\",\"latitudeDeg\":28,\"longitudeDeg\":12,\"altitudeM\":4,"
                            + "\"zone\":\"UTC\",\"version\":0},\"people\":[],\"grown\":[]}");
            for (int kill = 0; kill < KILLS; kill++) {
                List<Future<?>> writing = new ArrayList<>();
                for (int w = 0; w < WRITERS; w++) {
                    writing.add(writers.submit(() -> write(lantern, sent, acknowledged)));
                }
                Thread.sleep(100 + random.nextInt(400));
                lantern.pullThePlug();
                for (Future<?> one : writing) {
                    one.get();
                }
                lantern.start();
                String people = lantern.get("/api/people").body();
                lost += (int) List.copyOf(acknowledged).stream()
                        .filter(name -> !people.contains("\"" + name + "\""))
                        .count();
                half += (int) Pattern.compile("(Hand \\d+) added")
                        .matcher(lantern.get("/api/acts").body())
                        .results()
                        .filter(act -> !people.contains("\"" + act.group(1) + "\""))
                        .count();
            }
            System.out.printf(
                    Locale.ROOT,
                    "hostile: %d kills, %d writes acknowledged, %d lost, %d half%n",
                    KILLS,
                    acknowledged.size(),
                    lost,
                    half);
        } finally {
            writers.shutdownNow();
        }
        assertThat(lost + half).isZero();
    }

    private void write(Lantern lantern, AtomicInteger sent, List<String> acknowledged) {
        try {
            while (true) {
                String name = "Hand " + sent.incrementAndGet();
                if (lantern.post("/api/people", "{\"name\":\"" + name + "\"}").statusCode() == 200) {
                    acknowledged.add(name);
                }
            }
        } catch (IOException e) {
            // The line went dead.
        }
    }
}
