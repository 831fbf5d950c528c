package baylantern.core.take.gain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.take.Belief;
import baylantern.core.take.many.DayLuck;
import baylantern.core.take.many.HowMany;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A take rate whose log-odds are normal, against draws of it. */
class LogitBeliefTest {

    @ParameterizedTest
    @CsvSource({"0,0.5", "1.2,0.8", "-2,1.5", "3,0.1", "0.4,0"})
    void itsMeanAndQuantilesAreThoseOfDraws(double logOdds, double sd) {
        LogitBelief belief = new LogitBelief(logOdds, sd);
        Random random = new Random(11);
        double[] drawn = random.doubles(100_000)
                .map(u -> 1 / (1 + Math.exp(-(logOdds + sd * random.nextGaussian()))))
                .sorted()
                .toArray();
        double mean = java.util.Arrays.stream(drawn).average().orElseThrow();
        assertThat(belief.mean()).isCloseTo(mean, within(3e-3));
        for (double p : new double[] {0.05, 0.25, 0.5, 0.75, 0.95}) {
            assertThat(belief.quantile(p)).isCloseTo(drawn[(int) (p * drawn.length)], within(8e-3));
        }
        Belief.Range range = belief.range(0.9);
        assertThat(belief.mean()).isBetween(range.low() - 1e-12, range.high() + 1e-12);
    }

    @Test
    void howManyToMakeGrowsWithWhatIsNotKnownAndIsPlainWhereAllIs() {
        DayLuck none = new DayLuck(0, 0, 0, 0);
        int known = new HowMany(new LogitBelief(1, 0), none).least(10, 0.9);
        int unsure = new HowMany(new LogitBelief(1, 0.6), none).least(10, 0.9);
        assertThat(unsure).isGreaterThan(known);
        // Seventy-three in a hundred take: of 17 at least ten do nine times in ten.
        assertThat(known).isBetween(15, 18);
    }
}
