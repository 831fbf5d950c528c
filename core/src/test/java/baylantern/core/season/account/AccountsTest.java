package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;

/** The parts of the accounts against sums and closed forms. */
class AccountsTest {

    private static final Accounts.Grounds GROUNDS =
            new Accounts.Grounds(Rulebook.shipped().flush(), 1000, 10, 0);

    @Test
    void theRateByAnAgeIsThatOfTwoLogNormals() {
        NormalDistribution normal = NormalDistribution.of(0, 1);
        for (double ratio : new double[] {0.3, 0.7, 1, 1.4, 2.5}) {
            double z = Math.log(ratio) / 0.3;
            double stays = 0.9 * normal.survivalProbability(z) + 0.1 * normal.survivalProbability(z / 2.2);
            assertThat(Math.exp(-Age.rate(ratio, 0.3))).isCloseTo(stays, within(2e-3));
        }
    }

    @Test
    void theTableOfAnAgeIsTheAge() {
        for (double spread : new double[] {0.08, 0.2, 0.45}) {
            AgeTable table = new AgeTable(new Levels.Belief(Math.log(900), spread, 3));
            for (double days = 0; days < 9000; days += 7) {
                double ratio = days * table.per();
                double rate = Age.rate(ratio, spread);
                assertThat(Math.exp(-table.rate(ratio))).isCloseTo(Math.exp(-rate), within(2e-3));
                assertThat(table.rate(ratio)).isCloseTo(rate, within(0.01 + 0.01 * rate));
            }
        }
    }

    // Prior times likelihood summed over farm mean and tree mean, without any algebra.
    private static double byGrid(double[] own, double[] other, double scatter) {
        double mass = 0;
        double mean = 0;
        for (double m = -2; m < 2; m += 0.02) {
            double farm = density(m, 0, 0.25);
            double others = 0;
            for (double o = -2; o < 2; o += 0.02) {
                others += density(o, m, 0.25) * likely(other, o, scatter) * 0.02;
            }
            for (double t = -2; t < 2; t += 0.02) {
                double p = farm * others * density(t, m, 0.25) * likely(own, t, scatter);
                mass += p;
                mean += p * t;
            }
        }
        return mean / mass;
    }

    private static double likely(double[] values, double mean, double spread) {
        double product = 1;
        for (double value : values) {
            product *= density(value, mean, spread);
        }
        return product;
    }

    private static double density(double x, double mean, double sd) {
        return Math.exp(-(x - mean) * (x - mean) / (2 * sd * sd)) / (sd * Math.sqrt(2 * Math.PI));
    }

    @Test
    void aTreesMeanAgreesWithTheSumOverAGrid() {
        double[] own = {0.3, 0.2};
        double[] other = {-0.2, -0.25, -0.15};
        List<Levels.Value> values = new ArrayList<>();
        for (double value : own) {
            values.add(new Levels.Value(1, value, 0));
        }
        for (double value : other) {
            values.add(new Levels.Value(2, value, 0));
        }
        Levels levels = new Levels(Levels.Prior.between(0, 0.25, 0.25, 0.18), values);
        double spread = levels.next(1).spread();
        double scatter = levels.scatter();
        assertThat(spread).isGreaterThan(scatter);
        assertThat(levels.mean(1)).isCloseTo(byGrid(own, other, scatter), within(2e-3));
        assertThat(levels.mean(9)).isCloseTo(byGrid(new double[0], other, scatter) / 1, within(0.15));
    }

    @Test
    void howFarValuesScatterIsLearned() {
        SplittableRandom random = new SplittableRandom(3);
        for (double truth : new double[] {0.1, 0.2, 0.35}) {
            List<Levels.Value> values = new ArrayList<>();
            for (int plant = 0; plant < 40; plant++) {
                double mean = 0.2 * random.nextGaussian();
                for (int i = 0; i < 8; i++) {
                    values.add(new Levels.Value(plant, mean + truth * random.nextGaussian(), 0));
                }
            }
            Levels levels = new Levels(Levels.Prior.between(0, 0.25, 0.25, 0.18), values);
            assertThat(levels.scatter()).isCloseTo(truth, within(0.25 * truth));
        }
    }

