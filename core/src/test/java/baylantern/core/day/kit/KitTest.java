package baylantern.core.day.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.bench.Cover;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Units;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class KitTest {

    private static final Rulebook RULES = Rulebook.shipped();

    /** Against a line of 20 000 straight pieces laid along the helix; tolerance a thousandth. */
    @Property(tries = 50)
    void tapeIsAsLongAsALineLaidAlongIt(
            @ForAll @DoubleRange(min = 3, max = 60) double diameter,
            @ForAll @DoubleRange(min = 10, max = 120) double wrapped,
            @ForAll @DoubleRange(max = 0.8) double overlap) {
        double rise = 25 * (1 - overlap);
        double turns = wrapped / rise + 1;
        int pieces = 20_000;
        double length = 0;
        double[] last = {diameter / 2, 0, 0};
        for (int i = 1; i <= pieces; i++) {
            double angle = 2 * Math.PI * turns * i / pieces;
            double[] at = {diameter / 2 * Math.cos(angle), diameter / 2 * Math.sin(angle), rise * turns * i / pieces};
            length += Math.hypot(Math.hypot(at[0] - last[0], at[1] - last[1]), at[2] - last[2]);
            last = at;
        }
        assertThat(new Tape(25, overlap, 60).lengthMm(diameter, wrapped) - 60).isCloseTo(length, within(length / 1000));
    }

    private static Kit.Part part(String technique, Cover cover, int grafts) {
        return new Kit.Part(RULES.technique(technique).orElseThrow(), cover, grafts, 10);
    }

    @Test
    void theBoxHoldsWhatTheDayTakes() {
        List<Kit.Thing> things =
                new Kit(RULES).things(List.of(part("cleft", Cover.BAG, 20), part("t-bud", Cover.FILM_FOIL, 40)), 5, 2);
        assertThat(things)
                .extracting(thing -> thing.name() + " " + thing.much())
                .contains("bags 22", "ties for them 44", "pieces of foil 44", "labels 66", "grafting knives, sharp 2")
                .anyMatch(words -> words.startsWith("bark lifter"))
                .noneMatch(words -> words.startsWith("saw"));
        assertThat(things)
                .filteredOn(thing -> thing.name().equals("grafting tape"))
                .allSatisfy(thing -> {
                    assertThat(Quantity.plain(thing.much())).matches("\\d+ m");
                    assertThat(Quantity.told(thing.much(), Units.parse("inch"))).matches("\\d+ ft");
                });
        assertThat(new Kit(RULES).things(List.of(part("bark", Cover.NONE, 1)), 1, 1))
                .extracting(Kit.Thing::name)
                .contains("saw")
                .doesNotContain("wax film", "bags");
    }

    @Test
    void tapeThatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Tape(25, 1, 0)).hasMessageContaining("to under 1");
        assertThatThrownBy(() -> new Tape(25, 0.5, 0).lengthMm(0, 10)).hasMessageContaining("over 0");
    }
}
