package baylantern.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Chars;

class SafeCellTest {

    @Property
    void whatIsWrittenComesBackAndIsNeverReckonedOut(
            @ForAll @Chars({'=', '+', '-', '@', '\'', '1', 'a', '\t'}) String text) {
        String written = SafeCell.written(text);
        assertThat(SafeCell.read(written)).isEqualTo(text);
        assertThat(written.matches("(?s)[=@\t\r].*")).isFalse();
        assertThat(written.matches("(?s)[-+].*")).isEqualTo(written.matches("[-+]\\d+"));
    }

    @Example
    void numbersStayNumbers() {
        assertThat(SafeCell.written("-12.5")).isEqualTo("-12.5");
        assertThat(SafeCell.written("-1+1")).isEqualTo("'-1+1");
        assertThat(SafeCell.written("=SUM(A1)")).isEqualTo("'=SUM(A1)");
        assertThat(SafeCell.read("'tis ripe")).isEqualTo("'tis ripe");
    }
}
