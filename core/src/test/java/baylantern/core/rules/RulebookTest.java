package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The shipped files hold together: no rule names something another file lacks. */
class RulebookTest {

    private static final Rulebook RULES = Rulebook.shipped();

    @Test
    void everyFigureHasAUnitARangeAndAReason() {
        Stream<Figure> species = RULES.species().stream().flatMap(s -> s.figures().values().stream());
        Stream<Figure> techniques =
                RULES.techniques().stream().flatMap(t -> Stream.of(t.ratio(), t.stockMm(), t.cutMm(), t.buds()));
        List<Figure> all = Stream.concat(species, techniques).toList();
        assertThat(all).hasSizeGreaterThan(150).allSatisfy(f -> {
            assertThat(f.unit()).isNotBlank();
            assertThat(f.why()).hasSizeGreaterThan(10);
            assertThat(f.spans(f.value())).isTrue();
        });
    }

    @Test
    void theHealingCurveRisesAndFalls() {
        assertThat(RULES.species()).allSatisfy(s -> {
            assertThat(s.figure(FigureName.HEALING_LEAST).value())
                    .isLessThan(s.figure(FigureName.HEALING_BEST).value());
            assertThat(s.figure(FigureName.HEALING_BEST).value())
                    .isLessThan(s.figure(FigureName.HEALING_MOST).value());
            assertThat(s.figure(FigureName.BASE).value())
                    .isLessThan(s.figure(FigureName.UPPER).value());
        });
        assertThatIllegalArgumentException()
                .isThrownBy(() -> RULES.species("fig").orElseThrow().figure(FigureName.PINCH))
                .withMessageContaining("pinch");
    }

    @Test
    void thirteenTechniquesAndEveryRefusalIsOneOfThem() {
        assertThat(RULES.techniques()).hasSize(13);
        assertThat(RULES.species())
                .flatExtracting(s -> s.refusedTechniques().keySet())
                .allSatisfy(key -> assertThat(RULES.technique(key)).isPresent());
    }

    @Test
    void everySchoolDefaultIsOneOfItsSchools() {
        assertThat(RULES.schools()).hasSizeGreaterThan(8).allSatisfy(q -> {
            assertThat(q.schools()).containsKey(q.standard());
            assertThat(q.schools().keySet())
                    .containsAll(q.bySpecies().values())
                    .containsAll(q.byTechnique().values());
        });
        assertThat(RULES.schools().stream()
                        .filter(q -> q.key().equals("film"))
                        .findFirst()
                        .orElseThrow()
                        .standardFor("avocado", "cleft"))
                .isEqualTo("slit");
    }

    @Test
    void aFigureOutsideItsRangeIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Figure(9, 1, 5, "mm", "why"))
                .withMessageContaining("9.0 mm")
                .withMessageContaining("1.0 to 5.0");
    }
}
