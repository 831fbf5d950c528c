package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** The clock that rain, cold and season hurry: what is learned of it, on trees made up apart from it. */
class HurryTest {

    private static final int DAYS = 1200;
    private static final double USUAL = 10;
    private static final double WANTED = 1000;
    private static final int PULSE = 1 + YearDay.WAVES;
    private static final Accounts.Grounds GROUNDS =
            new Accounts.Grounds(Rulebook.shipped().flush(), WANTED, USUAL, 0);

    // Spells of some weeks that hold or do not, in weather that is warm or cool by turns.
    private static SkyDays sky(SplittableRandom random) {
        double[] sums = new double[DAYS];
        double[][] drivers = new double[DAYS][Drivers.COUNT];
        SunTurn sun = new SunTurn(0, DAYS, 27);
        double spell = 0;
        double warm = 1;
        double sum = 0;
        for (int day = 0; day < DAYS; day++) {
            if (day % 45 == 0) {
                spell = random.nextInt(2) - 0.5;
                warm = 0.6 + 0.8 * random.nextDouble();
            }
            sum += USUAL * warm;
            sums[day] = sum;
            System.arraycopy(sun.waves(day), 0, drivers[day], 0, YearDay.WAVES);
            drivers[day][PULSE - 1] = spell;
        }
        return new SkyDays(0, DAYS, sums, new double[] {sum}, drivers, new double[][] {drivers[DAYS - 1]});
    }

    /** Trees whose clock goes by warmth to a power, times e to so much of the spell, with some scatter. */
    private static List<TreeRecord> trees(SkyDays sky, double byWarmth, double bySpell, SplittableRandom random) {
        List<TreeRecord> trees = new ArrayList<>();
        for (int plant = 1; plant <= 12; plant++) {
            List<TreeRecord.Seen> swells = new ArrayList<>();
            double own = 0.1 * random.nextGaussian();
            double left = WANTED * random.nextDouble();
            for (int day = 1; day < DAYS; day++) {
                double warmth = (sky.warmth(day) - sky.warmth(day - 1)) / USUAL;
                left -= USUAL * Math.pow(warmth, byWarmth) * Math.exp(bySpell * sky.drivers(day)[PULSE - 1]);
                if (left <= 0) {
                    swells.add(new TreeRecord.Seen(day, day - 2, day + 2));
                    left = WANTED * Math.exp(own + 0.1 * random.nextGaussian());
                }
            }
            trees.add(new TreeRecord(plant, List.of(), swells));
        }
        return trees;
    }

    private static Hurry learned(double byWarmth, double bySpell) {
        SplittableRandom random = new SplittableRandom(11);
        SkyDays sky = sky(random);
        List<TreeRecord> trees = trees(sky, byWarmth, bySpell, random);
        return HurryTurns.learn(GROUNDS, Gaps.of(trees, sky, GROUNDS).plain(), sky);
    }

    @Test
    void whatHurriesTheTreesIsFoundAndASteadyTreeStaysSteady() {
        assertThat(learned(1, 0.5).weights()[PULSE]).isCloseTo(0.5, within(0.15));
        assertThat(learned(1, -0.4).weights()[PULSE]).isCloseTo(-0.4, within(0.15));
        Hurry steady = learned(1, 0);
        assertThat(steady.weights()[PULSE]).isCloseTo(0, within(0.08));
        assertThat(steady.weights()[0]).isCloseTo(1, within(0.15));
        assertThat(learned(0.3, 0).weights()[0]).isCloseTo(0.3, within(0.2));
    }

    @Test
    void withNothingSeenItGoesByWarmthAndGoesOnWhereThePastEnds() {
        SkyDays sky = sky(new SplittableRandom(4));
        Hurry none = HurryTurns.learn(GROUNDS, List.of(), sky);
        double[] past = none.past(sky);
        for (int day = 1; day < DAYS; day++) {
            double warmth = (sky.warmth(day) - sky.warmth(day - 1)) / USUAL;
            assertThat(past[day] - past[day - 1]).isCloseTo(USUAL * Math.pow(warmth, Hurry.BY_WARMTH), within(1e-9));
        }
        double[][] drivers = new double[2][Drivers.COUNT];
        SkyDays on = new SkyDays(
                0,
                500,
                sky.pastWarmth(),
                new double[] {sky.warmth(499) + USUAL, sky.warmth(499) + 3 * USUAL},
                sky.pastDrivers(),
                drivers);
        assertThat(none.ahead(on, past))
                .containsExactly(
                        new double[] {past[499] + USUAL, past[499] + USUAL * (1 + Math.pow(2, Hurry.BY_WARMTH))},
                        within(1e-9));
    }

