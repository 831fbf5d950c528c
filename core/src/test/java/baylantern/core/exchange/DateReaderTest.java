package baylantern.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Words;
import baylantern.core.table.DateReader;
import baylantern.core.table.DateReading;
import baylantern.core.table.DateReading.Trait;
import baylantern.core.table.DayOrder;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DateReaderTest {

    private final DateReader reader = new DateReader(Words.shipped());

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2024-05-03 | 2024-05-03",
                "2024/5/3 | 2024-05-03",
                "2024.05.03 | 2024-05-03",
                "20240503 | 2024-05-03",
                "2024-05-03T14:20 | 2024-05-03",
                "2024-05-03 14:20:11 | 2024-05-03",
                "3 May 2024 | 2024-05-03",
                "3rd of May 2024 | 2024-05-03",
                "Fri 3 May 2024 | 2024-05-03",
                "3-May-24 | 2024-05-03",
                "3.Mai.2024 | 2024-05-03",
                "May 3, 2024 | 2024-05-03",
                "May 3 2024 | 2024-05-03",
                "Mar 21 2024 | 2024-03-21",
                "martes 21/3/2023 | 2023-03-21",
                "So. 21.3.2023 | 2023-03-21",
                "March 21st 2023 | 2023-03-21",
                "21 marzo 2023 | 2023-03-21",
                "21 de marzo de 2023 | 2023-03-21",
                "1 août 2024 | 2024-08-01",
                "29 Feb 2024 | 2024-02-29",
                "25/04/2024 | 2024-04-25",
                "4/25/24 | 2024-04-25",
                "25. 4. 2024 | 2024-04-25",
                "05/05/2024 | 2024-05-05"
            })
    void readsOneDayHoweverItIsWritten(String written, LocalDate day) {
        DateReading reading = reader.read(written);
        assertThat(reading.in(DayOrder.DAY_FIRST)).isEqualTo(day);
        assertThat(reading.in(DayOrder.MONTH_FIRST)).isEqualTo(day);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Mar 2024", "March 2024", "03/2024", "2024-03", "märz 2024"})
    void aMonthAloneStandsForItsMiddle(String written) {
        assertThat(reader.read(written).trait()).isEqualTo(Trait.MONTH_ONLY);
        assertThat(reader.read(written).in(DayOrder.DAY_FIRST)).isEqualTo(LocalDate.of(2024, 3, 15));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "31/02/2024",
                "March 5/2024",
                "May 5/2024",
                "fog 3/2024",
                "30 Feb 2024",
                "2023-02-29",
                "soon",
                "13/13/2024",
                "00/05/2024",
                "12",
                "tomorrow",
                "2024-13-01"
            })
    void whatIsNoDayIsNotRead(String written) {
        assertThat(reader.read(written).trait()).isEqualTo(Trait.UNREADABLE);
        assertThat(reader.read(written).readable()).isFalse();
    }

    @Test
    void anOpenOrderKeepsBothDays() {
        DateReading open = reader.read("03/04/2024");
        assertThat(open.trait()).isEqualTo(Trait.EITHER);
        assertThat(open.in(DayOrder.DAY_FIRST)).isEqualTo(LocalDate.of(2024, 4, 3));
        assertThat(open.in(DayOrder.MONTH_FIRST)).isEqualTo(LocalDate.of(2024, 3, 4));
        assertThat(reader.read(" ").trait()).isEqualTo(Trait.EMPTY);
    }

    @Property(tries = 300)
    void whateverIsWrittenOutIsReadBack(
            @ForAll @IntRange(min = 0, max = 25_000) int days, @ForAll @IntRange(min = 0, max = 5) int style) {
        LocalDate day = LocalDate.of(1970, 1, 1).plusDays(days);
        String pattern = List.of("yyyy-MM-dd", "d MMM yyyy", "dd/MM/yyyy", "MMMM d, yyyy", "d.M.yyyy", "EEE d MMM yyyy")
                .get(style);
        String written = day.format(DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH));
        assertThat(reader.read(written).in(DayOrder.DAY_FIRST)).as(written).isEqualTo(day);
    }

    private DateOrder.Pair pair(String made, String seen) {
        return new DateOrder.Pair(reader.read(made), reader.read(seen));
    }

    @Test
    void theOrderIsTheOneThatMakesSenseWhereNothingElseDecides() {
        LocalDate today = LocalDate.of(2026, 5, 14);
        DateOrder order =
                DateOrder.of(List.of(pair("04/10/2023", "05/08/2023"), pair("04/11/2023", "05/10/2023")), today);
        assertThat(order.usual()).isEqualTo(DayOrder.MONTH_FIRST);
        assertThat(order.sure()).isFalse();
        DateOrder nothing = DateOrder.of(List.of(pair("04/04/2023", "")), today);
        assertThat(nothing.usual()).isEqualTo(DayOrder.DAY_FIRST);
        assertThat(DateOrder.of(List.of(pair("05/06/2023", "")), today).why()).contains("assumed");
    }

    @Test
    void aSureOrderIsNotBentForOneRow() {
        LocalDate today = LocalDate.of(2026, 5, 14);
        DateOrder order = DateOrder.of(List.of(pair("25/04/2023", ""), pair("01/12/2026", "")), today);
        assertThat(order.sure()).isTrue();
        assertThat(order.choose(pair("01/12/2026", ""), today).made()).containsExactly(LocalDate.of(2026, 12, 1));
    }
}
