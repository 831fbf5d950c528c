package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.care.Waiting.Between;
import baylantern.core.care.Waiting.Times;
import baylantern.core.rules.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Against farms whose every graft's fate is known, and the formula's own ends. */
class WaitingTest {

    private static final Figure PUSH = new Figure(27, 14, 55, "healing days", "as figured");
    private static final Figure DIES = new Figure(40, 14, 110, "healing days", "as figured");

    private static Waiting plain() {
        return new Waiting(Times.of(PUSH, 12, List.of()), Times.of(DIES, 12, List.of()));
    }

    @Property
    void itBeginsAtTheChanceOfTakeAndIsAChance(
            @ForAll @DoubleRange(min = 0, max = 1) double p, @ForAll @DoubleRange(min = 0, max = 400) double day) {
        assertThat(plain().stillTakes(p, 0)).isCloseTo(p, within(1e-9));
        assertThat(plain().stillTakes(p, day)).isBetween(0.0, 1.0);
    }

    /**
     * 60 000 grafts of a farm unlike the figures: takers push by a Weibull law, the doomed show it by a shifted even law,
     * and everybody looks every seven days. Of those that have shown nothing by a day, as many take as is told.
     */
    @Test
    void ofThoseStillSilentAsManyTakeAsIsTold() {
        Random random = new Random(20260514);
        double p = 0.62;
        List<Between> pushes = new ArrayList<>();
        List<Between> deaths = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            boolean takes = random.nextDouble() < p;
            double when = takes ? weibull(random) : 15 + 50 * random.nextDouble();
            double by = Math.ceil(when / 7) * 7;
            (takes ? pushes : deaths).add(new Between(by - 7, by));
        }
        Waiting waiting = new Waiting(Times.of(PUSH, 12, pushes), Times.of(DIES, 12, deaths));
        for (int day : new int[] {14, 21, 28, 35, 42, 49, 56}) {
            int silent = 0;
            int takers = 0;
            for (int i = 0; i < 60_000; i++) {
                boolean takes = random.nextDouble() < p;
                double when = takes ? weibull(random) : 15 + 50 * random.nextDouble();
                if (when > day) {
                    silent++;
                    takers += takes ? 1 : 0;
                }
            }
            System.out.printf(
                    java.util.Locale.ROOT,
                    "silent on day %d: told %.3f, true %.3f%n",
                    day,
                    waiting.stillTakes(p, day),
                    takers / (double) silent);
            assertThat(waiting.stillTakes(p, day)).as("day " + day).isCloseTo(takers / (double) silent, within(0.09));
        }
    }

    private static double weibull(Random random) {
        return 8 + 26 * Math.pow(-Math.log(1 - random.nextDouble()), 1 / 1.6);
    }

    @Test
    void theDayWhenWaitingStopsPayingIsTheLastOneTheChanceFallsBelowTheLineFrom() {
        Waiting waiting = plain();
        double stops = waiting.stopsPaying(0.7, 0.05, 0);
        assertThat(waiting.stillTakes(0.7, stops)).isLessThan(0.05);
        assertThat(waiting.stillTakes(0.7, stops - 1)).isGreaterThanOrEqualTo(0.05);
        assertThat(waiting.stopsPaying(0.95, 0.05, 0)).isGreaterThanOrEqualTo(stops);
    }

    @Test
    void aStretchThatRunsBackwardIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Between(9, 3))
                .withMessageContaining("between 9.0 and 3.0");
    }
}
