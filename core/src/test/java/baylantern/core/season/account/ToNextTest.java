package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.FlushLength;
import baylantern.core.season.flush.Stages;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Whether leaves ripen by their own warmth or by the swell that follows shows in looks, on trees made up either way. */
class ToNextTest {

    private static final FlushRules RULES = Rulebook.shipped().flush();
    // Stages elsewhere than the rulebook has them, by the part of the length at which each ends.
    private static final double[] ENDS = {0.1, 0.18, 0.36, 0.6, 0.85, 1};

    private static List<LookedAt> looks(int count, double toNext) {
        SplittableRandom random = new SplittableRandom(11);
        List<LookedAt> looks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double usual = 800 + 400 * random.nextDouble();
            double whole = usual * Math.exp(0.4 * random.nextGaussian());
            double gone = whole * random.nextDouble();
            double part = gone / (toNext * whole + (1 - toNext) * usual) * Math.exp(0.1 * random.nextGaussian());
            int stage = 0;
            while (stage < ENDS.length - 1 && part > ENDS[stage]) {
                stage++;
            }
            looks.add(new LookedAt(gone, whole, usual, CanopyShares.all(BudStage.values()[stage])));
        }
        return looks;
    }

    @Test
    void leavesThatRipenByTheirOwnWarmthAreFoundToDoSo() {
        assertThat(ToNext.of(RULES, looks(400, 0))).isLessThan(0.05);
    }

    @Test
    void leavesThatTakeTheirShareOfTheWayToTheNextFlushAreFoundToDoSo() {
        assertThat(ToNext.of(RULES, looks(400, 1))).isGreaterThan(0.9);
    }

    @Test
    void withoutLooksItIsWhatIsHeldBeforehand() {
        assertThat(ToNext.of(RULES, List.of())).isBetween(0.3, 0.4);
    }

    /** Both of 1000 degree-days usually: by its own warmth a flush of 500 is as far as one of 2000. */
    @Test
    void aLengthLiesBetweenItsOwnAndTheWayToTheNext() {
        double first = Stages.of(RULES).until(BudStage.S);
        assertThat(new FlushLength(1000, 0).way(1000 * first, 2000)).isEqualTo(first);
        assertThat(new FlushLength(1000, 0).way(1000 * first, 500)).isEqualTo(first);
        assertThat(FlushLength.BY_NEXT.way(500, 2000)).isEqualTo(0.25);
        assertThat(new FlushLength(1000, 0.5).way(750, 2000)).isEqualTo(0.5);
        assertThat(new FlushLength(1000, 0).way(1500, 2000)).isEqualTo(1);
    }
}
