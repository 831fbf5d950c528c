package baylantern.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.take.Belief;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PairedTakesTest {

    private static PairedTakes pairs(int both, int onlyA, int onlyB, int none) {
        List<PairedTakes.Among> all = new ArrayList<>();
        add(all, both, 1, 1);
        add(all, onlyA, 1, 0);
        add(all, onlyB, 0, 1);
        add(all, none, 0, 0);
        return new PairedTakes(all);
    }

    private static void add(List<PairedTakes.Among> all, int times, int aTook, int bTook) {
        for (int i = 0; i < times; i++) {
            all.add(new PairedTakes.Among(1, aTook, 1, bTook));
        }
    }

    /** Single pairs: McNemar's statistic (1947, Psychometrika 12, 153–157); both alike tell nothing. */
    @Test
    void ofSinglePairsOnlyThoseThatDifferTell() {
        PairedTakes takes = pairs(20, 12, 5, 9);
        assertThat(takes.apart()).isCloseTo((12 - 5) / Math.sqrt(12 + 5), within(1e-12));
        assertThat(takes.points()).isCloseTo((12 - 5) / 46.0, within(1e-12));
        assertThat(pairs(20, 5, 12, 9).apart()).isCloseTo(-takes.apart(), within(1e-12));
    }

    /** One lot and maker: the hypergeometric mean and variance, summed over all splits of the takes. */
    @Test
    void ofOneGroupTheDistanceIsThatOfAllSplits() {
        int a = 7;
        int b = 9;
        int took = 10;
        double weights = 0;
        double mean = 0;
        double squares = 0;
        for (int k = Math.max(0, took - b); k <= Math.min(a, took); k++) {
            double weight = ways(a, k) * ways(b, took - k);
            weights += weight;
            mean += weight * k;
            squares += weight * k * k;
        }
        mean /= weights;
        double variance = squares / weights - mean * mean;
        assertThat(new PairedTakes(List.of(new PairedTakes.Among(a, 6, b, 4))).apart())
                .isCloseTo((6 - mean) / Math.sqrt(variance), within(1e-10));
    }

    private static double ways(int n, int k) {
        double ways = 1;
        for (int i = 0; i < k; i++) {
            ways *= (n - i) / (double) (i + 1);
        }
        return ways;
    }

    @Test
    void aGoodLotGivenMoreToOneArmDoesNotMakeThatArmBetter() {
        PairedTakes takes =
                new PairedTakes(List.of(new PairedTakes.Among(20, 18, 4, 4), new PairedTakes.Among(4, 1, 20, 4)));
        double plain = 19 / 24.0 - 8 / 24.0;
        assertThat(takes.points()).isBetween(-0.1, 0.1);
        assertThat(plain).isGreaterThan(0.4);
        assertThat(Math.abs(takes.apart())).isLessThan(1);
    }

    @Test
    void whereAllTookOrNothingIsKnownNothingIsTold() {
        for (PairedTakes takes : List.of(new PairedTakes(List.of()), pairs(8, 0, 0, 0), pairs(0, 0, 0, 3))) {
            assertThat(takes.apart()).isZero();
            assertThat(takes.points()).isZero();
            Belief.Range range = takes.range(0.9);
            assertThat(range.low()).isNegative();
            assertThat(range.high()).isPositive();
        }
    }

    @Test
    void theRangeHoldsTheTrueDifferenceNineTimesInTen() {
        Random random = new Random(3);
        int[] sizes = {1, 4, 12};
        for (int size : sizes) {
            int held = 0;
            int runs = 3000;
            for (int run = 0; run < runs; run++) {
                List<PairedTakes.Among> all = new ArrayList<>();
                for (int group = 0; group < 60 / size; group++) {
                    double base = 0.4 + random.nextDouble() * 0.3;
                    all.add(new PairedTakes.Among(
                            size, took(random, size, base + 0.15), size, took(random, size, base)));
                }
                Belief.Range range = new PairedTakes(all).range(0.9);
                held += range.low() <= 0.15 && 0.15 <= range.high() ? 1 : 0;
            }
            System.out.printf("difference in groups of %d: held %.3f%n", size, held / (double) runs);
            assertThat(held / (double) runs).isBetween(0.87, 0.94);
        }
    }

    private static int took(Random random, int grafts, double rate) {
        int took = 0;
        for (int i = 0; i < grafts; i++) {
            took += random.nextDouble() < rate ? 1 : 0;
        }
        return took;
    }
}
