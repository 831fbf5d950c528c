package baylantern.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class CodesTest {

    @Test
    void lettersComeFromTheNameAndStayApart() {
        assertThat(Codes.letters("Late Ferry", Set.of())).isEqualTo("LF");
        assertThat(Codes.letters("Ternlight", Set.of())).isEqualTo("TE");
        assertThat(Codes.letters("Éclair", Set.of())).isEqualTo("EC");
        assertThat(Codes.letters("Late Ferry", Set.of("LF"))).isEqualTo("LA");
        assertThat(Codes.graft("TE", 2026, 18)).isEqualTo("TE-26-018");
        assertThat(Codes.graft("TE", 2026, 1200)).isEqualTo("TE-26-1200");
    }

    @Property
    void anyNamesAtAllGetLettersOfTheirOwn(@ForAll @Size(max = 60) List<String> names) {
        Set<String> taken = new HashSet<>();
        for (String name : names) {
            String letters = Codes.letters(name, taken);
            assertThat(letters).hasSizeBetween(2, 8).matches("[A-Z0-9]+");
            assertThat(taken.add(letters)).isTrue();
        }
    }

    @Test
    void lotsHaveCodesOfTheirOwnThatGrowLonger() {
        assertThat(Codes.lot("TL", 2026, 7)).isEqualTo("TL-26-W07");
        assertThat(Codes.lot("TL", 2026, 120)).isEqualTo("TL-26-W120");
        assertThatThrownBy(() -> Codes.lot("TL", 2026, 0)).hasMessageContaining("not 0");
    }
}
