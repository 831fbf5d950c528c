package baylantern.core.day.crew;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.junit.jupiter.api.Test;

class RestTest {

    /** Days drawn graft by graft: the range holds nine in ten, also where times are log-normal. */
    @Test
    void theRangeHoldsNineInTenOfDaysDrawnGraftByGraft() {
        Random luck = new Random(3);
        GammaDistribution one = GammaDistribution.of(4, 0.25);
        for (boolean logNormal : new boolean[] {false, true}) {
            int held = 0;
            for (int day = 0; day < 1000; day++) {
                int made = 4 + luck.nextInt(12);
                int open = 1 + luck.nextInt(30);
                double[] minutes = new double[2];
                for (int i = 0; i < made + open; i++) {
                    minutes[i < made ? 0 : 1] += 4
                            * (logNormal
                                    ? Math.exp(0.47 * luck.nextGaussian() - 0.11)
                                    : one.inverseCumulativeProbability(luck.nextDouble()));
                }
                Rest rest = Rest.of(made, minutes[0], open, 4);
                held += minutes[1] >= rest.low() && minutes[1] <= rest.high() ? 1 : 0;
            }
            assertThat(held).as("log-normal " + logNormal).isBetween(870, 930);
        }
    }

    @Test
    void moreMadeTellMoreAndTooFewNothing() {
        Rest few = Rest.of(3, 12, 10, 4);
        Rest many = Rest.of(30, 120, 10, 4);
        assertThat(many.high() - many.low()).isLessThan(few.high() - few.low());
        assertThat(many.mid()).isBetween(38.0, 42.0);
        assertThatThrownBy(() -> Rest.of(2, 8, 5, 4)).hasMessageContaining("2 made");
    }
}
