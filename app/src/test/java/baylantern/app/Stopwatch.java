package baylantern.app;

import java.io.IOException;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.concurrent.Callable;
import org.springframework.test.context.DynamicPropertyRegistry;

/** Times work for the benchmarks: medians of warm calls, on a store of its own that may not reuse results. */
public final class Stopwatch {

    private static final int WARM_UP = 20;
    private static final int MEASURED = 25;

    private Stopwatch() {}

    /** Gives a benchmark its store. */
    public static void store(DynamicPropertyRegistry registry) throws IOException {
        var folder = Files.createTempDirectory("bay-lantern-bench");
        registry.add(
                "spring.datasource.url",
                () -> "jdbc:h2:file:" + folder.resolve("farm") + baylantern.app.platform.StartOptions.KEPT_READY
                        + ";CACHE_SIZE=" + baylantern.app.platform.StartOptions.CACHE_KB);
        registry.add("lantern.data", folder::toString);
    }

    /** Median time in ms. */
    public static double medianMs(Callable<Integer> work) throws Exception {
        for (int i = 0; i < WARM_UP; i++) {
            work.call();
        }
        double[] times = new double[MEASURED];
        for (int i = 0; i < MEASURED; i++) {
            long start = System.nanoTime();
            work.call();
            times[i] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(times);
        return times[MEASURED / 2];
    }
}
