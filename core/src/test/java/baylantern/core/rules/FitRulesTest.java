package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.core.fit.contact.ContactModels;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.FitRules.Trait;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The file about fit says something sensible of every technique. */
class FitRulesTest {

    private static final Rulebook RULES = Rulebook.shipped();

    @Test
    void everyTechniqueHasTraitsAndAModel() {
        ContactModels models = new ContactModels(RULES.fit());
        assertThat(RULES.techniques()).hasSize(13);
        for (Technique technique : RULES.techniques()) {
            Trait trait = RULES.fit().trait(technique.key());
            assertThat(models.model(technique.key())).as(technique.key()).isPresent();
            assertThat(trait.skill()).isBetween(1, 3);
            assertThat(trait.hold()).isBetween(0.0, 1.0);
            assertThat(trait.insurance()).isBetween(0.0, 1.0);
            assertThat(trait.best().from())
                    .isGreaterThanOrEqualTo(technique.ratio().low());
            assertThat(trait.best().to())
                    .isGreaterThan(trait.best().from())
                    .isLessThanOrEqualTo(technique.ratio().high());
        }
        assertThat(RULES.fit().traits()).hasSize(13);
    }

    @Test
    void budsTakeBudsApproachTakesPlantsAndTheRestSticks() {
        for (Technique technique : RULES.techniques()) {
            Needs needs = RULES.fit().trait(technique.key()).needs();
            Needs expected = switch (technique.group()) {
                case BUD -> Needs.BUD;
                case APPROACH -> Needs.ROOTED;
                default -> Needs.STICK;
            };
            assertThat(needs).as(technique.key()).isEqualTo(expected);
        }
    }

    @Test
    void whatMustHaveSlippingBarkDoesNothingWhileTheStockRests() {
        for (Technique technique : RULES.techniques()) {
            if (technique.bark() == Technique.Bark.YES) {
                assertThat(RULES.fit().trait(technique.key()).rest())
                        .as(technique.key())
                        .isZero();
            }
        }
    }

    @Test
    void aStockThatKeepsItsTopIsBetterInsuredThanOneThatLosesIt() {
        double kept = RULES.techniques().stream()
                .filter(t -> t.stockTop() != Technique.StockTop.REMOVED)
                .mapToDouble(t -> RULES.fit().trait(t.key()).insurance())
                .min()
                .orElseThrow();
        double lost = RULES.techniques().stream()
                .filter(t -> t.stockTop() == Technique.StockTop.REMOVED)
                .mapToDouble(t -> RULES.fit().trait(t.key()).insurance())
                .max()
                .orElseThrow();
        assertThat(kept).isGreaterThan(lost);
    }

    @Test
    void favouredTechniquesAreNotRefusedByTheirSpecies() {
        RULES.fit().favours().forEach((species, favour) -> {
            Species known = RULES.species(species).orElseThrow();
            assertThat(favour.techniques())
                    .as(species)
                    .isNotEmpty()
                    .allMatch(key -> RULES.technique(key).isPresent())
                    .noneMatch(key -> known.refusedTechniques().containsKey(key));
            assertThat(favour.why()).isNotBlank();
        });
    }

    @Test
    void everyFigureHasItsReasonAndItsRange() {
        RULES.fit().figures().forEach((name, figure) -> {
            assertThat(figure.why()).as(name).isNotBlank();
            assertThat(figure.unit()).as(name).isNotBlank();
            assertThat(figure.low()).as(name).isLessThan(figure.high());
        });
    }

    @Test
    void unknownNamesAreSaid() {
        assertThatThrownBy(() ->
                        FigureName.checked(FigureName.Subject.LIFE, Map.of("nails", RULES.life(FigureName.SOON_DAYS))))
                .hasMessageContaining("missing [establishedAfter,")
                .hasMessageContaining("not known [nails]");
        assertThatThrownBy(() -> RULES.fit().trait("nails")).hasMessage("no traits of nails");
    }
}
