package baylantern.core.season.warmth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The healing curve, the clock made of it, and the pull of dry air. */
class HealingTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);
    private static final HealingRate MANGO = new HealingRate(13, 27, 38);

    static List<Species> species() {
        return List.copyOf(Rulebook.shipped().species());
    }

    @ParameterizedTest
    @MethodSource("species")
    void isOneAtItsBestAndNothingAtItsEnds(Species species) {
        HealingRate rate = HealingRate.of(species);
        assertThat(rate.at(rate.bestC())).isEqualTo(1);
        assertThat(rate.at(rate.leastC())).isZero();
        assertThat(rate.at(rate.mostC())).isZero();
        for (double t = rate.leastC() - 5; t < rate.mostC() + 5; t += 0.1) {
            assertThat(rate.at(t)).isBetween(0.0, 1.0);
            if (t + 0.1 < rate.bestC()) {
                assertThat(rate.at(t + 0.1)).isGreaterThanOrEqualTo(rate.at(t));
            }
        }
    }

    @Property(tries = 40)
    void theDayAgreesWithTheFinelyCutSine(
            @ForAll @DoubleRange(min = 5, max = 30) double min, @ForAll @DoubleRange(min = 0, max = 14) double range) {
        double sum = 0;
        for (int i = 0; i < 50_000; i++) {
            sum += MANGO.at(min + range / 2 + range / 2 * Math.sin(2 * Math.PI * (i + 0.5) / 50_000));
        }
        assertThat(MANGO.over(min, min + range)).isCloseTo(sum / 50_000, within(0.004));
    }

    @Test
    void aWeekAtTheBestWarmthIsSevenHealingDays() {
        Climate steady = new Climate(Collections.nCopies(12, new Climate.Month(27, 27, 70, 2, 50, 1)));
        WarmthClock clock = new WarmthClock(MANGO, new Weather(steady, List.of()), DAY.minusDays(30), DAY.plusDays(60));
        assertThat(clock.after(DAY, 7)).isEqualTo(DAY.plusDays(7));
        assertThat(clock.before(DAY, 7)).isEqualTo(DAY.minusDays(7));
        assertThat(clock.between(DAY, DAY.plusDays(7))).isCloseTo(7, within(1e-9));
        assertThat(clock.after(DAY, 0)).isEqualTo(DAY);
    }

    @Test
    void coolWeatherStretchesAndACorrectionOfTheRecordMovesTheDay() {
        Climate climate = StartingClimates.of(StartingClimates.Kind.SUBTROPICAL, 28);
        Weather normal = new Weather(climate, List.of());
        Weather cool = new Weather(
                climate,
                DAY.datesUntil(DAY.plusDays(14))
                        .map(day -> new WeatherDay(day, 9, 17, 70, 2, 0, WeatherDay.Origin.RECORDED))
                        .toList());
        LocalDate usual = new WarmthClock(MANGO, normal, DAY.minusDays(9), DAY.plusDays(300)).after(DAY, 21);
        LocalDate stretched = new WarmthClock(MANGO, cool, DAY.minusDays(9), DAY.plusDays(300)).after(DAY, 21);
        assertThat(usual).isBetween(DAY.plusDays(22), DAY.plusDays(35));
        assertThat(stretched).isBetween(usual.plusDays(6), usual.plusDays(14));
    }

    @Test
    void whatIsReckonedOnceForAYearIsWhatEachDayGives() {
        Weather weather = new Weather(
                StartingClimates.of(StartingClimates.Kind.SUBTROPICAL, 28),
                List.of(
                        new WeatherDay(DAY.minusDays(700), 4, 15, 70, 2, 0, WeatherDay.Origin.RECORDED),
                        new WeatherDay(DAY, 22, 33, 70, 2, 0, WeatherDay.Origin.RECORDED)));
        LocalDate first = DAY.minusYears(4);
        WarmthClock clock = new WarmthClock(MANGO, weather, first, DAY.plusDays(400));
        double sum = 0;
        for (LocalDate day = first.plusDays(1); !day.isAfter(DAY.plusDays(400)); day = day.plusDays(1)) {
            WeatherDay at = weather.on(day);
            sum += MANGO.over(at.minC(), at.maxC());
            assertThat(clock.between(first, day)).as("" + day).isCloseTo(sum, within(1e-9));
        }
    }

    @Property(tries = 80)
    void thereAndBackMeet(
            @ForAll @IntRange(min = 0, max = 700) int start, @ForAll @IntRange(min = 1, max = 60) int hd) {
        WarmthClock clock = new WarmthClock(
                MANGO,
                new Weather(StartingClimates.of(StartingClimates.Kind.MILD_COAST, -33), List.of()),
                DAY.minusDays(400),
                DAY.plusDays(1500));
        LocalDate from = DAY.plusDays(start);
        LocalDate to = clock.after(from, hd);
        assertThat(clock.between(from, to)).isGreaterThanOrEqualTo(hd - 1e-6);
        assertThat(clock.between(from, to.minusDays(1))).isLessThan(hd);
        LocalDate back = clock.before(to, hd);
        assertThat(back).isBetween(from, to);
        assertThat(clock.between(back, to)).isGreaterThanOrEqualTo(hd - 1e-6);
    }

    @Test
    void whereItNeverHealsTheClockEndsInsteadOfRunningAway() {
        Climate cold = new Climate(Collections.nCopies(12, new Climate.Month(-5, 5, 70, 2, 50, 1)));
        LocalDate last = DAY.plusDays(200);
        WarmthClock clock = new WarmthClock(MANGO, new Weather(cold, List.of()), DAY, last);
        assertThat(clock.after(DAY, 21)).isEqualTo(last);
        assertThat(clock.between(DAY, last)).isZero();
    }

    @Test
    void saturationPressureAgreesWithPublishedTables() {
        // Annex 2 of FAO irrigation and drainage paper 56: 3.168 kPa at 25 °C, 1.228 at 10, 4.243 at 30.
        assertThat(Drying.saturationKpa(25)).isCloseTo(3.168, within(0.001));
        assertThat(Drying.saturationKpa(10)).isCloseTo(1.228, within(0.001));
        assertThat(Drying.saturationKpa(30)).isCloseTo(4.243, within(0.001));
    }

    @Test
    void dryWindyHeatDriesAndFogDoesNot() {
        WeatherDay fog = new WeatherDay(DAY, 14, 18, 100, 1, 2, WeatherDay.Origin.RECORDED);
        WeatherDay fair = new WeatherDay(DAY, 17, 25, 72, 3, 0, WeatherDay.Origin.RECORDED);
        WeatherDay harsh = new WeatherDay(DAY, 22, 37, 28, 8, 0, WeatherDay.Origin.RECORDED);
        assertThat(Drying.index(fog)).isLessThan(0.15);
        assertThat(Drying.index(fair)).isBetween(0.25, 0.55);
        assertThat(Drying.index(harsh)).isGreaterThan(0.75);
    }

    @Test
    void hazardsNameTheirDaysAndTheCoverThatAnswers() {
        Hazards hazards = new Hazards(4, Rulebook.shipped().flush());
        List<WeatherDay> days = List.of(
                new WeatherDay(DAY, 14, 22, 75, 3, 60, WeatherDay.Origin.RECORDED),
                new WeatherDay(DAY.plusDays(1), 2.5, 15, 75, 3, 0, WeatherDay.Origin.RECORDED),
                new WeatherDay(DAY.plusDays(2), 21, 37, 28, 8, 0, WeatherDay.Origin.RECORDED),
                new WeatherDay(DAY.plusDays(3), 18, 24, 75, 3, 60, WeatherDay.Origin.RECORDED));
        List<Hazard> found = hazards.in(days);
        assertThat(found)
                .extracting(Hazard::kind)
                .containsExactly(Hazard.Kind.FROST, Hazard.Kind.HEAT, Hazard.Kind.HOT_DRY_WIND, Hazard.Kind.HEAVY_RAIN);
        assertThat(found.get(0).days()).containsExactly(DAY.plusDays(1));
        assertThat(found.get(0).answer()).contains("sleeve");
        assertThat(found.get(3).days())
                .as("rain counts in the first three days only")
                .containsExactly(DAY);
        double left = found.stream().mapToDouble(h -> 1 - h.severity()).reduce(1, (a, b) -> a * b);
        assertThat(hazards.safety(days)).isCloseTo(left, within(1e-12));
        assertThat(hazards.safety(days.subList(3, 4))).isLessThan(1);
        assertThat(hazards.in(List.of(new WeatherDay(DAY, 14, 24, 75, 3, 5, WeatherDay.Origin.RECORDED))))
                .isEmpty();
    }
}