    private static double[] line(double spread) {
        Ridge ridge = new Ridge(2);
        for (int x = 0; x < 4; x++) {
            ridge.add(new double[] {1, x}, 1, 2 + 3 * x);
        }
        return ridge.fit(new double[] {spread, spread}).coefficients();
    }

    @Test
    void leastSquaresFindTheLineTheyAreDrawnOn() {
        assertThat(line(1e5)).containsExactly(new double[] {2, 3}, within(1e-6));
        assertThat(line(1e-5)).containsExactly(new double[] {0, 0}, within(1e-6));
    }

    private static TreeRecord swelled(long plant, int... days) {
        List<TreeRecord.Seen> swells = new ArrayList<>();
        for (int day : days) {
            swells.add(new TreeRecord.Seen(day, day - 3, day + 3));
        }
        return new TreeRecord(plant, List.of(), swells);
    }

    private static SkyDays tenADay() {
        double[] sums = java.util.stream.IntStream.range(0, 1500)
                .mapToDouble(i -> 10.0 * i)
                .toArray();
        double[][] none = new double[1500][Drivers.NUMBERS];
        return new SkyDays(0, 1500, sums, new double[] {15_000}, none, none);
    }

    @Test
    void aGapTwiceAsLongHidAFlushAndTeachesNothing() {
        TreeRecord tree = swelled(1, 50, 150, 255, 353, 571, 670);
        Gaps gaps = Gaps.of(List.of(tree), tenADay(), GROUNDS);
        assertThat(gaps.plain()).hasSize(4);
        assertThat(gaps.hidAFlush(1, tree.swells().get(4))).isTrue();
        assertThat(gaps.hidAFlush(1, tree.swells().get(3))).isFalse();
        assertThat(gaps.hidAFlush(2, tree.swells().get(4))).isFalse();
    }

    @Test
    void howOftenAFlushGoesUnseenIsLearned() {
        assertThat(Gaps.of(List.of(), tenADay(), GROUNDS).unseen())
                .as("beforehand")
                .isCloseTo(0.1, within(1e-9));
        TreeRecord each = swelled(1, 50, 150, 255, 353, 452, 550, 651, 750, 849, 951, 1050, 1149, 1251, 1350);
        assertThat(Gaps.of(List.of(each), tenADay(), GROUNDS).unseen()).isLessThan(0.05);
        TreeRecord some = swelled(1, 50, 150, 255, 353, 571, 670, 769, 968, 1068, 1169, 1370);
        assertThat(Gaps.of(List.of(some), tenADay(), GROUNDS).unseen()).isBetween(0.15, 0.25);
    }

    @Test
    void whatARhythmRestsOnIsSaid() {
        Rhythm unlearned = Accounts.Grounds.unlearned(GROUNDS.rules(), 1000);
        assertThat(unlearned.basis()).isEqualTo(Rhythm.Basis.SPECIES_PRIOR);
        assertThat(unlearned.warmthAt(0.5)).isCloseTo(1000, within(1e-6));
        Accounts learned = Accounts.learn(GROUNDS, List.of(swelled(1, 50, 150, 255)), tenADay());
        assertThat(learned.rhythm(1).basis()).isEqualTo(Rhythm.Basis.OWN);
        assertThat(learned.rhythm(7).basis()).isEqualTo(Rhythm.Basis.FARM);
        assertThat(learned.rhythm(1).warmthAt(0.5)).isBetween(1000.0, 1050.0);
    }

    @Test
    void theDriversKnowLongDaysAndRainAfterADrySpell() {
        double[] rain = new double[400];
        double[] mean = new double[400];
        java.util.Arrays.fill(mean, 20);
        rain[200] = 60;
        Stretch days = new Stretch(rain, mean, mean, new double[0]);
        double[][] north = new Drivers(20_000, days, 900, 14, new SunTurn(20_000, 400, 30)).from(0, 400);
        assertThat(north[199][4]).isEqualTo(-0.5);
        assertThat(north[201][4]).as("the rain broke the dry spell").isGreaterThan(1);
        assertThat(north[236][4]).as("forgotten after some weeks").isEqualTo(-0.5);
        double[][] south = new Drivers(20_000, days, 900, 14, new SunTurn(20_000, 400, -30)).from(0, 400);
        assertThat(north[201][5]).isCloseTo(-south[201][5], within(1e-9));
    }
}
