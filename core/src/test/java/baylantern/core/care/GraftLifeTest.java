package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class GraftLifeTest {

    private static final LocalDate MADE = LocalDate.of(2026, 3, 1);

    private static GraftLife life(Look... looks) {
        return GraftLife.of(MADE, Arrays.asList(looks), HealingClock.atBest(), 120);
    }

    private static Look at(int day, Sign sign) {
        return Look.of(MADE.plusDays(day), sign);
    }

    @Property
    void neverGoesBackwardWithoutACorrection(@ForAll @Size(max = 25) List<Sign> signs) {
        List<Look> looks = new ArrayList<>();
        for (int i = 0; i < signs.size(); i++) {
            looks.add(at(i * 5, signs.get(i)));
        }
        GraftState before = GraftState.MADE;
        for (GraftLife.Step step :
                GraftLife.of(MADE, looks, HealingClock.atBest(), 120).steps()) {
            assertThat(step.before()).isEqualTo(before);
            assertThat(step.after().ordinal())
                    .isGreaterThanOrEqualTo(step.before().ordinal());
            if (!step.before().live()) {
                assertThat(step.after()).isEqualTo(step.before());
            }
            before = step.after();
        }
    }

    @Property
    void aCorrectionSetsTheLifeToWhatItShows(@ForAll @Size(max = 10) List<Sign> signs, @ForAll Sign truth) {
        Assume.that(truth.ofItsLife());
        List<Look> looks = new ArrayList<>();
        signs.forEach(sign -> looks.add(at(looks.size(), sign)));
        looks.add(Look.correcting(MADE.plusDays(30), truth));
        GraftLife life = GraftLife.of(MADE, looks, HealingClock.atBest(), 120);
        assertThat(life.state()).isEqualTo(truth.shows());
        assertThat(life.steps()).hasSize(signs.size() + 1);
    }

    /** Where a graft stands tells nothing of how it lives, at whatever moment and however it is marked. */
    @Property
    void settingItApartChangesNothingOfItsLife(@ForAll @Size(max = 10) List<Sign> signs, @ForAll boolean correcting) {
        List<Look> looks = new ArrayList<>();
        signs.forEach(sign -> looks.add(at(looks.size(), sign)));
        GraftState before =
                GraftLife.of(MADE, looks, HealingClock.atBest(), 120).state();
        LocalDate day = MADE.plusDays(30);
        looks.add(correcting ? Look.correcting(day, Sign.APART) : Look.of(day, Sign.APART));
        assertThat(GraftLife.of(MADE, looks, HealingClock.atBest(), 120).state())
                .isEqualTo(before);
    }

    @Test
    void countsAsTakenOnlyInLeafAndAlive() {
        assertThat(life(at(20, Sign.PUSHED)).state().outcome()).isEqualTo(GraftState.Outcome.WAITING);
        assertThat(life(at(20, Sign.LEAFED)).state().outcome()).isEqualTo(GraftState.Outcome.TAKEN);
        assertThat(life(at(20, Sign.LEAFED), at(40, Sign.DEAD)).state().outcome())
                .isEqualTo(GraftState.Outcome.FAILED);
        assertThat(life(at(20, Sign.MISSING)).state().outcome()).isEqualTo(GraftState.Outcome.LOST);
    }

    @Test
    void isEstablishedAliveAtAHundredAndTwentyDaysOrAfterItsSecondFlush() {
        assertThat(life(at(30, Sign.LEAFED), at(119, Sign.GREEN)).state()).isEqualTo(GraftState.LEAFED);
        assertThat(life(at(30, Sign.LEAFED), at(120, Sign.GREEN)).state()).isEqualTo(GraftState.ESTABLISHED);
        assertThat(life(at(30, Sign.LEAFED), at(121, Sign.NOTHING)).state()).isEqualTo(GraftState.LEAFED);
        assertThat(life(at(80, Sign.SECOND_FLUSH), at(90, Sign.GREEN)).state()).isEqualTo(GraftState.ESTABLISHED);
    }

    @Test
    void aDeadGraftNeedsACorrectionToLive() {
        assertThat(GraftLife.needsCorrection(GraftState.FAILED, Sign.GREEN)).isTrue();
        assertThat(GraftLife.needsCorrection(GraftState.FAILED, Sign.DEAD)).isFalse();
        assertThat(GraftLife.needsCorrection(GraftState.LEAFED, Sign.NOTHING)).isFalse();
        GraftLife revived = life(at(20, Sign.DEAD), Look.correcting(MADE.plusDays(25), Sign.GREEN));
        assertThat(revived.state()).isEqualTo(GraftState.ALIVE);
        assertThat(revived.reached(GraftState.ALIVE)).contains(MADE.plusDays(25));
    }
}
