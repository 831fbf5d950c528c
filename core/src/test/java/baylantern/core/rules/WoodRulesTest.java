package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.rules.WoodRules.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What the file about wood must keep to, whoever changes its figures. */
class WoodRulesTest {

    private static final WoodRules RULES = Rulebook.shipped().wood();

    private static List<Verdict> verdicts() {
        List<Verdict> all = new ArrayList<>();
        RULES.looks().values().forEach(look -> all.addAll(look.states().values()));
        RULES.species().values().forEach(kind -> kind.states().values().forEach(own -> all.addAll(own.values())));
        RULES.measures().values().forEach(m -> all.addAll(List.of(m.below(), m.above(), m.farBelow(), m.farAbove())));
        List<Verdict> cut =
                all.stream().filter(v -> v.cut() != null).map(Verdict::cut).toList();
        all.addAll(cut);
        return all;
    }

    @Test
    void everyVerdictHasItsReasonAndItsPoints() {
        assertThat(verdicts()).hasSizeGreaterThan(50).allSatisfy(v -> {
            assertThat(v.why()).isNotBlank();
            assertThat(v.points()).isBetween(0.0, 1.0);
            assertThat(v.waitHd()).isBetween(0.0, 40.0);
            if (v.grade() == Grade.B) {
                assertThat(v.act()).as(v.why()).isNotBlank();
            }
            if (v.grade() == Grade.X) {
                assertThat(v.points()).isZero();
            }
        });
    }

    @Test
    void aCutStickIsNeverJudgedBetterThanTheSameOnItsTree() {
        assertThat(verdicts()).filteredOn(v -> v.cut() != null).isNotEmpty().allSatisfy(v -> {
            assertThat(v.held(true).grade()).isGreaterThanOrEqualTo(v.grade());
            assertThat(v.held(true).waitHd()).isZero();
            assertThat(v.held(false)).isSameAs(v);
        });
    }

    @Test
    void coolerStoresKeepLongerForEverySpecies() {
        RULES.keeping().forEach((species, keep) -> {
            assertThat(keep.ambientDays()).as(species).isPositive().isLessThan(keep.coolBoxDays());
            assertThat(keep.coolBoxDays()).as(species).isLessThan(keep.fridgeDays());
            assertThat(keep.q10()).as(species).isBetween(1.5, 3.5);
            assertThat(keep.chillBelowC() == null).isEqualTo(keep.chillWhy() == null);
        });
    }

    @Test
    void theRulebooksFiguresStandAsWritten() {
        assertThat(RULES.keep("citrus"))
                .extracting(WoodRules.Keep::coolBoxDays, WoodRules.Keep::fridgeDays, WoodRules.Keep::ambientDays)
                .containsExactly(30.0, 60.0, 7.0);
        assertThat(RULES.keep("mango").chillBelowC()).isEqualTo(8);
        assertThat(RULES.keep("guava").fridgeDays()).isEqualTo(14);
        assertThat(RULES.value(FigureName.BARE_TIMES)).isEqualTo(10);
        assertThat(RULES.value(FigureName.BLEACH_HOURS)).isEqualTo(24);
        assertThat(RULES.value(FigureName.BLEACH_SECONDS)).isGreaterThanOrEqualTo(30);
        assertThat(RULES.figure(FigureName.KEEP_SPREAD).unit()).isEqualTo("of the days");
    }

    @Test
    void everySpeciesOfTheRulebookHasWoodToItsName() {
        Rulebook.shipped().species().forEach(species -> {
            assertThat(RULES.kind(species.key()).wants()).isNotBlank();
            assertThat(RULES.kind(species.key()).measures()).containsKey("diameterMm");
            assertThat(RULES.keep(species.key()).fridgeDays()).isPositive();
        });
        assertThat(RULES.kind("tamarillo")).isSameAs(RULES.kind("other"));
    }

    @Test
    void statesAreOfKnownLooksAndSpeciesJudgeOnlyThose() {
        Map<String, Set<String>> known = new java.util.HashMap<>();
        RULES.looks().forEach((look, rule) -> known.put(look, rule.states().keySet()));
        assertThat(known.get("stage")).containsExactlyInAnyOrder("R", "S", "P", "F", "H", "M");
        RULES.species()
                .forEach((species, kind) -> kind.states().forEach((look, own) -> {
                    assertThat(known).as(species).containsKey(look);
                    assertThat(known.get(look)).as(species + " " + look).containsAll(own.keySet());
                }));
        RULES.looks().values().forEach(rule -> assertThat(rule.weight()).isPositive());
        RULES.measures().values().forEach(rule -> assertThat(rule.far()).isBetween(0.1, 0.9));
    }

    @Test
    void whatTheFileDoesNotKnowIsTold() {
        assertThatThrownBy(() -> RULES.verdict("mango", "bark", "BLUE")).hasMessageContaining("bark cannot be BLUE");
        assertThatThrownBy(() -> RULES.figure(FigureName.LIT_FROM)).hasMessageContaining("litFrom");
        assertThat(Grade.A.worse(Grade.C)).isEqualTo(Grade.C);
        assertThat(Grade.X.worse(Grade.B)).isEqualTo(Grade.X);
    }
}
