package baylantern.core.season.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Files of weather, climates, and the runs drawn from them. */
class WeatherTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);
    private static final Climate MILD = StartingClimates.of(StartingClimates.Kind.MILD_COAST, 31.4);
    private static final Weather NORMAL = new Weather(MILD, List.of());

    @Test
    void readsWhatIsThereAndRefusesRowByRow() {
        WeatherTable table = WeatherTable.ofCsv("""
                Date;min;max;humidity;rain
                2026-05-01;14,5;22;71;0
                2026-05-02;23;12;71;0
                2026-05-03;14;22;140;0
                2026-05-04;14;70;71;0
                2026-02-30;14;22;71;0
                2026-05-05;14;;71;0
                2026-05-06;14;21;;
                2026-05-01;13;20;60;0
                soon;14;21;50;0
                2026-05-07;warm;21;50;0
                """);
        assertThat(table.readings())
                .containsExactly(
                        new WeatherReading(LocalDate.of(2026, 5, 1), 14.5, 22, 71.0, null, 0.0),
                        new WeatherReading(LocalDate.of(2026, 5, 6), 14, 21, null, null, null));
        assertThat(table.refused()).extracting(WeatherTable.Refused::row).containsExactly(2, 3, 4, 5, 6, 8, 9, 10);
        assertThat(table.refused())
                .extracting(WeatherTable.Refused::sentence)
                .satisfiesExactly(
                        s -> assertThat(s).contains("23").contains("above"),
                        s -> assertThat(s).contains("140").contains("0 to 100"),
                        s -> assertThat(s).contains("70").contains("-60 to 60"),
                        s -> assertThat(s).contains("2026-02-30"),
                        s -> assertThat(s).contains("no highest"),
                        s -> assertThat(s).contains("row 1 already"),
                        s -> assertThat(s).contains("\"soon\" is not a day"),
                        s -> assertThat(s).contains("warm"));
    }

    @Test
    void aFileWithoutTheNeededColumnsIsRefusedWhole() {
        assertThatThrownBy(() -> WeatherTable.ofCsv("date,max\n2026-05-01,20")).hasMessageContaining("\"min\"");
        assertThatThrownBy(() -> WeatherTable.ofCsv("")).hasMessageContaining("empty");
    }

    @Test
    void unknownDaysAreFilledFromTheClimateAndSayThatTheyAre() {
        WeatherReading bare = new WeatherReading(DAY, 12, 20, null, 4.0, null);
        WeatherDay whole = bare.completed(NORMAL.on(DAY), WeatherDay.Origin.RECORDED);
        assertThat(whole.humidityPct()).isEqualTo(NORMAL.on(DAY).humidityPct());
        assertThat(whole.windMs()).isEqualTo(4);
        Weather weather = new Weather(MILD, List.of(whole));
        assertThat(weather.on(DAY).origin()).isEqualTo(WeatherDay.Origin.RECORDED);
        assertThat(weather.on(DAY.plusDays(1)).origin()).isEqualTo(WeatherDay.Origin.FILLED);
        assertThat(weather.between(DAY, DAY.plusDays(2))).hasSize(3);
    }

    @Test
    void theYearHasNoStepAndTheSouthIsTheNorthTurned() {
        Climate south = StartingClimates.of(StartingClimates.Kind.MILD_COAST, -31.4);
        double before = NORMAL.on(LocalDate.of(2023, 12, 31)).meanC();
        for (LocalDate day = LocalDate.of(2024, 1, 1); day.getYear() == 2024; day = day.plusDays(1)) {
            double mean = NORMAL.on(day).meanC();
            assertThat(Math.abs(mean - before)).as("step on " + day).isLessThan(0.15);
            before = mean;
            assertThat(south.on(day.plusDays(182)).meanC()).isCloseTo(mean, within(0.35));
        }
        assertThat(NORMAL.on(LocalDate.of(2025, 7, 16)).meanC())
                .isCloseTo(MILD.months().get(6).meanC(), within(0.1));
    }

    @Test
    void nearTheEquatorThereIsHardlyAWaveAndFarFromItTheStartIsDoubted() {
        Climate equator = StartingClimates.of(StartingClimates.kind(0.5), 0.5);
        assertThat(equator.months()).allSatisfy(m -> assertThat(m.meanC()).isBetween(25.0, 26.0));
        assertThat(StartingClimates.doubt(45))
                .hasValueSatisfying(s -> assertThat(s).contains("45").contains("40"));
        assertThat(StartingClimates.doubt(-31)).isEmpty();
    }

    @Test
    void normalsFittedFromDrawnYearsComeBack() {
        WeatherYears years = WeatherYears.draw(NORMAL, LocalDate.of(2001, 1, 1), 1, 9131, 7);
        List<WeatherDay> days = new ArrayList<>();
        for (int t = 0; t < years.days(); t++) {
            days.add(years.at(0, t));
        }
        Climate fitted = ClimateFit.of(days);
        for (int i = 0; i < 12; i++) {
            Climate.Month truth = MILD.months().get(i);
            Climate.Month found = fitted.months().get(i);
            assertThat(found.meanC()).isCloseTo(truth.meanC(), within(0.6));
            assertThat(found.rainMm()).isCloseTo(truth.rainMm(), within(0.35 * truth.rainMm()));
            assertThat(found.spreadC()).isCloseTo(truth.spreadC(), within(0.5));
            assertThat(found.windMs()).isCloseTo(truth.windMs(), within(0.2));
        }
        assertThatThrownBy(() -> ClimateFit.of(days.subList(0, 90)))
                .hasMessageContaining("April (0)")
                .hasMessageContaining("at least 20");
    }

    @Test
    void runsAreTheSameForTheSameSeedKeepTheRecordAndBlurTheForecast() {
        WeatherDay recorded = new WeatherDay(DAY, 11, 19, 60, 2, 0, WeatherDay.Origin.RECORDED);
        WeatherDay told = new WeatherDay(DAY.plusDays(1), 15, 25, 60, 2, 0, WeatherDay.Origin.FORECAST);
        Weather weather = new Weather(MILD, List.of(recorded, told));
        WeatherYears one = WeatherYears.draw(weather, DAY, 200, 60, 42);
        WeatherYears same = WeatherYears.draw(weather, DAY, 200, 60, 42);
        WeatherYears other = WeatherYears.draw(weather, DAY, 200, 60, 43);
        double mean = 0;
        double late = 0;
        for (int run = 0; run < 200; run++) {
            assertThat(one.at(run, 0)).isEqualTo(recorded);
            assertThat(one.at(run, 40)).isEqualTo(same.at(run, 40));
            mean += one.at(run, 1).meanC() / 200;
            late += one.at(run, 50).meanC() / 200;
        }
        assertThat(one.at(3, 40)).isNotEqualTo(other.at(3, 40));
        assertThat(mean).isCloseTo(20, within(0.2));
        assertThat(late).isCloseTo(NORMAL.on(DAY.plusDays(50)).meanC(), within(0.6));
    }
}
