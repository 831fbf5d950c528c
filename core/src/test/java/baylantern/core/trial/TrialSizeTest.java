package baylantern.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How often a trial errs, tried on farms whose lots and hands differ. */
class TrialSizeTest {

    private static final double TENTH = 0.1;
    private static final int RUNS = 4000;

    /** Jennison and Turnbull, Group Sequential Methods (2000), tables 2.3 and 2.4, two-sided. */
    @Test
    void boundsAndWhatTheyCostAreThosePublished() {
        double[] tenth = {1.645, 1.678, 1.710, 1.733, 1.751};
        double[] twentieth = {1.960, 1.977, 2.004, 2.024, 2.040};
        double[] dearer = {1, 1.008, 1.017, 1.024, 1.028};
        double plain = StoppingBounds.of(1, 0.05).drift(0.8);
        for (int k = 1; k <= 5; k++) {
            assertThat(StoppingBounds.of(k, TENTH).last()).isCloseTo(tenth[k - 1], within(6e-4));
            StoppingBounds bounds = StoppingBounds.of(k, 0.05);
            assertThat(bounds.last()).isCloseTo(twentieth[k - 1], within(6e-4));
            double drift = bounds.drift(0.8) / plain;
            assertThat(drift * drift).isCloseTo(dearer[k - 1], within(6e-4));
            assertThat(bounds.at(k)).isEqualTo(bounds.last());
            assertThat(bounds.at(1)).isCloseTo(bounds.last() * Math.sqrt(k), within(1e-9));
        }
    }

    /** One reading: Fleiss's formula by hand, 0.6 against 0.8 at 0.1 with 0.8. */
    @Test
    void aSizeIsThatOfTheFormula() {
        double root = (1.6449 * Math.sqrt(2 * 0.7 * 0.3) + 0.8416 * Math.sqrt(0.24 + 0.16)) / 0.2;
        assertThat(TrialSize.of(0.6, 0.2, 0.8, StoppingBounds.of(1, TENTH)).each())
                .isEqualTo((int) Math.ceil(root * root));
        assertThat(TrialSize.of(0.8, -0.2, 0.8, StoppingBounds.of(1, TENTH)).each())
                .isEqualTo((int) Math.ceil(root * root));
        assertThatIllegalArgumentException().isThrownBy(() -> TrialSize.of(0.9, 0.2, 0.8, StoppingBounds.of(1, TENTH)));
    }

    @Test
    void readingsAreDueAtTheirShareAndNeverBefore() {
        TrialSize size = new TrialSize(25, StoppingBounds.of(3, TENTH));
        assertThat(IntStream.of(16, 17, 33, 34, 49, 50, 70).map(size::reading)).containsExactly(0, 1, 1, 2, 2, 3, 3);
        assertThat(size.due(3)).isEqualTo(50);
    }

    @Test
    void falseAlarmsAreAtMostAsToldAndTheSizeHoldsThePromisedPower() {
        double[][] rates = {{0.6, 0.2}, {0.75, 0.15}, {0.5, -0.25}};
        for (int readings = 1; readings <= 3; readings++) {
            StoppingBounds bounds = StoppingBounds.of(readings, TENTH);
            for (double[] rate : rates) {
                TrialSize size = TrialSize.of(rate[0], rate[1], 0.8, bounds);
                double told = told(size, rate[0], rate[1], new Random(11));
                double alarms = told(size, rate[0], 0, new Random(12));
                System.out.printf(
                        "trial of %d each, %d readings: told %.3f, false alarms %.3f%n",
                        size.each(), readings, told, alarms);
                assertThat(told).isCloseTo(0.8, within(0.03));
                assertThat(alarms).isLessThanOrEqualTo(TENTH + 0.01);
            }
        }
    }

    /** Lots and hands that differ; the first readings come late by a few grafts now and then. */
    private static double told(TrialSize size, double rate, double difference, Random random) {
        int told = 0;
        for (int run = 0; run < RUNS; run++) {
            List<PairedTakes.Among> all = new ArrayList<>();
            int last = 0;
            Reading reading = Reading.OPEN;
            while (reading == Reading.OPEN) {
                int left = 2 * size.each() - new PairedTakes(all).decided();
                all.add(among(Math.min(left, 2 * (1 + random.nextInt(6))), rate, difference, random));
                PairedTakes takes = new PairedTakes(all);
                int due = size.reading(takes.decided());
                if (due > last) {
                    reading = Reading.of(takes, size.bounds(), due);
                    last = due;
                }
            }
            told += reading == Reading.ALIKE ? 0 : 1;
        }
        return told / (double) RUNS;
    }

    // The luck of a lot moves both arms alike.
    private static PairedTakes.Among among(int grafts, double rate, double difference, Random random) {
        double luck = random.nextDouble() < 0.5 ? 0.04 : -0.04;
        int aTook = 0;
        int bTook = 0;
        for (int i = 0; i < grafts / 2; i++) {
            aTook += random.nextDouble() < rate + difference + luck ? 1 : 0;
            bTook += random.nextDouble() < rate + luck ? 1 : 0;
        }
        return new PairedTakes.Among(grafts / 2, aTook, grafts / 2, bTook);
    }

    @Test
    void aPairFallsEitherWayAsOftenAndAlwaysTheSameWay() {
        long heads = IntStream.range(0, 10_000)
                .filter(pair -> PairCoin.firstIsA(5, pair))
                .count();
        assertThat(heads).isBetween(4850L, 5150L);
        long turns = IntStream.range(1, 10_000)
                .filter(pair -> PairCoin.firstIsA(5, pair) != PairCoin.firstIsA(5, pair - 1))
                .count();
        assertThat(turns).isBetween(4850L, 5150L);
        assertThat(IntStream.range(0, 50).mapToObj(pair -> PairCoin.firstIsA(7, pair)))
                .isEqualTo(IntStream.range(0, 50)
                        .mapToObj(pair -> PairCoin.firstIsA(7, pair))
                        .toList());
    }
}
