package baylantern.core.take.gain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.take.Belief;
import baylantern.core.take.BetaBelief;
import baylantern.core.take.TakeCount;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DuelTest {

    private static Belief belief(double taken, double failed) {
        return BetaBelief.FLAT.after(taken, failed);
    }

    private static Duel duel(int takenA, int ofA, int takenB, int ofB) {
        return Duel.of(
                belief(takenA, ofA - takenA),
                belief(takenB, ofB - takenB),
                new TakeCount(takenA, ofA - takenA, 0, 0),
                new TakeCount(takenB, ofB - takenB, 0, 0),
                0.9,
                0.8,
                400);
    }

    @Test
    void theChanceThatOneIsBetterIsWhatDrawsGive() {
        Random random = new Random(2);
        Belief a = belief(14, 6);
        Belief b = belief(9, 11);
        double better = 0;
        for (int i = 0; i < 200_000; i++) {
            better += a.quantile(random.nextDouble()) > b.quantile(random.nextDouble()) ? 1 : 0;
        }
        Duel duel = duel(14, 20, 9, 20);
        assertThat(duel.chance()).isCloseTo(better / 200_000, within(4e-3));
        assertThat(duel.points()).isCloseTo(a.mean() - b.mean(), within(1e-9));
        Duel turned = duel(9, 20, 14, 20);
        assertThat(turned.chance()).isCloseTo(1 - duel.chance(), within(1e-9));
        assertThat(turned.low()).isCloseTo(-duel.high(), within(2e-3));
    }

    @Test
    void soManyMoreOfEachSettleItAsOftenAsIsPromised() {
        int[][] cases = {{14, 20, 9, 20}, {30, 40, 24, 40}, {8, 10, 5, 10}};
        Random random = new Random(6);
        for (int[] one : cases) {
            Integer more = duel(one[0], one[1], one[2], one[3]).more();
            assertThat(more).isNotNull().isPositive();
            double p = (one[0] + 1.0) / (one[1] + 2);
            double q = (one[2] + 1.0) / (one[3] + 2);
            Map<List<Integer>, Boolean> known = new HashMap<>();
            int settled = 0;
            int runs = 1500;
            for (int run = 0; run < runs; run++) {
                int a = one[0] + draws(random, more, p);
                int b = one[2] + draws(random, more, q);
                // Runs often end alike; what follows from the same counts is the same.
                settled += known.computeIfAbsent(List.of(a, b), k -> settles(one, more, a, b)) ? 1 : 0;
            }
            System.out.printf("more of each %d: settled %.3f%n", more, settled / (double) runs);
            assertThat(settled / (double) runs).isCloseTo(0.8, within(0.04));
        }
    }

    private static boolean settles(int[] before, int more, int a, int b) {
        Duel after = Duel.of(
                belief(a, before[1] + more - a),
                belief(b, before[3] + more - b),
                TakeCount.NONE,
                TakeCount.NONE,
                0.9,
                0.8,
                1);
        return after.low() > 0 || after.high() < 0;
    }

    private static int draws(Random random, int n, double p) {
        int taken = 0;
        for (int i = 0; i < n; i++) {
            taken += random.nextDouble() < p ? 1 : 0;
        }
        return taken;
    }

    @Test
    void whatIsSettledNeedsNoMoreAndWhatIsAlikeIsNeverSettled() {
        assertThat(duel(38, 40, 10, 40).more()).isZero();
        assertThat(duel(20, 40, 20, 40).more()).isNull();
        assertThat(duel(0, 0, 0, 0).chance()).isCloseTo(0.5, within(1e-9));
    }
}
