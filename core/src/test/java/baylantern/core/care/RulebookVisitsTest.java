package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import baylantern.core.bench.Cover;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.VisitKind;
import baylantern.core.rules.VisitRule;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The rules of visits name what there is, and nothing else. */
class RulebookVisitsTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final List<String> LIVES =
            java.util.Arrays.stream(GraftState.values()).map(Enum::name).toList();

    @Test
    void rulesNameOnlyLivesCoversAndSchoolsThatExist() {
        Set<String> covers =
                Set.of(java.util.Arrays.stream(Cover.values()).map(Enum::name).toArray(String[]::new));
        for (VisitKind kind : RULES.visits()) {
            assertThat(kind.ask()).isNotBlank();
            assertThat(kind.risk()).isNotBlank();
            for (VisitRule rule : kind.rules()) {
                assertThat(rule.groups()).as(kind.key()).isNotEmpty();
                known(rule.when().after());
                rule.when().until().ifPresent(RulebookVisitsTest::known);
                assertThat(covers).containsAll(rule.where().covers());
                assertThat(RULES.species().stream().map(s -> s.key()))
                        .containsAll(rule.where().species())
                        .containsAll(rule.where().not());
                rule.where()
                        .schools()
                        .forEach(school -> assertThat(RULES.schools())
                                .anySatisfy(q -> assertThat(
                                                q.schools().keySet().stream().map(s -> q.key() + "=" + s))
                                        .contains(school)));
            }
        }
    }

    private static void known(String name) {
        if (name.startsWith("done ")) {
            assertThat(RULES.visit(name.substring(5)).rules()).isNotEmpty();
        } else {
            assertThat(Stream.concat(LIVES.stream(), Stream.of(Trace.values()).map(Enum::name)))
                    .contains(name);
        }
    }

    @Test
    void aVisitThatEndsBeforeItBeginsAndSizesThatShrinkAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VisitRule.When(
                        "MADE",
                        7,
                        6,
                        9,
                        Optional.empty(),
                        Optional.empty(),
                        VisitRule.Unit.HEALING_DAYS,
                        Optional.empty()))
                .withMessageContaining("7.0, 6.0, 9.0");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VisitRule.Size(150, 100))
                .withMessageContaining("from ≤ to, not");
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
