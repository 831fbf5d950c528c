package baylantern.core.season.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same day, told as other programs tell it, is the same day. */
class WeatherSpellingTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "date,min,max,humidity,wind,rain|2026-05-14,10,25,70,5,12.7|",
                "Date;TMIN;TMAX;RH;Wind km/h;Precip (mm)|14.05.2026;10,0;25,0;70;18,0;12,7|the day first in its dates, wind in km/h",
                "Day,Low (°F),High (°F),Humidity %,Wind mph,Rain (in)|05/14/2026,50,77,70,11.185,0.5|the month first in its dates, °F, wind in mph, rain in inches",
                "Fecha;Mínima °C;Máxima °C;Humedad;Viento (kn);Lluvia cm|14-may-2026;10 °C;25 °C;70 %;9.719;1.27|wind in knots, rain in cm",
                "timestamp,minC,maxC,humidityPct,windMs,rainMm,Wind gust|2026-05-14T00:00,10,25,70,5,12.7,40|",
            })
    void theSameDayInOtherWords(String heading, String row, String told) {
        WeatherTable table = WeatherTable.ofCsv("Station 7, the terrace\n" + heading + "\n" + row + "\n");
        assertThat(table.refused()).isEmpty();
        WeatherReading read = table.readings().get(0);
        assertThat(read.day()).isEqualTo(DAY);
        assertThat(read.minC()).isCloseTo(10, within(0.01));
        assertThat(read.maxC()).isCloseTo(25, within(0.01));
        assertThat(read.humidityPct()).isEqualTo(70);
        assertThat(read.windMs()).isCloseTo(5, within(0.01));
        assertThat(read.rainMm()).isCloseTo(12.7, within(0.01));
        assertThat(table.told()).isEqualTo(told == null ? "" : told);
    }

    // 1 °C is 1.8 °F and 0 °C is 32 °F; whatever the climate, heat that no place knows tells the scale.
    @Property(tries = 60)
    void aFileOfFahrenheitWithoutSayingSoIsKnownByItsHeat(
            @ForAll @DoubleRange(min = 12, max = 40) double high, @ForAll @IntRange(min = 1, max = 12) int month) {
        LocalDate first = LocalDate.of(2025, month, 1);
        StringBuilder text = new StringBuilder("Date,Low,High\n");
        for (int i = 0; i < 20; i++) {
            LocalDate day = first.plusDays(i);
            text.append(String.format(
                    Locale.ROOT,
                    "%d/%d/%d,%.2f,%.2f%n",
                    day.getMonthValue(),
                    day.getDayOfMonth(),
                    day.getYear(),
                    (high - 9) * 1.8 + 32,
                    high * 1.8 + 32));
        }
        WeatherTable table = WeatherTable.ofCsv(text.toString());
        assertThat(table.told()).isEqualTo("the month first in its dates, °F");
        assertThat(table.readings()).hasSize(20);
        assertThat(table.readings().get(4).day()).isEqualTo(first.plusDays(4));
        assertThat(table.readings().get(4).maxC()).isCloseTo(high, within(0.01));
    }

    /** Where every date could be either, days that follow one another decide. */
    @Test
    void daysThatFollowDecideTheOrder() {
        WeatherTable month = WeatherTable.ofCsv("date,min,max\n5/1/2026,9,20\n5/2/2026,9,20\n5/3/2026,9,20\n");
        assertThat(month.readings().get(2).day()).isEqualTo(LocalDate.of(2026, 5, 3));
        WeatherTable day = WeatherTable.ofCsv("date,min,max\n1/5/2026,9,20\n2/5/2026,9,20\n3/5/2026,9,20\n");
        assertThat(day.readings().get(2).day()).isEqualTo(LocalDate.of(2026, 5, 3));
    }

    @Test
    void whatIsNoNumberIsRefusedAndWhatWasNotMeasuredIsLeft() {
        WeatherTable table = WeatherTable.ofCsv(
                "day,low,high,rain in\n2026-05-01,9,20,T\n2026-05-02,nine,20,--\n2026-05-03,n/a,20,1\n2026-05-04,9,20,--\n");
        assertThat(table.readings()).extracting(WeatherReading::rainMm).containsExactly(0.0, null);
        assertThat(table.refused().get(0).sentence()).isEqualTo("\"nine\" under min is not a number.");
        assertThat(table.refused().get(1).sentence()).contains("no lowest temperature");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> WeatherTable.ofCsv("date,high\n2026-05-01,20\n"))
                .withMessageContaining("no column \"min\"");
    }
}
