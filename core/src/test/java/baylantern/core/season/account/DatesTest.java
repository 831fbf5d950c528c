package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.BudStage;
import baylantern.core.season.flush.CanopyShares;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Trees that keep their dates of the year, made up with a random number apart from what reckons them. */
class DatesTest {

    private static final int START = 19_000;
    private static final int YEARS = 4;
    private static final int[] DATES = {40, 160, 290};

    private static TreeRecord tree(long plant, int lag, double spread, SplittableRandom random, int years) {
        CanopyShares rest = CanopyShares.all(BudStage.R);
        List<TreeRecord.Seen> swells = new ArrayList<>();
        for (int year = 0; year < years; year++) {
            for (int date : DATES) {
                int day = START
                        + (int) Math.round(year * YearDay.YEAR_DAYS + date + lag + spread * random.nextGaussian());
                swells.add(new TreeRecord.Seen(day, day - 4, day + 4));
            }
        }
        List<TreeRecord.Look> looks = IntStream.rangeClosed(0, 12 * years)
                .mapToObj(month -> new TreeRecord.Look(START + (int) (month * YearDay.YEAR_DAYS / 12), rest))
                .toList();
        return new TreeRecord(plant, looks, swells);
    }

    private static List<TreeRecord> trees(double spread, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        return IntStream.range(0, 9)
                .mapToObj(i -> tree(i, 4 * (i - 4), spread, random, YEARS))
                .toList();
    }

    @Test
    void whoIsLaterThanItsKinIsFoundOut() {
        for (long seed = 1; seed <= 10; seed++) {
            Map<Long, Integer> lags = Lags.of(trees(6, seed), 7);
            for (long plant = 0; plant < 9; plant++) {
                assertThat(lags.get(plant)).isCloseTo((int) (4 * (plant - 4)), within(8));
            }
        }
        assertThat(Lags.of(List.of(trees(6, 1).get(8)), 7))
                .as("alone it is late to nobody")
                .containsEntry(8L, 0);
    }

    @Test
    void theChancesOfALaterYearAreTrue() {
        int below = 0;
        int count = 0;
        double sum = 0;
        for (long seed = 1; seed <= 20; seed++) {
            List<TreeRecord> all = trees(8, seed);
            int until = START + (int) ((YEARS - 1) * YearDay.YEAR_DAYS) - 20;
            List<TreeRecord> known = all.stream().map(tree -> tree.until(until)).toList();
            Dates dates = new Dates(known, Lags.of(known, 7), 7, 3);
            for (TreeRecord tree : all) {
                for (int i = 3 * (YEARS - 1); i < 3 * YEARS; i++) {
                    int from = tree.swells().get(i - 1).day();
                    int to = tree.swells().get(i).day();
                    double by = 1 - Math.exp(-dates.of(tree.plant()).since(from).rate(to));
                    sum += by;
                    below += by > 0.1 && by < 0.9 ? 1 : 0;
                    count++;
                }
            }
        }
        // The chance given by the day it came is even from 0 to 1 where chances are true.
        assertThat(sum / count).isCloseTo(0.5, within(0.08));
        assertThat(below / (double) count).isBetween(0.75, 0.95);
    }

    @Test
    void aTreeThatKeepsItsDatesDoesNotSwellBetweenThemNorMissOne() {
        List<TreeRecord> trees = trees(3, 2);
        DatesClock clock = new Dates(trees, Lags.of(trees, 7), 7, 3).of(4);
        int swell = START + DATES[0] + (int) (YEARS * YearDay.YEAR_DAYS);
        double before = Math.exp(-clock.since(swell).rate(swell + 80));
        double after = Math.exp(-clock.since(swell).rate(swell + 150));
        assertThat(before).isGreaterThan(0.9);
        assertThat(after).isLessThan(0.2);
        assertThat(clock.since(swell).turns(swell + 365)).isCloseTo(3, within(0.6));
    }

    @Test
    void aTreeAloneThatSwellsOnceAYearIsExpectedOnItsDate() {
        TreeRecord three = tree(1, 0, 0, new SplittableRandom(1), YEARS);
        List<TreeRecord.Seen> once = IntStream.range(0, YEARS)
                .mapToObj(year -> three.swells().get(DATES.length * year))
                .toList();
        List<TreeRecord> trees = List.of(new TreeRecord(1, three.looks(), once));
        DatesClock clock = new Dates(trees, Lags.of(trees, 9), 9, 3).of(1);
        int swell = once.get(YEARS - 1).day();
        assertThat(clock.since(swell).turns(swell + 365 + 45))
                .as("swells a year")
                .isBetween(0.9, 1.6);
        double on =
                clock.since(swell).turns(swell + 365 + 8) - clock.since(swell).turns(swell + 365 - 8);
        double between =
                clock.since(swell).turns(swell + 185 + 8) - clock.since(swell).turns(swell + 185 - 8);
        assertThat(on).isGreaterThan(8 * between);
    }

    @Test
    void whereEveryDayIsAlikeTheClockIsASumOfDays() {
        double[] even = new double[YearRates.DAYS];
        java.util.Arrays.fill(even, 0.01);
        DatesClock clock = new DatesClock(new YearRates(even));
        for (int swell : new int[] {19_000, 19_200, 19_357}) {
            double last = 0;
            for (int days = 0; days < 300; days++) {
                double turns = clock.since(swell).turns(swell + days);
                double counted = 0;
                for (int rested : new int[] {25, 31, 37, 43}) {
                    counted += Math.max(0, days + 1 - rested) * 0.01 / 4;
                }
                assertThat(turns).isCloseTo(counted, within(0.011));
                double rate = clock.since(swell).rate(swell + days);
                assertThat(rate).isGreaterThanOrEqualTo(last - 1e-12).isFinite();
                last = rate;
            }
        }
    }
}
