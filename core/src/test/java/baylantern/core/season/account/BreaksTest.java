package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What rain after a dry spell does to the rate of swells, on swells made up apart from it. */
class BreaksTest {

    private static final int SWELLS = 150;
    private static final int LONGEST = 600;

    // A fortnight in seven is one of rain after a dry spell.
    private static double[] strength(SplittableRandom random) {
        double[] strength = new double[LONGEST];
        for (int day = 0; day < LONGEST; day += 14) {
            double rain = random.nextDouble() < 1 / 7.0 ? 0.5 + random.nextDouble() / 2 : 0;
            Arrays.fill(strength, day, Math.min(LONGEST, day + 14), rain);
        }
        return strength;
    }

    private static double rate(int age) {
        return 0.03 * Math.min(1, age / 90.0);
    }

    // Each swells on a day drawn by the rate of its age times that of the rain, and is seen by a look after up to
    // twelve days.
    private static List<Breaks.Followed> swells(double b, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Breaks.Followed> swells = new ArrayList<>();
        while (swells.size() < SWELLS) {
            double[] strength = strength(random);
            double[] rates = new double[LONGEST];
            int came = -1;
            for (int day = 0; day < LONGEST && came < 0; day++) {
                rates[day] = rate(day);
                boolean comes = random.nextDouble() < 1 - Math.exp(-0.5 * Math.exp(b * strength[day]) * rates[day]);
                came = comes ? day : came;
            }
            if (came >= 0) {
                int sure = Math.max(0, came - random.nextInt(12));
                int end = Math.min(came + 1 + random.nextInt(12), LONGEST);
                for (int day = came; day < end; day++) {
                    rates[day] = rate(day);
                }
                swells.add(new Breaks.Followed(Arrays.copyOf(rates, end), Arrays.copyOf(strength, end), sure));
            }
        }
        return swells;
    }

    private static double[] days() {
        return strength(new SplittableRandom(9));
    }

    @Test
    void howManyTimesRainMakesAFlushLikelierIsFound() {
        for (double b : new double[] {0, 1, 2}) {
            double off = 0;
            for (long seed = 1; seed <= 6; seed++) {
                Breaks breaks = Breaks.learn(swells(b, seed), days());
                off += (Math.log(breaks.times(1) / breaks.times(0)) - b) / 6;
                assertThat(breaks.times(0))
                        .as("half the rate by age without rain")
                        .isCloseTo(0.5, within(0.15));
            }
            assertThat(off).as("b = " + b).isCloseTo(0, within(0.2));
        }
    }

    /** With no rain in any of them the level is the swells there were to the rate that was borne, one more beforehand (Gelman and others 2013, section 2.6). */
    @Test
    void withoutRainAsManySwellAsDid() {
        List<Breaks.Followed> swells = new ArrayList<>();
        double borne = 0;
        for (int i = 0; i < 40; i++) {
            double[] rates = new double[20 + i];
            Arrays.fill(rates, 0.01);
            borne += 0.01 * rates.length;
            // Seen on the very day.
            swells.add(new Breaks.Followed(rates, new double[rates.length], rates.length - 1));
        }
        Breaks breaks = Breaks.learn(swells, new double[100]);
        assertThat(breaks.times(0)).isCloseTo(41 / (1 + borne), within(0.02 * 41 / (1 + borne)));
    }

    @Test
    void withNothingSeenTheUsualRateStays() {
        double[] days = days();
        Breaks breaks = Breaks.learn(List.of(), days);
        double mean = Arrays.stream(days).map(breaks::times).average().orElseThrow();
        assertThat(mean).isCloseTo(1, within(0.01));
        assertThat(breaks.times(1)).as("a little likelier").isBetween(1.0, 2.5);
        assertThat(breaks.times(0)).isBetween(0.8, 1.0);
    }

    @Test
    void whatThousandsOfTreesShowIsFoundToo() {
        List<Breaks.Followed> some = swells(2, 3);
        Breaks breaks = Breaks.learn(
                Collections.nCopies(200, some).stream().flatMap(List::stream).toList(), days());
        assertThat(Math.log(breaks.times(1) / breaks.times(0))).isCloseTo(2, within(0.4));
    }

    @Test
    void strongerRainNeverCountsLess() {
        Breaks breaks = Breaks.learn(swells(1, 3), days());
        for (int i = 1; i <= 100; i++) {
            assertThat(breaks.times(i / 100.0)).isGreaterThanOrEqualTo(breaks.times((i - 1) / 100.0));
        }
    }

    @Test
    void treesLookedAtBeforeTheWeatherIsKnownTeachNothingWrong() {
        double[] sums = IntStream.range(0, 300).mapToDouble(i -> 10.0 * i).toArray();
        double[][] none = new double[300][Drivers.NUMBERS];
        SkyDays sky = new SkyDays(1000, 300, sums, new double[] {3000}, none, none);
        Accounts.Grounds grounds = new Accounts.Grounds(Rulebook.shipped().flush(), 1100, 10, 0);
        Gap gap = Gap.of(1, new TreeRecord.Seen(950, 945, 955), new TreeRecord.Seen(1060, 1055, 1065), sky);
        Breaks breaks = Breaks.learn(List.of(gap), Hurry.beforehand(grounds), sky);
        assertThat(breaks.times(0)).isBetween(0.5, 2.0);
    }
}
