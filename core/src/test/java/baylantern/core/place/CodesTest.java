package baylantern.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
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

    @Test
    void aCodeIsReadAsItIsSaid() {
        for (String typed : List.of("TE-26-001", "te26001", "TE 26 1", "te/26/001", " te-26-1 ", "te.26.01")) {
            assertThat(Codes.read(typed)).as(typed).contains("TE-26-001");
        }
        assertThat(Codes.read("te26w4")).contains("TE-26-W04");
        assertThat(Codes.read("te 26 1200")).contains("TE-26-1200");
        for (String part : List.of("te", "te-26", "te-26-", "te-26-00", "26-001", "shade house", "", "te-26-x1")) {
            assertThat(Codes.read(part)).as(part).isEmpty();
        }
    }

    @Property
    void everyCodeIsReadAsItself(
            @ForAll @IntRange(min = 0, max = 99) int year, @ForAll @IntRange(min = 1, max = 99_999) int number) {
        String graft = Codes.graft("QU", year, number);
        String lot = Codes.lot("QU", year, number);
        assertThat(Codes.read(graft)).contains(graft);
        assertThat(Codes.read(graft.toLowerCase(Locale.ROOT).replace("-", ""))).contains(graft);
        assertThat(Codes.read(lot.replace('-', ' '))).contains(lot);
    }
}
