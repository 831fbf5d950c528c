package baylantern.app.fit;

import baylantern.app.Stopwatch;
import baylantern.core.fit.Round;
import baylantern.core.fit.Taper;
import baylantern.core.fit.choice.BenchCase.Growth;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.fit.contact.Joint;
import baylantern.core.fit.pairing.Pairing.Piece;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/**
 * Not a test: how long a look at the fit bench takes for each technique, beside the bare contact of one placing, and how
 * long batches take to pair. Run by {@code ./lantern bench}.
 */
@EnabledIfEnvironmentVariable(named = "LANTERN_BENCH", matches = "1")
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE, properties = "lantern.demo=true")
class FitTimes {

    @Autowired
    private FitService fits;

    @Autowired
    private PairService pairs;

    @Autowired
    private Rulebook rules;

    @DynamicPropertySource
    static void store(DynamicPropertyRegistry registry) throws java.io.IOException {
        Stopwatch.store(registry);
    }

    @Test
    void looks() throws Exception {
        FitBench bench = new FitBench(rules);
        for (String key : List.of("cleft", "whip", "whip-tongue", "side-splice", "chip")) {
            FitEntry entry = new FitEntry(
                    key,
                    "avocado",
                    new StemMeasure(List.of(new Taper.StemReading(200, 9.4)), null, 500.0, null, null),
                    null,
                    8.9,
                    null,
                    null,
                    Wrap.CLOCKWISE);
            Joint joint = bench.joint(
                    key, Round.of(9.4, null, rules.fit()), Round.of(8.9, null, rules.fit()), Wish.NONE, Wrap.CLOCKWISE);
            double look = Stopwatch.medianMs(() -> fits.view(entry).cuts().size());
            double bare = Stopwatch.medianMs(
                    () -> (int) bench.model(key).contact(joint).met());
            System.out.printf(
                    Locale.ROOT,
                    "Fit %-12s %6.2f ms, bare contact %6.3f ms, ratio %.0f%n",
                    key,
                    look,
                    bare,
                    look / bare);
        }
    }

    @Test
    void batches() {
        CaseEntry on = new CaseEntry("avocado", "avocado", Slips.NO, Needs.STICK, Growth.ACTIVE, false, null, 3);
        double before = 1;
        for (int n : new int[] {50, 100, 250, 500}) {
            PairEntry batch = new PairEntry(pieces("s", n, 1), pieces("t", n, 2), on, null, null, null, Wrap.CLOCKWISE);
            long start = System.nanoTime();
            int found = pairs.solve(batch, judged -> {}, () -> false).pairs().size();
            double ms = (System.nanoTime() - start) / 1e6;
            System.out.printf(
                    Locale.ROOT,
                    "Pair %3d by %3d: %6.0f ms, %d pairs, ratio to the one before %.1f%n",
                    n,
                    n,
                    ms,
                    found,
                    ms / before);
            before = ms;
        }
    }

    private static List<Piece> pieces(String kind, int n, long seed) {
        Random random = new Random(seed);
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            pieces.add(new Piece(kind + i, Math.round((5 + random.nextDouble() * 9) * 10) / 10.0, null, null));
        }
        return pieces;
    }
}
