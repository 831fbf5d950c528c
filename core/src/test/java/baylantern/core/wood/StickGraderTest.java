package baylantern.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.core.rules.Rulebook;
import baylantern.core.rules.WoodRules;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StickGraderTest {

    private static final WoodRules RULES = Rulebook.shipped().wood();
    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    private static StickGrade grade(String species, boolean cut, String looks) {
        Map<String, String> states = new HashMap<>();
        Map<String, Double> measures = new HashMap<>();
        for (String look : looks.split(" ")) {
            String[] pair = look.split("=");
            if (RULES.measures().containsKey(pair[0])) {
                measures.put(pair[0], Double.valueOf(pair[1]));
            } else {
                states.put(pair[0], pair[1]);
            }
        }
        return new StickGrader(RULES, species).grade(new StickLook(states, measures, cut), DAY, HealingClock.atBest());
    }

    @ParameterizedTest
    @CsvSource({
        "mango, false, A, stage=S wood=FIRM bark=TAUT diameterMm=9 lengthMm=100, ''",
        "mango, false, B, stage=S wood=SOFT_TIP bark=TAUT, trim the soft tip",
        "mango, false, B, stage=M wood=FIRM, 'pinch the tip and wait, about 10 days'",
        "mango, true, C, stage=M wood=FIRM, ''",
        "mango, true, C, stage=S wood=SEMI_FIRM, ''",
        "avocado, false, A, stage=P wood=FIRM skin=CLEAN side=SUN buds=3 diameterMm=7, ''",
        "avocado, true, X, stage=F wood=FIRM skin=CLEAN, ''",
        "avocado, true, C, stage=S skin=RUBBED, ''",
        "citrus, false, A, stage=M section=ROUND wood=FIRM buds=6, ''",
        "citrus, true, X, stage=M section=ANGULAR wood=FIRM, ''",
        "citrus, false, X, stage=M section=ANGULAR wood=FIRM, 'come back when the twig is round, about 20 days'",
        "citrus, true, B, stage=S bark=SLIGHT wood=FIRM, recut and soak 30 min",
        "citrus, true, X, stage=S bark=DEEP wood=FIRM, ''",
        "fig, true, A, stage=R wood=FIRM pith=WHOLE diameterMm=11 buds=2, ''",
        "fig, true, X, stage=R wood=FIRM pith=BROKEN, ''",
        "fig, true, C, stage=P wood=FIRM pith=WHOLE, ''",
        "mango, true, A, stage=S wood=FIRM pith=BROKEN, ''",
        "guava, false, A, stage=S wood=SEMI_FIRM eyeMm=1.5 buds=2 diameterMm=6, ''",
        "guava, false, B, stage=S wood=SEMI_FIRM eyeMm=0.6, 'wait until the eyes show, about 4 days'",
        "guava, true, X, stage=S wood=SEMI_FIRM eyeMm=7, ''",
        "guava, true, C, stage=S wood=FIRM eyeMm=1.5, ''",
        "annona, true, A, stage=S wood=FIRM buds=3 diameterMm=9, ''",
        "macadamia, true, C, stage=S wood=SOFT_TIP buds=1 lengthMm=45, trim the soft tip?",
        "macadamia, true, X, stage=S wood=OLD, ''",
        "loquat, true, B, stage=S wood=FIRM diameterMm=4, 'put it on a thin stem, or into the side of a thicker one'",
        "loquat, true, X, stage=S wood=FIRM diameterMm=2, ''",
    })
    void gradesOfEachSpecies(String species, boolean cut, Grade grade, String looks, String action) {
        StickGrade found = grade(species, cut, looks);
        assertThat(found.grade()).as(found.reasons().toString()).isEqualTo(grade);
        if (!action.endsWith("?")) {
            assertThat(String.join("; ", found.actions())).isEqualTo(action);
        }
    }

    /** Every state of every look and both sides of every measure, for every species and the one not named. */
    @Test
    void everyRejectionHasAReasonAndEveryUsableStickAnAction() {
        List<StickGrade> all = new ArrayList<>();
        List<String> species = new ArrayList<>(RULES.species().keySet());
        species.add("tamarillo");
        for (String kind : species) {
            for (boolean cut : new boolean[] {false, true}) {
                RULES.looks()
                        .forEach((look, rule) ->
                                rule.states().keySet().forEach(state -> all.add(grade(kind, cut, look + "=" + state))));
                RULES.kind(kind).measures().forEach((measure, range) -> {
                    for (double x : new double[] {0, range.low() * 0.8, range.value(), range.high() * 1.2, 900}) {
                        all.add(grade(kind, cut, measure + "=" + x));
                    }
                });
            }
        }
        assertThat(all).hasSizeGreaterThan(400).allSatisfy(found -> {
            assertThat(found.reasons()).isNotEmpty();
            assertThat(found.reasons().get(0).why()).isNotBlank();
            assertThat(found.score()).isBetween(0.0, 1.0);
            if (found.grade() == Grade.B) {
                assertThat(found.actions()).as(found.reasons().toString()).isNotEmpty();
            }
            if (found.grade() == Grade.X) {
                assertThat(found.reasons().get(0).grade()).isEqualTo(Grade.X);
            }
        });
    }

    @Test
    void aWorseLookNeverMakesABetterStick() {
        for (String kind : RULES.species().keySet()) {
            StickGrade fine = grade(kind, true, "stage=S wood=FIRM bark=TAUT skin=CLEAN");
            StickGrade wrinkled = grade(kind, true, "stage=S wood=FIRM bark=SLIGHT skin=CLEAN");
            StickGrade dead = grade(kind, true, "stage=S wood=FIRM bark=DEEP skin=CLEAN");
            assertThat(wrinkled.grade()).isGreaterThanOrEqualTo(fine.grade());
            assertThat(wrinkled.score()).isLessThan(fine.score());
            assertThat(dead.grade()).isEqualTo(Grade.X);
        }
    }

    @Test
    void manySmallFaultsTogetherMakeALastResort() {
        StickGrade two = grade("citrus", true, "stage=S wood=SOFT_TIP bark=SLIGHT skin=CLEAN side=SUN");
        assertThat(two.grade()).isEqualTo(Grade.B);
        StickGrade three = grade("citrus", true, "stage=S wood=SOFT_TIP bark=SLIGHT skin=RUBBED side=SUN");
        assertThat(three.reasons()).noneMatch(reason -> reason.grade().worse(Grade.B) != Grade.B);
        assertThat(three.score()).isLessThan(StickGrader.LAST_RESORT);
        assertThat(three.grade()).isEqualTo(Grade.C);
    }

    /** The more that is in order does not hide the faults there are. */
    @Test
    void whatIsInOrderMakesNoFaultLess() {
        StickGrade few = grade("citrus", true, "wood=SOFT_TIP bark=SLIGHT skin=RUBBED");
        StickGrade many =
                grade("citrus", true, "stage=S wood=SOFT_TIP bark=SLIGHT skin=RUBBED side=SUN diameterMm=6 buds=4");
        assertThat(many.score()).isEqualTo(few.score());
    }

    @Test
    void waitingIsToldWithItsRangeOnTheTreeAlone() {
        StickGrade onTree = grade("avocado", false, "stage=M wood=FIRM");
        assertThat(onTree.readyFrom()).isEqualTo(DAY.plusDays(7));
        assertThat(onTree.readyTo()).isEqualTo(DAY.plusDays(14));
        assertThat(grade("avocado", true, "stage=M wood=FIRM").readyFrom()).isNull();
    }

    @Test
    void whatCannotBeIsToldWithWhatCan() {
        assertThatThrownBy(() -> grade("mango", true, "bark=BLUE")).hasMessageContaining("TAUT, SLIGHT, DEEP");
        assertThatThrownBy(() -> grade("mango", true, "diameterMm=-2")).hasMessageContaining("0 to 1000");
        assertThatThrownBy(() -> grade("mango", true, "eyeMm=1")).hasMessageContaining("Nothing was looked at");
    }

    @Test
    void aLotHasTheGradeMostOfItsSticksReachHeldDownByAge() {
        List<Grade> sticks = List.of(Grade.A, Grade.A, Grade.A, Grade.X);
        assertThat(LotSample.of(sticks, 0.75, 0.95, 0.7, 0.5).grade()).isEqualTo(Grade.A);
        assertThat(LotSample.of(sticks, 0.8, 0.95, 0.7, 0.5).grade()).isEqualTo(Grade.X);
        assertThat(LotSample.of(sticks, 0.75, 0.69, 0.7, 0.5)).matches(s -> s.grade() == Grade.C && s.byAge());
        assertThat(LotSample.of(sticks, 0.75, 0.49, 0.7, 0.5).grade()).isEqualTo(Grade.X);
        assertThat(LotSample.of(List.of(), 0.75, 0.9, 0.7, 0.5).grade()).isNull();
        assertThat(LotSample.of(List.of(Grade.X), 0.75, 0.6, 0.7, 0.5))
                .matches(s -> s.grade() == Grade.X && !s.byAge());
    }
}
