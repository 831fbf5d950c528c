package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;

/** The parts of the accounts against sums and closed forms. */
class AccountsTest {

    @Test
    void theRateByAnAgeIsThatOfTwoLogNormals() {
        NormalDistribution normal = NormalDistribution.of(0, 1);
        for (double ratio : new double[] {0.3, 0.7, 1, 1.4, 2.5}) {
            double z = Math.log(ratio) / 0.3;
            double stays = 0.9 * normal.survivalProbability(z) + 0.1 * normal.survivalProbability(z / 2.2);
            assertThat(Math.exp(-Age.rate(ratio, 0.3))).isCloseTo(stays, within(2e-3));
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
        Levels levels = new Levels(new Levels.Prior(0, 0.25, 0.25, 0.18), values);
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
            Levels levels = new Levels(new Levels.Prior(0, 0.25, 0.25, 0.18), values);
            assertThat(levels.scatter()).isCloseTo(truth, within(0.25 * truth));
        }
    }

    @Test
    void leastSquaresFindTheLineTheyAreDrawnOn() {
        double[][] rows = {{1, 0}, {1, 1}, {1, 2}, {1, 3}};
        double[] left = {2, 5, 8, 11};
        double[] precision = {1, 1, 1, 1};
        assertThat(Ridge.solve(rows, left, precision, 1e-9)).containsExactly(new double[] {2, 3}, within(1e-6));
        assertThat(Ridge.solve(rows, left, precision, 1e9)).containsExactly(new double[] {0, 0}, within(1e-6));
    }

    @Test
    void theDriversKnowLongDaysAndRainAfterADrySpell() {
        double[] rain = new double[400];
        double[] mean = new double[400];
        java.util.Arrays.fill(mean, 20);
        rain[200] = 60;
        double[][] north = new Drivers(20_000, rain, mean, mean, 900, 14, 30).from(0, 400);
        assertThat(north[199][4]).isEqualTo(-0.5);
        assertThat(north[201][4]).as("the rain broke the dry spell").isGreaterThan(1);
        assertThat(north[236][4]).as("forgotten after some weeks").isEqualTo(-0.5);
        double[][] south = new Drivers(20_000, rain, mean, mean, 900, 14, -30).from(0, 400);
        assertThat(north[201][5]).isCloseTo(-south[201][5], within(1e-9));
    }

    @Test
    void aTreeThatSwellsOnTheSameDatesIsExpectedOnThem() {
        List<TreeRecord.Seen> swells = new ArrayList<>();
        List<TreeRecord.Look> looks = new ArrayList<>();
        int start = 19_000;
        var rest = baylantern.core.season.flush.CanopyShares.all(baylantern.core.rules.BudStage.R);
        looks.add(new TreeRecord.Look(start, rest));
        for (int year = 0; year < 4; year++) {
            int day = start + 100 + Math.round(365.25f * year);
            swells.add(new TreeRecord.Seen(day, day - 5, day + 5));
        }
        looks.add(new TreeRecord.Look(start + 4 * 365, rest));
        Dates dates = new Dates(List.of(new TreeRecord(1, looks, swells)), 9, 3);
        double[] own = dates.of(1);
        double year = java.util.Arrays.stream(own).sum();
        assertThat(year).as("swells a year").isBetween(0.9, 1.6);
        int on = Dates.dayOfYear(start + 100);
        assertThat(own[on]).isGreaterThan(8 * own[(on + 180) % 366]);
    }
}
