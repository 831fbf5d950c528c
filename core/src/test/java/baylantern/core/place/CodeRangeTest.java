package baylantern.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class CodeRangeTest {

    @Test
    void aRunOrAListAsItIsWrittenInANotebook() {
        assertThat(CodeRange.read("AV-124 … 127")).containsExactly("AV-124", "AV-125", "AV-126", "AV-127");
        assertThat(CodeRange.read("av-8 to AV-10")).containsExactly("AV-8", "AV-9", "AV-10");
        assertThat(CodeRange.read("CT-007..009; CT-012")).containsExactly("CT-007", "CT-008", "CT-009", "CT-012");
        assertThat(CodeRange.read("AV-1, AV-1 – 2")).containsExactly("AV-1", "AV-2");
        assertThat(CodeRange.read("TE-26-W01, GQ-26-002")).containsExactly("TE-26-W01", "GQ-26-002");
    }

    @Test
    void wordsAndOneCodeAreNeither() {
        for (String text : new String[] {"", "AV-12", "shade house", "kiln, shade", "12 to 14", "AV-", "tomato row"}) {
            assertThat(CodeRange.read(text)).as(text).isEmpty();
        }
    }

    @Test
    void whatIsNoRunIsSaid() {
        assertThatThrownBy(() -> CodeRange.read("AV-9 to 3")).hasMessage("A run goes forward: not from 9 to 3.");
        assertThatThrownBy(() -> CodeRange.read("AV-1 to CT-4")).hasMessageContaining("codes of one kind");
        assertThatThrownBy(() -> CodeRange.read("AV-1 … 900")).hasMessageContaining("at most 500 in one go");
    }

    @Property(tries = 60)
    void aRunHoldsEachNumberOnce(@ForAll @IntRange(min = 1, max = 900) int from, @ForAll @IntRange(max = 99) int more) {
        assertThat(CodeRange.read("MG-" + from + " … " + (from + more)))
                .hasSize(more + 1)
                .doesNotHaveDuplicates()
                .startsWith("MG-" + from)
                .endsWith("MG-" + (from + more));
    }
}
