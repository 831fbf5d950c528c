package baylantern.core.take;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Figure;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** The pooled belief worked out by hand and by numerical integration, written apart from the model. */
class PoolingByHandTest {

    private static final Figure CENTRE = new Figure(10, 1, 100, "grafts", "test");
    private static final Figure NARROW = new Figure(1e-6, 1e-7, 1, "log grafts", "holds the strength at its centre");

    private static TakeCount count(int taken, int failed) {
        return new TakeCount(taken, failed, 0, 0);
    }

    /**
     * Two groups under one farm, the spread held at √(1/(0.21 · 11)): the mean of the first against a plain sum over a fine
     * grid of both rates and the farm's.
     */
    @Test
    void twoGroupsAgainstAPlainSum() {
        KinPooling pooling = new KinPooling(
                Map.of(List.of("a"), count(2, 2), List.of("b"), count(6, 2)), new KinPrior(CENTRE, NARROW, null));
        assertThat(pooling.strength(1)).isEqualTo(10, within(0.01));
        double spread = Math.sqrt(1 / (0.21 * 11));
        double sum = 0;
        double whole = 0;
        double step = 0.08;
        for (double farm = -9; farm <= 9; farm += step) {
            double first = 0;
            double firstRate = 0;
            double second = 0;
            for (double x = -12; x <= 12; x += step) {
                double p = 1 / (1 + Math.exp(-x));
                double near = Math.exp(-Math.pow((x - farm) / spread, 2) / 2);
                first += near * Math.pow(p, 2) * Math.pow(1 - p, 2);
                firstRate += near * Math.pow(p, 3) * Math.pow(1 - p, 2);
                second += near * Math.pow(p, 6) * Math.pow(1 - p, 2);
            }
            double p = 1 / (1 + Math.exp(-farm));
            whole += p * (1 - p) * first * second;
            sum += p * (1 - p) * firstRate * second;
        }
        assertThat(pooling.belief(List.of("a")).mean()).isEqualTo(sum / whole, within(0.002));
    }

    /** Quantiles of a belief against the trapezoid rule on its density. */
    @Property(tries = 60)
    void quantilesAgreeWithIntegration(
            @ForAll @IntRange(min = 0, max = 60) int taken, @ForAll @IntRange(min = 0, max = 60) int failed) {
        BetaBelief belief = BetaBelief.FLAT.after(taken, failed);
        Belief.Range range = belief.range(0.9);
        assertThat(mass(taken, failed, 0, range.low())).isEqualTo(0.05, within(2e-4));
        assertThat(mass(taken, failed, 0, range.high())).isEqualTo(0.95, within(2e-4));
    }

    private static double mass(int taken, int failed, double from, double to) {
        return integral(taken, failed, from, to) / integral(taken, failed, 0, 1);
    }

    private static double integral(int taken, int failed, double from, double to) {
        int steps = 20_000;
        double width = (to - from) / steps;
        double peak = taken + failed == 0 ? 0.5 : taken / (double) (taken + failed);
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            double x = from + (i + 0.5) * width;
            sum += Math.exp(log(taken, x) + log(failed, 1 - x) - log(taken, peak) - log(failed, 1 - peak));
        }
        return sum * width;
    }

    private static double log(int times, double x) {
        return times == 0 ? 0 : times * Math.log(x);
    }

    /** More of the same evidence never widens the range. */
    @Property(tries = 100)
    void moreGraftsNarrowTheRange(
            @ForAll @IntRange(min = 1, max = 30) int taken, @ForAll @IntRange(min = 1, max = 30) int failed) {
        Belief.Range once = BetaBelief.FLAT.after(taken, failed).range(0.9);
        Belief.Range thrice = BetaBelief.FLAT.after(3 * taken, 3 * failed).range(0.9);
        assertThat(thrice.high() - thrice.low()).isLessThan(once.high() - once.low());
    }

    /** But for the flat start, which draws a little towards one half. */
    @Property(tries = 60)
    void everyBeliefLiesBetweenItsOwnAndItsKin(@ForAll long seed) {
        Random random = new Random(seed);
        TakeCount own = count(random.nextInt(20), 1 + random.nextInt(20));
        TakeCount kin = count(random.nextInt(40), 1 + random.nextInt(40));
        Belief belief = new KinPooling(
                        Map.of(List.of("own"), own, List.of("kin"), kin), new KinPrior(CENTRE, CENTRE, null))
                .belief(List.of("own"));
        double ownRate = own.taken() / (double) own.decided();
        double kinRate = BetaBelief.FLAT.after(kin.taken(), kin.failed()).mean();
        assertThat(belief.mean()).isBetween(Math.min(ownRate, kinRate) - 0.03, Math.max(ownRate, kinRate) + 0.03);
    }

    @Test
    void countsAddUpAndNeverFallBelowZero() {
        TakeCount both = new TakeCount(3, 2, 1, 4).plus(new TakeCount(1, 1, 1, 1));
        assertThat(both).isEqualTo(new TakeCount(4, 3, 2, 5));
        assertThat(both.decided()).isEqualTo(7);
        assertThat(both.all()).isEqualTo(14);
        assertThat(both.minus(both)).isEqualTo(TakeCount.NONE);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TakeCount(-1, 0, 0, 0))
                .withMessageContaining("-1");
    }
}
