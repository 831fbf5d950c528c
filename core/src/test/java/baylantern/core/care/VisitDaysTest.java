package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Hemisphere;
import java.time.LocalDate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VisitDaysTest {

    @ParameterizedTest
    @CsvSource({
        "2027-11-03, NORTH, 2028-01-15",
        "2028-01-15, NORTH, 2028-01-15",
        "2028-01-16, NORTH, 2029-01-15",
        "2028-02-29, SOUTH, 2028-07-15",
        "2028-08-01, SOUTH, 2029-07-15"
    })
    void theNextMidwinterIsThatOfItsSideOfTheEquator(LocalDate from, Hemisphere side, LocalDate midwinter) {
        assertThat(VisitDays.midwinter(from, side)).isEqualTo(midwinter);
    }

    @Property
    void itComesWithinAYearAndNeverBefore(@ForAll @IntRange(min = 0, max = 3000) int day, @ForAll Hemisphere side) {
        LocalDate from = LocalDate.of(2024, 1, 1).plusDays(day);
        LocalDate midwinter = VisitDays.midwinter(from, side);
        assertThat(midwinter).isAfterOrEqualTo(from).isBefore(from.plusDays(367));
        assertThat(VisitDays.midwinter(midwinter, side)).isEqualTo(midwinter);
    }
}
