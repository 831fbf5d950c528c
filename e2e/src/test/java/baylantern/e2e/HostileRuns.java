package baylantern.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.time.Duration;
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

/**
 * Long runs that try to break a farm, by {@code ./lantern bench --hostile}: the plug pulled again and again while several
 * write, and mixed use for minutes. The numbers are printed.
 */
class HostileRuns {

    private static final int KILLS = Integer.getInteger("lantern.kills", 200);
    private static final int MINUTES = Integer.getInteger("lantern.minutes", 10);
    private static final int WRITERS = 4;
    private static final List<String> READ = List.of(
            "/api/today", "/api/rounds", "/api/flush", "/api/windows/lamps", "/api/lots", "/api/takes", "/api/farm");

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

    /** Readers and writers for some minutes: as quick and as small at the end as at the start. */
    @Test
    void minutesOfMixedUse() throws Exception {
        try (Lantern lantern = Lantern.demo()) {
            List<Long> first = new ArrayList<>();
            List<Long> last = new ArrayList<>();
            Random random = new Random(12);
            long begin = System.nanoTime();
            long end = begin + Duration.ofMinutes(MINUTES).toNanos();
            long minute = Duration.ofMinutes(1).toNanos();
            long small = 0;
            long needed = 0;
            int failed = 0;
            int n = 0;
            while (System.nanoTime() < end) {
                long now = System.nanoTime();
                HttpResponse<String> answer = random.nextInt(20) == 0
                        ? lantern.post(
                                "/api/flush/notes",
                                "{\"plantIds\":[" + (1 + random.nextInt(400)) + "],\"sun\":\"M\",\"remark\":\"" + n++
                                        + "\"}")
                        : lantern.get(READ.get(random.nextInt(READ.size())));
                failed += answer.statusCode() >= 500 ? 1 : 0;
                long took = System.nanoTime() - now;
                if (now - begin > minute && now - begin < 2 * minute) {
                    first.add(took);
                    small = lantern.residentKb();
                } else if (needed == 0 && now - begin > 2 * minute) {
                    needed = lantern.neededKb();
                } else if (end - now < minute) {
                    last.add(took);
                }
            }
            System.out.printf(
                    Locale.ROOT,
                    "hostile: %d min mixed, %d failed; median %d ms in the second minute, %d ms in the last; %d MB then, %d MB at the end; needed of it %d MB then, %d MB at the end%n",
                    MINUTES,
                    failed,
                    median(first),
                    median(last),
                    small / 1024,
                    lantern.residentKb() / 1024,
                    needed / 1024,
                    lantern.neededKb() / 1024);
            assertThat(failed).isZero();
        }
    }

    private static long median(List<Long> nanos) {
        return nanos.stream().sorted().skip(nanos.size() / 2).findFirst().orElse(0L) / 1_000_000;
    }
}
