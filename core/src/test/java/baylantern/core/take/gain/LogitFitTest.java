package baylantern.core.take.gain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.take.gain.LogitDesign.Row;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LogitFitTest {

    private static Row row(double[] x, int session, double taken, double decided) {
        return new Row(IntStream.range(0, x.length).toArray(), x, session, taken, decided);
    }

    /**
     * Beetles after five hours of gas, by dose: Bliss (1935), Annals of Applied Biology 22. Coefficients and their errors as
     * in Dobson and Barnett, An Introduction to Generalized Linear Models, 3rd edition (2008), table 7.3.
     */
    @Test
    void aFlatPriorGivesThePublishedCoefficientsOfTheBeetles() {
        double[] dose = {1.6907, 1.7242, 1.7552, 1.7842, 1.8113, 1.8369, 1.8610, 1.8839};
        int[] all = {59, 60, 62, 56, 63, 59, 62, 60};
        int[] killed = {6, 13, 18, 28, 52, 53, 61, 60};
        List<Row> rows = IntStream.range(0, dose.length)
                .mapToObj(i -> row(new double[] {1, dose[i]}, 0, killed[i], all[i]))
                .toList();
        LogitFit fit = LogitFit.of(new LogitDesign(2, new double[2], List.of(), 0, 1, rows));
        assertThat(fit.coefficients()).containsExactly(new double[] {-60.717, 34.270}, within(6e-4));
        assertThat(Math.sqrt(fit.variance(new double[] {1, 0}))).isCloseTo(5.181, within(2e-3));
        assertThat(Math.sqrt(fit.variance(new double[] {0, 1}))).isCloseTo(2.912, within(2e-3));
    }

    @Test
    void withPriorsItIsWhatSummingOverAGridGivesInOneDimensionAndInTwo() {
        List<Row> one = List.of(row(new double[] {1}, 0, 1530, 4000));
        LogitFit fit = LogitFit.of(new LogitDesign(1, new double[] {4}, List.of(), 0, 1, one));
        double[] summed = grid(one, new double[] {4}, fit.coefficients(), 0.2);
        assertThat(fit.coefficients()[0]).isCloseTo(summed[0], within(1e-3));
        assertThat(Math.sqrt(fit.variance(new double[] {1}))).isCloseTo(summed[1], within(1e-3));

        List<Row> two = List.of(
                row(new double[] {1, 0}, 0, 2100, 4000),
                row(new double[] {1, 1}, 0, 2600, 4200),
                row(new double[] {1, -1}, 0, 1500, 3900));
        double[] prior = {1, 9};
        LogitFit both = LogitFit.of(new LogitDesign(2, prior, List.of(), 0, 1, two));
        double[] summedBoth = grid(two, prior, both.coefficients(), 0.2);
        assertThat(both.coefficients()[1]).isCloseTo(summedBoth[0], within(1e-3));
        assertThat(Math.sqrt(both.variance(new double[] {0, 1}))).isCloseTo(summedBoth[1], within(1e-3));
    }

    // Mean and standard deviation of the last coefficient, summed over an even grid about a point.
    private static double[] grid(List<Row> rows, double[] precision, double[] about, double reach) {
        int points = 161;
        int last = precision.length - 1;
        double whole = 0;
        double mean = 0;
        double square = 0;
        double top = log(rows, precision, about);
        for (int i = 0; i < (last == 0 ? 1 : points); i++) {
            for (int j = 0; j < points; j++) {
                double[] b = about.clone();
                b[0] += last == 0 ? 0 : reach * (2.0 * i / (points - 1) - 1);
                b[last] += reach * (2.0 * j / (points - 1) - 1);
                double weight = Math.exp(log(rows, precision, b) - top);
                whole += weight;
                mean += weight * b[last];
                square += weight * b[last] * b[last];
            }
        }
        return new double[] {mean / whole, Math.sqrt(square / whole - Math.pow(mean / whole, 2))};
    }

    private static double log(List<Row> rows, double[] precision, double[] b) {
        double sum = 0;
        for (Row row : rows) {
            double odds = IntStream.range(0, b.length)
                    .mapToDouble(j -> b[j] * row.times()[j])
                    .sum();
            sum -= row.taken() * Math.log1p(Math.exp(-odds))
                    + (row.decided() - row.taken()) * Math.log1p(Math.exp(odds));
        }
        for (int j = 0; j < b.length; j++) {
            sum -= precision[j] * b[j] * b[j] / 2;
        }
        return sum;
    }

    @Test
    void sessionsTakenOutOfTheStepAreTheSameAsSessionsAmongTheCoefficients() {
        Random random = new Random(4);
        int sessions = 60;
        double drawn = 0;
        List<Row> rows = new ArrayList<>();
        List<Row> wide = new ArrayList<>();
        for (int s = 0; s < sessions; s++) {
            double luck = 0.8 * random.nextGaussian();
            drawn += luck * luck / sessions;
            for (int k = 0; k < 3; k++) {
                double x = random.nextGaussian();
                double taken = Math.rint(20 / (1 + Math.exp(-0.3 - 0.7 * x - luck)));
                rows.add(row(new double[] {1, x}, s, taken, 20));
                double[] all = new double[2 + sessions];
                all[0] = 1;
                all[1] = x;
                all[2 + s] = 1;
                wide.add(row(all, 0, taken, 20));
            }
        }
        LogitFit fit = LogitFit.of(new LogitDesign(2, new double[] {0, 1}, List.of(), sessions, 0.5, rows));
        double[] precision = new double[2 + sessions];
        Arrays.fill(precision, 1 / Math.pow(fit.sessionSpread(), 2));
        precision[0] = 0;
        precision[1] = 1;
        LogitFit plain = LogitFit.of(new LogitDesign(2 + sessions, precision, List.of(), 0, 1, wide));
        assertThat(fit.coefficients()[1]).isCloseTo(plain.coefficients()[1], within(1e-6));
        double[] slope = new double[2 + sessions];
        slope[1] = 1;
        assertThat(fit.variance(new double[] {0, 1})).isCloseTo(plain.variance(slope), within(1e-6));
        assertThat(fit.session(3)).isCloseTo(plain.coefficients()[5], within(1e-6));
        assertThat(fit.sessionSpread()).isCloseTo(Math.sqrt(drawn), within(0.1));
    }
}
