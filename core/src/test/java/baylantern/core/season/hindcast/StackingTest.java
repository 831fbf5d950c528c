package baylantern.core.season.hindcast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.season.account.Steps;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Weights, widths and shares of days against counting. */
class StackingTest {

    private static List<Stacking.Scored> cases(long seed, int count) {
        SplittableRandom random = new SplittableRandom(seed);
        return IntStream.range(0, count)
                .mapToObj(i -> new Stacking.Scored(
                        new double[] {random.nextDouble(), random.nextDouble() * 0.8, random.nextDouble() * 1.1}, 1))
                .toList();
    }

    @Test
    void noWeightsOnAGridScoreBetter() {
        for (long seed = 1; seed <= 20; seed++) {
            List<Stacking.Scored> cases = cases(seed, 40);
            double[] even = {1 / 3.0, 1 / 3.0, 1 / 3.0};
            double best = Stacking.score(Stacking.weights(even, 1e-9, cases), cases);
            for (double a = 0; a <= 1; a += 0.02) {
                for (double b = 0; a + b <= 1; b += 0.02) {
                    double grid = Stacking.score(new double[] {a, b, Math.max(0, 1 - a - b)}, cases);
                    assertThat(grid).isLessThan(best + 2e-3);
                }
            }
        }
    }

    @Test
    void withoutCasesTheWeightsHeldBeforehandStayAndWithManyTheyGo() {
        double[] prior = {0.8, 0.1, 0.1};
        assertThat(Stacking.weights(prior, 5, List.of())).containsExactly(prior, within(1e-12));
        List<Stacking.Scored> second = IntStream.range(0, 300)
                .mapToObj(i -> new Stacking.Scored(new double[] {0.01, 0.5, 0.01}, 1))
                .toList();
        assertThat(Stacking.weights(prior, 5, second)[1]).isGreaterThan(0.95);
    }

    @Test
    void whoHadNothingToSayNeitherWinsNorLosesByIt() {
        SplittableRandom random = new SplittableRandom(11);
        List<Stacking.Scored> spoken = new ArrayList<>();
        List<Stacking.Scored> all = new ArrayList<>();
        for (int i = 0; i < 80; i++) {
            double others = random.nextDouble();
            spoken.add(new Stacking.Scored(new double[] {others, others, random.nextDouble() * 1.2}, 1));
            all.add(new Stacking.Scored(new double[] {others, others, Stacking.SILENT}, 1));
        }
        all.addAll(spoken);
        double[] even = Stacking.even(3);
        double alone = Stacking.weights(even, 1e-9, spoken)[2];
        assertThat(alone).isBetween(0.3, 0.9);
        assertThat(Stacking.weights(even, 1e-9, all)[2]).isCloseTo(alone, within(0.01));
    }

    static Days uniform(int first, int last) {
        double[] chances = new double[Steps.count()];
        for (int i = 0; i < chances.length - 1; i++) {
            int end = Steps.end(i);
            int begin = i == 0 ? 0 : Steps.end(i - 1);
            chances[i] = Math.max(0, Math.min(end, last) - Math.max(begin, first));
        }
        return new Days(chances);
    }

    @Test
    void sharesAndDaysAreEachOthersInverse() {
        Days days = uniform(10, 110);
        for (double share = 0.02; share < 1; share += 0.02) {
            assertThat(days.by(days.at(share))).isCloseTo(share, within(1e-9));
            assertThat(days.at(share)).isCloseTo(10 + 100 * share, within(2.5));
        }
    }

    @Test
    void correctedSharesAndDaysAreEachOthersInverseToo() {
        Days days = uniform(10, 110);
        for (int off : new int[] {-30, 0, 40}) {
            List<Widths.Miss> misses = new ArrayList<>();
            for (int i = 0; i < 200; i++) {
                misses.add(new Widths.Miss(new Widths.Range(20, 60, 100), 60 + off + i % 50, false, 1000, 1));
            }
            Widths widths = new Widths(misses, Tails.wanted(), 1000);
            for (double share = 0.02; share < 1; share += 0.02) {
                assertThat(widths.by(days, widths.at(days, share))).isCloseTo(share, within(1e-9));
            }
        }
    }

