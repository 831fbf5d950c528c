package baylantern.core.season.flush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Buds gain by degree-days, and stand still while the last week is too cold. */
class BudWarmthTest {

    private static final LocalDate DAY = LocalDate.of(2026, 1, 20);
    private static final BudWarmth WARMTH = new BudWarmth(10, 36, 16, 7);
    private static final Weather MILD = new Weather(
            new Climate(Collections.nCopies(12, new Climate.Month(15, 21, 70, 2, 40, 0))),
            DAY.datesUntil(DAY.plusDays(10))
                    .map(day -> new WeatherDay(day, 6, 12, 70, 2, 0, WeatherDay.Origin.RECORDED))
                    .toList());

    @Test
    void coldDaysHoldTheBudsUntilTheWeekIsWarmAgain() {
        DailySums sums = WARMTH.along(MILD, DAY.minusDays(20), DAY.plusDays(40));
        assertThat(sums.upTo(DAY.minusDays(1)) - sums.upTo(DAY.minusDays(2))).isCloseTo(8, within(1e-9));
        // Mean 18 before, 9 in the spell: of seven days two cold ones leave the mean at 15.4, below the hold of 16.
        assertThat(sums.upTo(DAY) - sums.upTo(DAY.minusDays(1)))
                .as("first cold day")
                .isPositive();
        assertThat(sums.upTo(DAY.plusDays(14)) - sums.upTo(DAY)).as("held").isZero();
        assertThat(sums.upTo(DAY.plusDays(16)) - sums.upTo(DAY.plusDays(15))).isCloseTo(8, within(1e-9));
    }

    @Test
    void runsAgreeWithTheKnownWeatherAndCountBothWaysFromToday() {
        WeatherYears years = WeatherYears.draw(MILD, DAY, 4, 60, 1);
        WarmthRuns runs = WarmthRuns.of(WARMTH, MILD, years, DAY.minusDays(20));
        DailySums sums = WARMTH.along(MILD, DAY.minusDays(20), DAY.plusDays(9));
        double today = sums.upTo(DAY.minusDays(1));
        assertThat(runs.at(2, DAY.minusDays(5))).isCloseTo(sums.upTo(DAY.minusDays(5)) - today, within(1e-9));
        assertThat(runs.at(2, DAY.plusDays(9))).isCloseTo(sums.upTo(DAY.plusDays(9)) - today, within(1e-9));
        assertThat(runs.reached(0, -16)).isEqualTo(-3);
        assertThat(runs.reached(0, 1e9)).isEqualTo(runs.days());
        assertThat(List.of(runs.runs(), runs.days())).containsExactly(4, 60);
    }
}
