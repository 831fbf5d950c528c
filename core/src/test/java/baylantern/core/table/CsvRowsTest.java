package baylantern.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvRowsTest {

    @ParameterizedTest
    @ValueSource(strings = {"a,b\n1,2\n\n3,4\n", "a;b\r\n1;2\r\n3;4", "a\tb\n 1 \t2\n3\t4", "\uFEFFa,b\n1,2\n3,4"})
    void theHeadingShowsHowTheTableIsSeparated(String text) {
        assertThat(CsvRows.of(text)).containsExactly(Map.of("a", "1", "b", "2"), Map.of("a", "3", "b", "4"));
    }

    @Test
    void shortRowsHaveEmptyCellsAndLongOnesLoseWhatHasNoHeading() {
        assertThat(CsvRows.of("a,b\n1\n2,3,4")).containsExactly(Map.of("a", "1", "b", ""), Map.of("a", "2", "b", "3"));
    }

    @Test
    void quotedCellsMayHoldTheMarkAndAHeadingAloneHasNoRows() {
        assertThat(CsvRows.of("time,temp\n\"Mon, noon\",\"6,5\""))
                .containsExactly(Map.of("time", "Mon, noon", "temp", "6,5"));
        assertThat(CsvRows.of("time,temp")).isEqualTo(List.of());
    }

    @Test
    void whatIsNoTableIsTold() {
        assertThatThrownBy(() -> CsvRows.of("")).hasMessage("The file is empty.");
        assertThatThrownBy(() -> CsvRows.of("a,b\n\"open,2"))
                .hasMessage("The file is not a table of commas or semicolons.");
    }
}
