package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** The figures of flushes hold together, and no species is without a prior. */
class FlushRulesTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FlushRules FLUSH = RULES.flush();

    @Test
    void everySpeciesHasAPriorAHoldAndACurve() {
        assertThat(RULES.species()).hasSizeGreaterThan(10).allSatisfy(species -> {
            assertThat(species.figure(FigureName.SWELL_TO_SWELL).value()).isBetween(400.0, 2000.0);
            assertThat(species.figure(FigureName.WINTER_HOLD).value())
                    .isGreaterThanOrEqualTo(species.figure(FigureName.BASE).value());
            assertThat(FLUSH.woodOf(species.key()).best()).isNotBlank();
            assertThat(FLUSH.woodOf(species.key()).shootsPerGraft()).isBetween(0.1, 2.0);
        });
    }

    @Test
    void scoresAreSharesAndLeafedOutWoodIsNever() {
        for (Map<BudStage, Double> scores : java.util.List.of(FLUSH.stock(), FLUSH.slip())) {
            assertThat(scores)
                    .hasSize(6)
                    .allSatisfy((stage, score) -> assertThat(score).isBetween(0.0, 1.0));
        }
        assertThat(FLUSH.wood()).allSatisfy((species, wood) -> {
            assertThat(wood.ready().get(BudStage.F)).as(species + " in leaf").isZero();
            assertThat(wood.ready().values())
                    .anySatisfy(score -> assertThat(score).isEqualTo(1.0));
        });
        assertThat(FLUSH.woodOf("fig").ready().get(BudStage.R))
                .as("fig wood is cut dormant")
                .isEqualTo(1);
        assertThat(FLUSH.woodOf("nothing known")).isEqualTo(FLUSH.wood().get("other"));
    }

    @Test
    void figuresHaveReasonsAndUnknownOnesAreRefused() {
        assertThat(FLUSH.figures()).allSatisfy((name, figure) -> {
            assertThat(figure.why()).hasSizeGreaterThan(15);
            assertThat(figure.unit()).isNotBlank();
        });
        assertThat(FLUSH.value(FigureName.LOW_FROM)).isLessThan(FLUSH.value(FigureName.LIT_FROM));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FLUSH.value(FigureName.ALCOHOL_PCT))
                .withMessageContaining("alcoholPct");
    }
}
