package baylantern.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Four at work on one farm for minutes, by {@code ./lantern bench --hostile}: what was acknowledged is there once, also
 * where it was sent twice, and the farm is as quick and as small at the end as at the start. The numbers are printed.
 */
@EnabledIfSystemProperty(named = "lantern.hostile", matches = ".+")
class MixedRuns {

    private static final int MINUTES = Integer.getInteger("lantern.minutes", 10);
    private static final int CLIENTS = 4;
    private static final int ONE_WRITES_IN = 20;
    private static final int ONE_AGAIN_IN = 4;
    private static final int TREES = 400;
    private static final long MINUTE = Duration.ofMinutes(1).toNanos();
    private static final List<String> READ = List.of(
            "/api/today", "/api/rounds", "/api/flush", "/api/windows/lamps", "/api/lots", "/api/takes", "/api/farm");
    private static final Pattern REMARK = Pattern.compile("\"remark\":\"(mixed \\d+)\"");

    private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    private final AtomicInteger written = new AtomicInteger();
    private final AtomicInteger failed = new AtomicInteger();

    @Test
    void fourAtWorkForMinutes() throws Exception {
        ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
        try (Lantern lantern = Lantern.demo()) {
            long begin = System.nanoTime();
            List<Future<List<long[]>>> atWork = new ArrayList<>();
            for (int client = 0; client < CLIENTS; client++) {
                Random random = new Random(12 + client);
                atWork.add(clients.submit(() -> work(lantern, random, begin)));
            }
            Thread.sleep(Duration.ofMinutes(2).toMillis());
            long small = lantern.residentKb();
            long needed = lantern.neededKb();
            List<long[]> took = new ArrayList<>();
            for (Future<List<long[]>> one : atWork) {
                took.addAll(one.get());
            }
            // Before everything is read once more, which is kept.
            long neededAtLast = lantern.neededKb();
            long heldAtLast = lantern.residentKb();
            Map<String, Integer> there = there(lantern);
            long lost = acknowledged.stream()
                    .filter(remark -> !there.containsKey(remark))
                    .count();
            long twice = there.values().stream().filter(times -> times > 1).count();
            System.out.printf(
                    Locale.ROOT,
                    "hostile: %d at work for %d min, %d acknowledged, %d lost, %d twice, %d failed; median %d ms in the second minute, %d ms in the last; %d MB then, %d MB at the end; needed of it %d MB then, %d MB at the end%n",
                    CLIENTS,
                    MINUTES,
                    acknowledged.size(),
                    lost,
                    twice,
                    failed.get(),
                    median(took, MINUTE, 2 * MINUTE),
                    median(took, (MINUTES - 1) * MINUTE, MINUTES * MINUTE),
                    small / 1024,
                    heldAtLast / 1024,
                    needed / 1024,
                    neededAtLast / 1024);
            long gathered = lantern.neededKb();
            long anew = anew(lantern);
            System.out.printf(
                    Locale.ROOT,
                    "hostile: needed once each tree was read, %d MB; of a farm started anew and read as far, %d MB%n",
                    gathered / 1024,
                    anew / 1024);
            assertThat(lost + twice + failed.get()).isZero();
            assertThat(gathered)
                    .as("no more is kept than the farm itself and its store need")
                    .isLessThan(2 * anew);
        } finally {
            clients.shutdownNow();
        }
    }

    // Each with the time it began at, counted from the begin, and how long it took.
    private List<long[]> work(Lantern lantern, Random random, long begin) throws IOException {
        List<long[]> took = new ArrayList<>();
        while (System.nanoTime() - begin < MINUTES * MINUTE) {
            long now = System.nanoTime();
            if (random.nextInt(ONE_WRITES_IN) == 0) {
                write(lantern, random);
            } else {
                count(lantern.get(READ.get(random.nextInt(READ.size()))).statusCode());
            }
            took.add(new long[] {now - begin, System.nanoTime() - now});
        }
        return took;
    }

    // Whose answer is lost sends it again by the same name.
    private void write(Lantern lantern, Random random) throws IOException {
        String remark = "mixed " + written.incrementAndGet();
        String note =
                "{\"plantIds\":[" + (1 + random.nextInt(TREES)) + "],\"sun\":\"M\",\"remark\":\"" + remark + "\"}";
        int times = random.nextInt(ONE_AGAIN_IN) == 0 ? 2 : 1;
        for (int i = 0; i < times; i++) {
            int status = lantern.post("/api/flush/notes", note, remark.replace(' ', '-') + "-by-name")
                    .statusCode();
            count(status);
            if (status == 200) {
                acknowledged.add(remark);
            }
        }
    }

    private void count(int status) {
        failed.addAndGet(status >= 500 ? 1 : 0);
    }

    // What was only gathered, and not of the farm, is not needed any more then.
    private static long anew(Lantern lantern) throws IOException {
        lantern.pullThePlug();
        lantern.start();
        for (String path : READ) {
            lantern.get(path);
        }
        there(lantern);
        return lantern.neededKb();
    }

    private static Map<String, Integer> there(Lantern lantern) throws IOException {
        Map<String, Integer> there = new HashMap<>();
        for (JsonElement plant : JsonParser.parseString(
                        lantern.get("/api/plants").body())
                .getAsJsonObject()
                .getAsJsonArray("plants")) {
            String code = plant.getAsJsonObject().get("code").getAsString();
            REMARK.matcher(lantern.get("/api/flush/plants/" + code).body())
                    .results()
                    .forEach(note -> there.merge(note.group(1), 1, Integer::sum));
        }
        return there;
    }

    private static long median(List<long[]> took, long from, long until) {
        long[] within = took.stream()
                .filter(one -> one[0] >= from && one[0] < until)
                .mapToLong(one -> one[1])
                .sorted()
                .toArray();
        return within.length == 0 ? 0 : within[within.length / 2] / 1_000_000;
    }
}