    // The likelihood of some values with the coefficient summed out, without any algebra.
    private static double summedOut(double[] values, double spread) {
        double sum = 0;
        for (double c = -6; c < 6; c += 0.001) {
            double log = -c * c / 2 / spread / spread;
            for (int x = 0; x < values.length; x++) {
                double off = values[x] - c * (x + 1);
                log -= off * off / 2;
            }
            sum += 0.001 * Math.exp(log) / spread;
        }
        return Math.log(sum);
    }

    @Test
    void theEvidenceForASpreadIsTheLikelihoodWithTheCoefficientsSummedOut() {
        double[] values = {0.9, 1.4, 2.7};
        Ridge ridge = new Ridge(1);
        for (int x = 0; x < values.length; x++) {
            ridge.add(new double[] {x + 1}, 1, values[x]);
        }
        double by = ridge.fit(new double[] {1}).evidence()
                - ridge.fit(new double[] {0.05}).evidence();
        assertThat(by).isCloseTo(summedOut(values, 1) - summedOut(values, 0.05), within(1e-3));
    }

    /** A normal known beforehand as 2 ± 0.5, seen four times at 3 ± 1: the mean weighed by precision, 2.5. */
    @Test
    void aCoefficientIsDrawnToWhatItIsBeforehand() {
        Ridge ridge = new Ridge(new double[] {2});
        ridge.add(new double[] {1}, 4, 4 * 3);
        assertThat(ridge.fit(new double[] {0.5}).coefficients()[0]).isCloseTo(2.5, within(1e-12));
        assertThat(new Spreads(List.of(new Spreads.Group(1, 0.5))).coefficients(ridge)[0])
                .isCloseTo(2.5, within(1e-12));
    }

    @Test
    void whatShowsIsLetInAndWhatDoesNotStaysOut() {
        Ridge ridge = new Ridge(2);
        for (int i = 0; i < 40; i++) {
            double[] row = {i % 2 == 0 ? 1 : -1, i % 4 < 2 ? 1 : -1};
            double value = 0.4 * row[0] + 0.06 * row[1];
            ridge.add(row, 25, 25 * value);
        }
        double[] spreads = {0.02, 0.1, 0.5};
        double[] apart =
                new Spreads(List.of(new Spreads.Group(1, spreads), new Spreads.Group(1, spreads))).coefficients(ridge);
        assertThat(apart[0]).isCloseTo(0.4, within(0.01));
        assertThat(apart[1]).isBetween(0.0, 0.045);
        double[] wide = ridge.fit(new double[] {0.5, 0.5}).coefficients();
        assertThat(wide[1]).isCloseTo(0.06, within(0.002));
    }

    /** Settled group by group they are what every combination of spreads, fitted whole and counted by its evidence, says. */
    @Test
    void groupByGroupIsAsAllCombinationsWhole() {
        SplittableRandom chance = new SplittableRandom(7);
        Ridge ridge = new Ridge(4);
        for (int i = 0; i < 30; i++) {
            double[] row = chance.doubles(4, -1, 1).toArray();
            ridge.add(row, 4, 4 * (0.5 * row[0] - 0.2 * row[2] + row[3] + chance.nextGaussian() / 2));
        }
        double[] tried = {0.05, 0.2, 0.7};
        List<Ridge.Fit> whole = new ArrayList<>();
        for (double first : tried) {
            for (double second : tried) {
                whole.add(ridge.fit(new double[] {first, second, second, 0.3}));
            }
        }
        double all = whole.stream().mapToDouble(fit -> Math.exp(fit.evidence())).sum();
        double[] found = new Spreads(
                        List.of(new Spreads.Group(1, tried), new Spreads.Group(2, tried), new Spreads.Group(1, 0.3)))
                .coefficients(ridge);
        for (int i = 0; i < found.length; i++) {
            int at = i;
            double mean = whole.stream()
                    .mapToDouble(fit -> Math.exp(fit.evidence()) * fit.coefficients()[at] / all)
                    .sum();
            assertThat(found[i]).isCloseTo(mean, within(1e-9));
        }
    }
}
