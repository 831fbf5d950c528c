package baylantern.app.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.WeatherReading;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The stand-in for a station: the same day is always the same, whatever span it is asked in. */
class SimulatedStationTest {

    private static final Climate CLIMATE = StartingClimates.of(StartingClimates.Kind.MILD_COAST, 31);
    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);
    private final SimulatedStation station = new SimulatedStation();

    @Test
    void tellsTheSameDayTheSameWay() {
        List<WeatherReading> whole = station.measured(CLIMATE, 7, DAY.minusDays(40), DAY);
        List<WeatherReading> part = station.measured(CLIMATE, 7, DAY.minusDays(3), DAY);
        assertThat(whole).hasSize(41).endsWith(part.toArray(new WeatherReading[0]));
        assertThat(station.measured(CLIMATE, 8, DAY, DAY)).isNotEqualTo(station.measured(CLIMATE, 7, DAY, DAY));
    }

    @Test
    void itsYearsFollowTheClimate() {
        List<WeatherReading> august = station.measured(CLIMATE, 7, LocalDate.of(2020, 8, 1), LocalDate.of(2020, 8, 31));
        double mean = august.stream()
                .mapToDouble(r -> (r.minC() + r.maxC()) / 2)
                .average()
                .orElseThrow();
        assertThat(mean).isCloseTo(CLIMATE.on(LocalDate.of(2020, 8, 15)).meanC(), within(2.5));
        assertThat(august).allSatisfy(r -> assertThat(r.minC()).isLessThanOrEqualTo(r.maxC()));
    }

    @Test
    void theWeekOfAugust2025IsHotDryAndWindy() {
        WeatherReading hot = station.measured(CLIMATE, 7, LocalDate.of(2025, 8, 12), LocalDate.of(2025, 8, 12))
                .get(0);
        assertThat(hot.humidityPct()).isEqualTo(32);
        assertThat(hot.windMs()).isEqualTo(9);
        assertThat(hot.maxC()).isGreaterThan(31);
    }

    @Test
    void theForecastIsNearAtFirstAndFartherOffLater() {
        double near = 0;
        double far = 0;
        for (int i = 0; i < 60; i++) {
            LocalDate from = DAY.plusDays(i);
            List<WeatherReading> told = station.forecast(CLIMATE, 7, from);
            List<WeatherReading> came = station.measured(CLIMATE, 7, from, from.plusDays(6));
            near += Math.abs(told.get(0).maxC() - came.get(0).maxC());
            far += Math.abs(told.get(6).maxC() - came.get(6).maxC());
        }
        assertThat(near).isLessThan(far);
        assertThat(far / 60).isLessThan(2);
    }
}