    @Test
    void aTenthOfPastMissesLiesBeyondEachEnd() {
        SplittableRandom random = new SplittableRandom(4);
        List<Widths.Miss> misses = new ArrayList<>();
        for (int i = 0; i < 4000; i++) {
            // Told 20 to 60 with the middle at 40; truth spread twice as wide and later.
            double came = 46 + 30 * random.nextGaussian();
            misses.add(new Widths.Miss(new Widths.Range(20, 40, 60), came, false, 1000, 1));
        }
        Widths widths = new Widths(misses, Tails.wanted(), 1000);
        Days told = uniform(15, 65);
        Widths.Range range = widths.of(told);
        long held = misses.stream()
                .filter(miss -> range.low() <= miss.came() && miss.came() <= range.high())
                .count();
        assertThat(held / 4000.0).isBetween(0.75, 0.84);
        assertThat(new Widths(List.of(), Tails.wanted(), 0).of(told).high())
                .as("begun wide")
                .isGreaterThan(told.at(0.9));
        double[] rising = IntStream.range(1, 100)
                .mapToDouble(i -> widths.at(told, i / 100.0))
                .toArray();
        assertThat(rising).isSorted().doesNotContain(0.0);
        assertThat(Arrays.stream(rising).min().orElseThrow()).isPositive();
    }

    /** Product-limit estimate of Kaplan and Meier 1958, straight from its formula. */
    private static double laterThan(double off, List<Widths.Off> all) {
        double stays = 1;
        for (Widths.Off one : all) {
            if (!one.open() && one.off() <= off) {
                double left = all.stream()
                        .filter(other -> other.off() >= one.off())
                        .mapToDouble(Widths.Off::weight)
                        .sum();
                stays *= 1 - one.weight() / left;
            }
        }
        return stays;
    }

    @Test
    void whatHasNotComeYetCountsAsTheProductLimitSays() {
        SplittableRandom random = new SplittableRandom(5);
        List<Widths.Off> all = new ArrayList<>();
        double unseen = 0;
        for (int i = 0; i < 400; i++) {
            double came = -Math.log(random.nextDouble());
            double looked = 2 * random.nextDouble();
            all.add(new Widths.Off(Math.min(came, looked), 0.5 + random.nextDouble(), came > looked));
            unseen += came > looked ? 1 : 0;
        }
        assertThat(unseen).isGreaterThan(100);
        List<Widths.Off> sure = Widths.sure(all);
        double whole = all.stream().mapToDouble(Widths.Off::weight).sum();
        for (double off = 0.1; off < 1.9; off += 0.1) {
            double until = off;
            double share = sure.stream()
                            .filter(one -> one.off() <= until)
                            .mapToDouble(Widths.Off::weight)
                            .sum()
                    / whole;
            assertThat(share).isCloseTo(1 - laterThan(off, all), within(1e-9));
            assertThat(share).as("of an exponential").isCloseTo(1 - Math.exp(-off), within(0.08));
        }
    }

    @Test
    void whatIsLateBeyondAllThatCameIsNotForgotten() {
        List<Widths.Off> all = List.of(
                new Widths.Off(0.5, 1, false),
                new Widths.Off(1, 2, true),
                new Widths.Off(0.2, 1, false),
                new Widths.Off(2, 1, true));
        assertThat(Widths.sure(all))
                .containsExactly(
                        new Widths.Off(0.2, 1, false), new Widths.Off(0.5, 1, false), new Widths.Off(2, 3, false));
    }

    @Test
    void rangesOfAFarmThatIsLateGoFartherForWhatHasNotCome() {
        List<Widths.Miss> misses = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            misses.add(new Widths.Miss(new Widths.Range(20, 40, 60), 40 + i % 20, false, 1000, 1));
        }
        Days told = uniform(15, 65);
        double without = new Widths(misses, Tails.wanted(), 1000).of(told).high();
        for (int i = 0; i < 10; i++) {
            misses.add(new Widths.Miss(new Widths.Range(20, 40, 60), 58, true, 1000, 1));
        }
        assertThat(new Widths(misses, Tails.wanted(), 1000).of(told).high()).isGreaterThan(without);
    }
}
