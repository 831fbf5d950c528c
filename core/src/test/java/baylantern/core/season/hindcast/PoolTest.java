package baylantern.core.season.hindcast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.season.account.Steps;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;

/** What accounts say together, against the closed form for normal ones. */
class PoolTest {

    private static double[] normal(double mean, double spread) {
        NormalDistribution normal = NormalDistribution.of(mean, spread);
        double[] chances = new double[Steps.count()];
        double before = 0;
        for (int i = 0; i < chances.length; i++) {
            double by = i == chances.length - 1 ? 1 : normal.cumulativeProbability(Steps.end(i));
            chances[i] = by - before;
            before = by;
        }
        return chances;
    }

    private static Days together(double[] one, double weight, double[] other) {
        Pool pool = new Pool();
        pool.add(one, weight);
        pool.add(other, 1 - weight);
        return pool.together();
    }

    // A product of normals to some powers is a normal: its precision is theirs, weighed, and so is its mean (Genest and
    // Zidek 1986). The doubt adds a little.
    @Test
    void normalOnesTogetherAreTheNormalBetweenThem() {
        Days days = together(normal(100, 12), 0.7, normal(115, 16));
        double precision = 0.7 / 144 + 0.3 / 256;
        double mean = (0.7 * 100 / 144 + 0.3 * 115 / 256) / precision;
        assertThat(days.at(0.5)).isCloseTo(mean, within(1.0));
        double spread = (days.at(0.8413) - days.at(0.1587)) / 2;
        assertThat(spread).isCloseTo(1 / Math.sqrt(precision), within(1.5));
    }

    @Test
    void howMuchTheWeightsSumToDoesNotMatterAndOneAloneIsItself() {
        Pool pool = new Pool();
        pool.add(normal(80, 9), 0.2);
        Days days = pool.together();
        assertThat(days.at(0.5)).isCloseTo(80, within(1.0));
        assertThat((days.at(0.8413) - days.at(0.1587)) / 2).isBetween(9.0, 10.5);
    }

    @Test
    void noneRulesOutADayAlone() {
        Days days = together(normal(40, 2), 0.1, normal(200, 15));
        assertThat(days.at(0.5)).isBetween(150.0, 210.0);
        assertThat(1 - days.by(120)).isGreaterThan(0.8);
    }
}
