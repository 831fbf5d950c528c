package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import baylantern.core.bench.Cover;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.rules.VisitKind;
import baylantern.core.rules.VisitRule;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every technique under every cover has a plan a grower can follow. */
class RulebookVisitsTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final List<String> LIVES =
            java.util.Arrays.stream(GraftState.values()).map(Enum::name).toList();
    private static final LocalDate MADE = LocalDate.of(2026, 3, 1);

    @ParameterizedTest
    @EnumSource(Cover.class)
    void everyGraftHasAFirstWeekALookForLifeAndAnEnd(Cover cover) {
        CarePlan plan = new CarePlan(RULES);
        for (Technique technique : RULES.techniques()) {
            CareSubject subject = new CareSubject("citrus", technique, MADE, cover.name(), Map.of("water", "rest-4"));
            GraftLife life = GraftLife.of(MADE, List.of(), HealingClock.atBest(), 120);
            List<PlannedVisit> open = plan.open(subject, life, HealingClock.atBest());
            assertThat(open)
                    .as(technique.key())
                    .isSortedAccordingTo((a, b) -> a.target().compareTo(b.target()));
            assertThat(open.get(0).earliest()).as(technique.key()).isBefore(MADE.plusDays(8));
            assertThat(open).extracting(PlannedVisit::kind).contains("SWEEP", "STANDING");
            assertThat(open).extracting(PlannedVisit::kind).containsAnyOf("PUSH_LOOK", "CALL_BUD", "UNION_CHECK");
            assertThat(open).allSatisfy(v -> {
                assertThat(v.target()).isBetween(v.earliest(), v.latest());
                assertThat(v.overdue(v.latest())).isFalse();
                assertThat(v.overdue(v.latest().plusDays(1))).isTrue();
                assertThat(v.due(v.earliest().minusDays(1))).isFalse();
            });
        }
    }

    @Test
    void rulesNameOnlyLivesCoversAndSchoolsThatExist() {
        Set<String> covers =
                Set.of(java.util.Arrays.stream(Cover.values()).map(Enum::name).toArray(String[]::new));
        for (VisitKind kind : RULES.visits()) {
            assertThat(kind.ask()).isNotBlank();
            assertThat(kind.risk()).isNotBlank();
            for (VisitRule rule : kind.rules()) {
                assertThat(LIVES).contains(rule.after());
                rule.until().ifPresent(life -> assertThat(LIVES).contains(life));
                assertThat(covers).containsAll(rule.covers());
                rule.schools()
                        .forEach(school -> assertThat(RULES.schools())
                                .anySatisfy(q -> assertThat(
                                                q.schools().keySet().stream().map(s -> q.key() + "=" + s))
                                        .contains(school)));
            }
        }
    }

    @Test
    void aVisitThatEndsBeforeItBeginsIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VisitRule(
                        Technique.Group.BUD, "MADE", 7, 6, 9, Optional.empty(), Optional.empty(), Set.of(), Set.of()))
                .withMessageContaining("7.0, 6.0, 9.0");
    }

    @Test
    void everySignHasItsOwnKeyAndShowsALife() {
        assertThat(Sign.values()).extracting(Sign::letter).doesNotHaveDuplicates();
        for (Sign sign : Sign.values()) {
            assertThat(Sign.ofLetter(Character.toLowerCase(sign.letter()))).contains(sign);
        }
        assertThat(Sign.ofLetter('z')).isEmpty();
        assertThat(Sign.DEAD.living()).isFalse();
        assertThat(Sign.NOTHING.living()).isFalse();
        assertThat(Sign.GREEN.living()).isTrue();
    }
}
