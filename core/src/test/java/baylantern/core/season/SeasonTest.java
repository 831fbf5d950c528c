package baylantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeasonTest {

    @ParameterizedTest
    @CsvSource({
        "2026-05-14, 31.4, spring 2026",
        "2026-05-14, -31.4, autumn 2026",
        "2026-12-31, 31.4, winter 2026–27",
        "2027-01-01, 31.4, winter 2026–27",
        "2028-02-29, 31.4, winter 2027–28",
        "2026-01-10, -20, summer 2025–26",
        "2026-07-01, -20, winter 2026",
        "2026-09-01, 0, autumn 2026"
    })
    void isNamedForItsHemisphere(LocalDate day, double latitude, String label) {
        assertThat(Season.of(day, latitude).label()).isEqualTo(label);
    }

    @Property
    void followsTheCalendarInBothHemispheres(
            @ForAll @IntRange(min = 0, max = 20_000) int days,
            @ForAll @DoubleRange(min = -90, max = 90) double latitude) {
        LocalDate day = LocalDate.of(2000, 1, 1).plusDays(days);
        Season now = Season.of(day, latitude);
        assertThat(now).isEqualTo(Season.of(day.withDayOfMonth(1), latitude));
        assertThat(now.compareTo(Season.of(day.plusMonths(3), latitude))).isNegative();
        assertThat(now.name())
                .isEqualTo(Season.of(day.plusMonths(6), latitude > 0 ? -latitude : latitude < 0 ? -latitude : -1)
                        .name());
    }

    @Test
    void refusesALatitudeOffTheGlobe() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Season.of(LocalDate.of(2026, 1, 1), 90.1))
                .withMessageContaining("90.1")
                .withMessageContaining("−90 to 90");
        assertThatIllegalArgumentException().isThrownBy(() -> Season.of(LocalDate.of(2026, 1, 1), Double.NaN));
    }
}
