package baylantern.core.season.flush;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.Rulebook;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Where the stages lie on the way from swell to swell. */
class StagesTest {

    private static final Stages STAGES = Stages.of(Rulebook.shipped().flush());

    @Test
    void stagesFollowEachOtherToTheEndOfTheWay() {
        followEachOther(STAGES);
        assertThat(STAGES.at(0)).isEqualTo(BudStage.S);
        assertThat(STAGES.at(0.32)).isEqualTo(BudStage.H);
        assertThat(STAGES.at(7)).isEqualTo(BudStage.R);
    }

    private static void followEachOther(Stages stages) {
        double before = 0;
        for (BudStage stage : BudStage.values()) {
            assertThat(stages.from(stage)).isEqualTo(before);
            assertThat(stages.until(stage)).isGreaterThan(before);
            before = stages.until(stage);
        }
        assertThat(before).isEqualTo(1);
    }

    @Property(tries = 200)
    void aPartOfTheWayLiesWithinItsStage(@ForAll @DoubleRange(min = 0, max = 0.99) double way) {
        BudStage stage = STAGES.at(way);
        assertThat(way).isGreaterThanOrEqualTo(STAGES.from(stage)).isLessThan(STAGES.until(stage));
    }

    @Property(tries = 200)
    void noneIsLostHoweverMuchLongerOthersAre(@ForAll @Size(6) double @DoubleRange(min = -0.5, max = 0.5) [] longer) {
        followEachOther(STAGES.lengthened(longer));
    }

    @Test
    void whereTheyLieIsSaidBesideTheRulebook() {
        Stages here = STAGES.lengthened(new double[] {0.02, 0, -0.05, 0, 0, 0.03});
        String said = "swelling to 10 %, pushing to 16 %, flushing to 29 %, hardening to 52 %, mature to 77 %"
                + " (rulebook 8, 14, 32, 55, 80 %).";
        assertThat(new Course(here, FlushLength.BY_NEXT).words(STAGES))
                .isEqualTo("Its stages here, of the way from swell to swell: " + said);
        assertThat(new Course(here, new FlushLength(1100, 0.1)).words(STAGES))
                .isEqualTo("Its stages here, of what it usually takes from swell to swell: " + said);
    }

    /** By its own warmth a flush of 1000 degree-days ripens as quickly whether the next follows soon or late. */
    @Test
    void aStageEndsByItsOwnWarmthOrByTheNextSwell() {
        Course own = new Course(STAGES, new FlushLength(1000, 0));
        Course byNext = new Course(STAGES, FlushLength.BY_NEXT);
        double end = STAGES.until(BudStage.F);
        for (double whole : new double[] {900, 3000}) {
            assertThat(own.until(BudStage.F, whole)).isEqualTo(1000 * end);
            assertThat(byNext.until(BudStage.F, whole)).isEqualTo(whole * end);
            assertThat(own.at(1000 * end - 1, whole)).isEqualTo(BudStage.F);
            assertThat(own.at(1000 * end + 1, whole)).isEqualTo(BudStage.H);
            assertThat(own.until(BudStage.R, whole)).isEqualTo(whole);
        }
        // The next one may come before it is done.
        assertThat(own.until(BudStage.F, 200)).isEqualTo(200);
    }
}
