package baylantern.core.fit.limb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.limb.LimbPlan.Limb;
import baylantern.core.fit.limb.LimbPlan.LimbFate;
import baylantern.core.fit.limb.LimbPlan.LimbSeason;
import baylantern.core.fit.limb.LimbPlan.LimbStep;
import baylantern.core.fit.limb.LimbPlan.TreeSchool;
import baylantern.core.rules.Hemisphere;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LimbPlanTest {

    private static final LimbPlan PLAN = new LimbPlan(Rulebook.shipped().fit());
    private static final List<Limb> TREE = List.of(
            new Limb("A", 64, 900, 20),
            new Limb("B", 38, 1100, 65),
            new Limb("C", 82, 700, 110),
            new Limb("D", 22, 1300, 150),
            new Limb("E", 95, 800, 215),
            new Limb("F", 46, 1000, 260),
            new Limb("G", 30, 2100, 300),
            new Limb("H", 140, 1200, 330),
            new Limb("J", 6, 600, 190));

    @Test
    void everyLimbHasItsFateAndReason() {
        LimbSeason all = PLAN.plan(TREE, TreeSchool.ALL, Hemisphere.NORTH, Slips.NO);
        assertThat(all.steps()).hasSameSizeAs(TREE).allMatch(s -> !s.why().isBlank());
        assertThat(Quantity.plain(step(all, "G").why())).contains("2100 mm it is beyond reach, 1800 mm");
        assertThat(Quantity.plain(step(all, "H").why())).contains("140 mm is thicker than heals well");
        assertThat(Quantity.plain(step(all, "J").why())).contains("6 mm is thinner than bears a graft");
        assertThat(all.steps().stream().filter(s -> s.fate() == LimbFate.GRAFT)).hasSize(6);
        assertThat(all.steps().stream().filter(s -> s.fate() == LimbFate.REMOVE))
                .hasSize(3);
    }

    @Test
    void aThirdIsAThirdAndTheRestWaits() {
        LimbSeason third = PLAN.plan(TREE, TreeSchool.THIRD, Hemisphere.NORTH, Slips.NO);
        assertThat(third.steps().stream().filter(s -> s.fate() == LimbFate.GRAFT))
                .hasSize(3);
        assertThat(third.steps().stream().filter(s -> s.fate() == LimbFate.LATER))
                .hasSize(6);
    }

    @Test
    void theNurseShadesFromTheAfternoonSunOnEitherSideOfTheEquator() {
        assertThat(nurse(Hemisphere.NORTH)).isEqualTo("E");
        assertThat(nurse(Hemisphere.SOUTH)).isEqualTo("H");
    }

    private static String nurse(Hemisphere hemisphere) {
        return PLAN.plan(TREE, TreeSchool.NURSE, hemisphere, Slips.NO).steps().stream()
                .filter(s -> s.fate() == LimbFate.NURSE)
                .map(s -> s.limb().label())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void scionsGrowWithTheRimAndTheTechniqueWithTheLimb() {
        // Rims of 63, 119 and 201 mm: one scion for every 80 mm begun.
        assertThat(PLAN.scions(new Limb("a", 20, 500, 0))).isEqualTo(1);
        assertThat(PLAN.scions(new Limb("b", 38, 500, 0))).isEqualTo(2);
        assertThat(PLAN.scions(new Limb("c", 64, 500, 0))).isEqualTo(3);
        assertThat(PLAN.scions(new Limb("d", 119, 500, 0))).isEqualTo(4);
        assertThat(step(PLAN.plan(TREE, TreeSchool.ALL, Hemisphere.NORTH, Slips.YES), "B")
                        .technique())
                .isEqualTo("bark");
        assertThat(step(PLAN.plan(TREE, TreeSchool.ALL, Hemisphere.NORTH, Slips.NO), "B")
                        .technique())
                .isEqualTo("cleft");
    }

    /** The choice of a third is no worse than a thousand choices by lot. */
    @Test
    void noSetOfLimbsChosenByLotIsBetter() {
        Random random = new Random(3);
        for (int round = 0; round < 20; round++) {
            List<Limb> limbs = new ArrayList<>();
            for (int i = 0; i < 10; i++) {
                limbs.add(new Limb("" + i, 10 + random.nextInt(100), 300 + random.nextInt(1400), random.nextInt(360)));
            }
            double best = PLAN.worth(PLAN.best(limbs, 3));
            for (int i = 0; i < 1000; i++) {
                List<Limb> lot = new ArrayList<>(limbs);
                java.util.Collections.shuffle(lot, random);
                assertThat(PLAN.worth(lot.subList(0, 3))).isLessThanOrEqualTo(best + 1e-9);
            }
        }
    }

    @Test
    void limbsSpreadRoundTheTreeBeatThoseOnOneSide() {
        Limb north = new Limb("n", 60, 900, 0);
        Limb beside = new Limb("b", 60, 900, 20);
        Limb south = new Limb("s", 60, 900, 180);
        assertThat(PLAN.best(List.of(north, beside, south), 2)).containsExactly(north, south);
    }

    @Test
    void aTreeOfNoOrTooManyLimbsIsToldItsRange() {
        assertThatThrownBy(() -> PLAN.plan(List.of(), TreeSchool.ALL, Hemisphere.NORTH, Slips.NO))
                .hasMessage("A tree is planned with 1 to 16 limbs, not 0.");
        assertThatThrownBy(() -> new Limb("x", 20, 500, 400)).hasMessageContaining("0 to 360 °, not 400 °");
    }

    private static LimbStep step(LimbSeason season, String label) {
        return season.steps().stream()
                .filter(s -> s.limb().label().equals(label))
                .findFirst()
                .orElseThrow();
    }
}
