package baylantern.core.season.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

/** Runs of the weather are possible weather, and spells last as long as they should. */
class WeatherYearsTest {

    private static final LocalDate DAY = LocalDate.of(2026, 12, 28);

    @Property(tries = 60)
    void everyDrawnDayCouldBe(
            @ForAll @IntRange(min = -55, max = 55) int latitude,
            @ForAll StartingClimates.Kind kind,
            @ForAll @LongRange(min = 1, max = 1_000_000) long seed) {
        Weather weather = new Weather(StartingClimates.of(kind, latitude), List.of());
        WeatherYears years = WeatherYears.draw(weather, DAY, 3, 120, seed);
        for (int run = 0; run < 3; run++) {
            for (int t = 0; t < 120; t++) {
                WeatherDay day = years.at(run, t);
                assertThat(day.day()).isEqualTo(DAY.plusDays(t));
                assertThat(day.minC()).isLessThanOrEqualTo(day.maxC()).isBetween(-25.0, 45.0);
                assertThat(day.humidityPct()).isBetween(5.0, 100.0);
                assertThat(day.windMs()).isBetween(0.0, 40.0);
                assertThat(day.rainMm()).isBetween(0.0, 400.0);
            }
        }
    }

    @Property(tries = 120)
    void anyTextIsReadOrRefusedButNeverBreaks(@ForAll @StringLength(max = 120) String text) {
        try {
            WeatherTable table = WeatherTable.ofCsv("date,min,max\n2026-05-01,10,20\n" + text);
            assertThat(table.readings()).isNotEmpty();
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }

    // Departures a_t = φ a_{t−1} + … have the correlation φ from one day to the next and φ² over two.
    @Test
    void warmSpellsPersistAsTheFirstOrderModelSays() {
        Climate climate = StartingClimates.of(StartingClimates.Kind.SUBTROPICAL, 25);
        WeatherYears years = WeatherYears.draw(new Weather(climate, List.of()), DAY, 1, 12_000, 9);
        double[] away = new double[12_000];
        for (int t = 0; t < away.length; t++) {
            away[t] = years.at(0, t).meanC() - climate.on(DAY.plusDays(t)).meanC();
        }
        assertThat(correlation(away, 1)).isCloseTo(WeatherYears.PERSISTENCE, within(0.03));
        assertThat(correlation(away, 2)).isCloseTo(Math.pow(WeatherYears.PERSISTENCE, 2), within(0.04));
        double variance =
                java.util.Arrays.stream(away).map(a -> a * a).average().orElseThrow();
        assertThat(Math.sqrt(variance)).isCloseTo(2.0, within(0.12));
    }

    private static double correlation(double[] values, int lag) {
        double product = 0;
        double square = 0;
        for (int t = lag; t < values.length; t++) {
            product += values[t] * values[t - lag];
            square += values[t] * values[t];
        }
        return product / square;
    }

    @Test
    void aWarmYesterdayMakesAWarmTomorrowAndIsForgottenInAMonth() {
        Climate climate = StartingClimates.of(StartingClimates.Kind.MILD_COAST, 31);
        WeatherDay normal = new Weather(climate, List.of()).on(DAY.minusDays(1));
        WeatherDay hot = new WeatherDay(
                normal.day(), normal.minC() + 6, normal.maxC() + 6, 70, 3, 0, WeatherDay.Origin.RECORDED);
        WeatherYears years = WeatherYears.draw(new Weather(climate, List.of(hot)), DAY, 400, 60, 2);
        assertThat(meanAway(years, climate, 0)).isCloseTo(6 * WeatherYears.PERSISTENCE, within(0.5));
        assertThat(meanAway(years, climate, 40)).isCloseTo(0, within(0.4));
    }

    private static double meanAway(WeatherYears years, Climate climate, int t) {
        double sum = 0;
        for (int run = 0; run < years.runs(); run++) {
            sum += years.at(run, t).meanC() - climate.on(DAY.plusDays(t)).meanC();
        }
        return sum / years.runs();
    }

    /** A two-state chain: as much rain as the normals have, and wet days more often after wet ones than after dry ones. */
    @Test
    void rainComesInSpellsAndAsMuchAsTheNormalsHave() {
        Climate climate = StartingClimates.of(StartingClimates.Kind.SUBTROPICAL, 27);
        WeatherYears years = WeatherYears.draw(
                new Weather(climate, java.util.List.of()), java.time.LocalDate.of(2023, 1, 1), 200, 365, 3);
        double[] after = new double[2];
        double[] wetAfter = new double[2];
        double rain = 0;
        for (int run = 0; run < 200; run++) {
            for (int t = 1; t < 365; t++) {
                int before = years.at(run, t - 1).rainMm() > 0 ? 1 : 0;
                after[before]++;
                wetAfter[before] += years.at(run, t).rainMm() > 0 ? 1 : 0;
                rain += years.at(run, t).rainMm() / 200;
            }
        }
        double usual =
                climate.months().stream().mapToDouble(Climate.Month::rainMm).sum();
        assertThat(rain).isCloseTo(usual, org.assertj.core.data.Percentage.withPercentage(3));
        assertThat(wetAfter[1] / after[1] - wetAfter[0] / after[0])
                .isCloseTo(WeatherYears.SPELL, org.assertj.core.data.Offset.offset(0.06));
    }
}
