package baylantern.core.season.flush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is noted of buds, what is refused and flagged, and the swells found in it. */
class BudNotesTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);
    private static final NoteChecks CHECKS = new NoteChecks(Rulebook.shipped().flush());

    private static BudNote note(int day, String shares) {
        return BudNote.of(DAY.plusDays(day), CanopyShares.parse(shares));
    }

    @Test
    void sharesAreReadWrittenAndFilledWithRest() {
        CanopyShares some = CanopyShares.parse("s40 M20");
        assertThat(some.of(BudStage.R)).isCloseTo(0.4, within(1e-9));
        assertThat(some.active()).isCloseTo(0.4, within(1e-9));
        assertThat(CanopyShares.parse(some.written())).isEqualTo(some);
        assertThat(CanopyShares.parse("F")).isEqualTo(CanopyShares.all(BudStage.F));
        BudNote sides = new BudNote(DAY, CanopyShares.parse("S60 M40"), CanopyShares.all(BudStage.M), false);
        assertThat(sides.canopy().active()).isCloseTo(0.3, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "S60 P50 | 110 %",
                "Q30 | no stage",
                "S45 | in tens",
                "S30 S40 | named twice",
                "S120 | in tens",
                "S0 | in tens"
            })
    void sharesThatCannotBeSayWhy(String written, String why) {
        assertThatThrownBy(() -> CanopyShares.parse(written)).hasMessageContaining(why);
    }

    @Test
    void matureTwoDaysAfterPushIsFlaggedAndTheFutureRefused() {
        List<Finding> odd = CHECKS.of(note(2, "M"), List.of(note(0, "P")), DAY.plusDays(9));
        assertThat(odd).singleElement().satisfies(f -> {
            assertThat(f.weight()).isEqualTo(Finding.Weight.WARNS);
            assertThat(f.message()).contains("pushing").contains("mature").contains("2 days");
        });
        assertThat(CHECKS.of(note(5, "S"), List.of(), DAY))
                .singleElement()
                .satisfies(f -> assertThat(f.weight()).isEqualTo(Finding.Weight.REFUSES));
        assertThat(CHECKS.of(note(1, "F"), List.of(note(0, "S"), note(30, "H")), DAY.plusDays(40)))
                .as("one day from swelling to flushing is within the slack of the eye")
                .isEmpty();
        assertThat(CHECKS.of(note(12, "S"), List.of(note(0, "M"), note(20, "P")), DAY.plusDays(40)))
                .isEmpty();
        assertThat(CHECKS.of(note(5, "S"), List.of(note(0, "F")), DAY.plusDays(40)))
                .as("backwards")
                .hasSize(1);
    }

    @Test
    void aSwellIsPutBetweenItsNotesInProportion() {
        List<Swell> swells = Swells.in(List.of(note(0, "M"), note(10, "S40 M60"), note(20, "F"), note(60, "M")), 0.2);
        assertThat(swells).containsExactly(new Swell(DAY.plusDays(5), 5));
    }

    @Test
    void aFlushSeenOnlyHardeningAndOneSkippedBetweenFlushAndSwellCount() {
        assertThat(Swells.in(List.of(note(0, "R"), note(40, "H")), 0.2))
                .containsExactly(new Swell(DAY.plusDays(20), 20));
        assertThat(Swells.in(List.of(note(0, "M"), note(4, "S"), note(14, "F"), note(80, "S")), 0.2))
                .extracting(Swell::day)
                .containsExactly(DAY.plusDays(1), DAY.plusDays(47));
        assertThat(Swells.in(List.of(), 0.2)).isEmpty();
        assertThat(Swells.in(List.of(note(0, "S")), 0.2)).isEmpty();
    }
}
