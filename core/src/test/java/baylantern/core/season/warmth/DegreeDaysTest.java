package baylantern.core.season.warmth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Degree-days against the area under a finely cut sine. Tolerance 1e-4 degree-days where nothing else is said. */
class DegreeDaysTest {

    private static final int CUTS = 200_000;

    private static double cutFinely(double min, double max, double base, double upper) {
        double sum = 0;
        for (int i = 0; i < CUTS; i++) {
            double t = (min + max) / 2 + (max - min) / 2 * Math.sin(2 * Math.PI * (i + 0.5) / CUTS);
            sum += Math.min(Math.max(t - base, 0), upper - base);
        }
        return sum / CUTS;
    }

    @Test
    void agreesWithWorkedValues() {
        assertThat(DegreeDays.of(5, 25, 10, 60)).isCloseTo(6.0900, within(5e-5));
        assertThat(DegreeDays.of(32, 40, 10, 30)).isEqualTo(20);
        assertThat(DegreeDays.of(12, 20, 10, 36)).isEqualTo(6);
        assertThat(DegreeDays.of(2, 9, 10, 36)).isZero();
        assertThat(DegreeDays.of(10, 10, 10, 36)).isZero();
        assertThat(DegreeDays.of(18, 18, 10, 36)).isEqualTo(8);
    }

    @Property(tries = 60)
    void agreesWithTheAreaUnderTheSine(
            @ForAll @DoubleRange(min = -10, max = 40) double min,
            @ForAll @DoubleRange(min = 0, max = 25) double range,
            @ForAll @DoubleRange(min = 5, max = 16) double base) {
        double upper = base + 20;
        assertThat(DegreeDays.of(min, min + range, base, upper))
                .isCloseTo(cutFinely(min, min + range, base, upper), within(1e-4))
                .isBetween(0.0, upper - base);
    }

    @Test
    void refusesADayUpsideDown() {
        assertThatThrownBy(() -> DegreeDays.of(21, 12, 10, 36))
                .hasMessageContaining("21")
                .hasMessageContaining("12");
        assertThatThrownBy(() -> DegreeDays.of(Double.NaN, 12, 10, 36)).hasMessageContaining("NaN");
    }
}
