package baylantern.core.season.warmth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Running sums against adding up by hand. */
class DailySumsTest {

    private static final LocalDate FIRST = LocalDate.of(2024, 2, 27);

    private static DailySums of(List<Double> days) {
        return DailySums.of(FIRST, days.size(), day -> days.get((int) (day.toEpochDay() - FIRST.toEpochDay())));
    }

    @Property(tries = 100)
    void agreesWithAddingUp(
            @ForAll @Size(min = 1, max = 60) List<@DoubleRange(min = 0, max = 9) Double> days,
            @ForAll @IntRange(min = 0, max = 59) int at) {
        int index = at % days.size();
        double byHand = days.subList(0, index + 1).stream().mapToDouble(d -> d).sum();
        assertThat(of(days).upTo(FIRST.plusDays(index))).isCloseTo(byHand, within(1e-9));
    }

    @Property(tries = 100)
    void reachesASumOnTheFirstDayThatHasIt(
            @ForAll @Size(min = 1, max = 60) List<@DoubleRange(min = 0, max = 9) Double> days,
            @ForAll @DoubleRange(min = 0.01, max = 200) double sum) {
        DailySums sums = of(days);
        LocalDate reached = sums.reaching(sum);
        if (reached.isAfter(sums.last())) {
            assertThat(sums.upTo(sums.last())).isLessThan(sum);
        } else {
            assertThat(sums.upTo(reached)).isGreaterThanOrEqualTo(sum - 1e-8);
            assertThat(sums.upTo(reached.minusDays(1))).isLessThan(sum);
        }
    }

    @Test
    void leapDaysCountAndDaysOutsideReadAsTheEnds() {
        DailySums sums = of(List.of(1.0, 2.0, 4.0, 8.0));
        assertThat(sums.upTo(LocalDate.of(2024, 2, 29))).isEqualTo(7);
        assertThat(sums.upTo(LocalDate.of(2024, 3, 1))).isEqualTo(15);
        assertThat(sums.upTo(LocalDate.of(2023, 1, 1))).isZero();
        assertThat(sums.upTo(LocalDate.of(2029, 1, 1))).isEqualTo(15);
        assertThat(of(List.of(-3.0, 2.0)).upTo(FIRST.plusDays(1)))
                .as("no day takes away")
                .isEqualTo(2);
    }
}
