package baylantern.core.take;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The limits of pooling, and an experiment in which the truth is known. */
class KinPoolingTest {

    private static final Rulebook RULES = Rulebook.shipped();

    private static KinPooling pooled(Map<List<String>, TakeCount> leaves) {
        return new KinPooling(leaves, RULES.life(FigureName.KIN_STRENGTH), RULES.life(FigureName.KIN_SPREAD));
    }

    private static TakeCount count(int taken, int failed) {
        return new TakeCount(taken, failed, 0, 0);
    }

    @Test
    void oneGroupAloneIsItsOwn() {
        Belief belief = pooled(Map.of(List.of("mango", "A"), count(7, 3))).belief(List.of("mango", "A"));
        assertThat(belief).isEqualTo(new Belief(8, 4));
    }

    @Test
    void identicalGroupsAreAsGoodAsPooled() {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        for (int i = 0; i < 30; i++) {
            leaves.put(List.of("mango", "v" + i), count(14, 6));
        }
        Belief one = pooled(leaves).belief(List.of("mango", "v3"));
        assertThat(one.mean()).isEqualTo(0.7, within(0.005));
        double alone = Belief.FLAT.after(14, 6).range(0.9).high()
                - Belief.FLAT.after(14, 6).range(0.9).low();
        assertThat(one.range(0.9).high() - one.range(0.9).low()).isLessThan(alone / 2);
    }

    @Test
    void unlikeGroupsKeepToThemselves() {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        for (int i = 0; i < 8; i++) {
            leaves.put(List.of("good" + i), count(39, 1));
            leaves.put(List.of("bad" + i), count(1, 39));
        }
        KinPooling pooling = pooled(leaves);
        assertThat(pooling.strength(1)).isLessThan(4);
        assertThat(pooling.belief(List.of("good1")).mean()).isGreaterThan(0.9);
        assertThat(pooling.belief(List.of("bad1")).mean()).isLessThan(0.1);
    }

    @Test
    void anEmptyGroupSaysWhatItsSpeciesSays() {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        leaves.put(List.of("fig", "A"), count(90, 10));
        leaves.put(List.of("fig", "B"), count(88, 12));
        leaves.put(List.of("fig", "C"), TakeCount.NONE);
        KinPooling pooling = pooled(leaves);
        Belief empty = pooling.belief(List.of("fig", "C"));
        assertThat(empty.mean()).isEqualTo(0.89, within(0.06));
        assertThat(pooling.belief(List.of("fig", "never heard of")).mean()).isEqualTo(empty.mean(), within(1e-12));
    }

    @Test
    void waitingAndLostGraftsNeverMoveARate() {
        Map<List<String>, TakeCount> bare = Map.of(List.of("a"), count(5, 2), List.of("b"), count(3, 3));
        Map<List<String>, TakeCount> more =
                Map.of(List.of("a"), new TakeCount(5, 2, 40, 7), List.of("b"), new TakeCount(3, 3, 0, 9));
        assertThat(pooled(more).belief(List.of("a"))).isEqualTo(pooled(bare).belief(List.of("a")));
    }

    /** 60 farms drawn from the model's own assumptions: the 90 % range must hold the truth about nine times in ten. */
    @Test
    void theRangeHoldsTheTruthAsOftenAsItSays() {
        Random random = new Random(7);
        int held = 0;
        int asked = 0;
        for (int farm = 0; farm < 60; farm++) {
            Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
            Map<List<String>, Double> truth = new LinkedHashMap<>();
            for (int group = 0; group < 12; group++) {
                double rate = 1 / (1 + Math.exp(-(0.8 + 0.7 * random.nextGaussian())));
                int n = 2 + random.nextInt(20);
                int taken = (int) random.doubles(n).filter(x -> x < rate).count();
                leaves.put(List.of("g" + group), count(taken, n - taken));
                truth.put(List.of("g" + group), rate);
            }
            KinPooling pooling = pooled(leaves);
            for (var group : truth.entrySet()) {
                Belief.Range range = pooling.belief(group.getKey()).range(0.9);
                asked++;
                held += range.low() <= group.getValue() && group.getValue() <= range.high() ? 1 : 0;
            }
        }
        assertThat(held / (double) asked).isBetween(0.85, 0.96);
    }

    @Test
    void theOrderOfGroupsDoesNotMatter() {
        Figure strength = RULES.life(FigureName.KIN_STRENGTH);
        Figure spread = RULES.life(FigureName.KIN_SPREAD);
        Map<List<String>, TakeCount> one = new LinkedHashMap<>();
        one.put(List.of("a"), count(5, 2));
        one.put(List.of("b"), count(1, 6));
        Map<List<String>, TakeCount> other = new LinkedHashMap<>();
        other.put(List.of("b"), count(1, 6));
        other.put(List.of("a"), count(5, 2));
        assertThat(new KinPooling(one, strength, spread).belief(List.of("a")))
                .isEqualTo(new KinPooling(other, strength, spread).belief(List.of("a")));
    }
}
