package baylantern.core.fit.choice;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.fit.Round;
import baylantern.core.fit.choice.BenchCase.Growth;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.choice.TechniqueChoice.Suited;
import baylantern.core.fit.choice.TechniqueChoice.Unsuited;
import baylantern.core.fit.choice.TechniqueChoice.Weighed;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.Belief;
import baylantern.core.take.BetaBelief;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Bench cases and what a good grafter would do with them. */
class TechniqueChoiceTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final TechniqueChoice CHOICE = new TechniqueChoice(RULES);

    @ParameterizedTest
    @CsvFileSource(resources = "bench-cases.csv")
    void theBenchCaseIsDecidedAsAGoodGrafterWould(
            String scion,
            String stock,
            double scionMm,
            double stockMm,
            Slips slips,
            Needs wood,
            Growth growth,
            String top,
            int skill,
            String expected,
            String why) {
        BenchCase on = new BenchCase(
                new BenchCase.Pieces(
                        RULES.species(scion).orElseThrow(),
                        RULES.species(stock).orElseThrow(),
                        Round.of(scionMm, null, RULES.fit()),
                        Round.of(stockMm, null, RULES.fit())),
                slips,
                wood,
                growth,
                top.equals("kept"),
                new BenchCase.Hand(skill, 3, true),
                Map.of(),
                Map.of());
        Weighed weighed = CHOICE.weigh(on);
        List<String> order = weighed.choices().stream()
                .map(c -> c.techniqueKey() + " " + Math.round(c.score() * 1000))
                .toList();
        String[] words = expected.split(" ");
        if (words[0].equals("none")) {
            assertThat(order).as(why).isEmpty();
        } else if (words[0].equals("first")) {
            assertThat(order).as(why).isNotEmpty();
            assertThat(words[1].split("\\|"))
                    .as("%s: %s", why, order)
                    .contains(weighed.choices().get(0).techniqueKey());
        } else {
            Unsuited refused = weighed.refusals().stream()
                    .filter(r -> r.techniqueKey().equals(words[1]))
                    .findFirst()
                    .orElseThrow();
            assertThat(refused.rule()).isEqualTo(words[2]);
            assertThat(Quantity.plain(refused.why()).replace(",", "")).contains(why);
        }
        assertThat(weighed.choices().size() + weighed.refusals().size()).isEqualTo(13);
    }

    @Test
    void weightsOfTheScoreAddToOne() {
        double sum = java.util.Arrays.stream(FigureName.values())
                .filter(name -> name.key().startsWith("weight"))
                .mapToDouble(name -> RULES.fit().value(name))
                .sum();
        assertThat(sum).isEqualTo(1, org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void everyPartOfAScoreIsShownAndTheyAddUp() {
        for (Suited suited : CHOICE.weigh(plain(9, 9.4, Map.of(), Map.of(), 2)).choices()) {
            assertThat(suited.parts()).allMatch(p -> p.part() >= 0 && p.part() <= 1);
            assertThat(suited.parts().stream()
                            .mapToDouble(p -> p.part() * p.weight())
                            .sum())
                    .isEqualTo(suited.score(), org.assertj.core.api.Assertions.within(1e-9));
        }
    }

    /** Whatever the sizes, species and hand: a score is a share. */
    @Property(tries = 300)
    void noScoreLeavesItsScale(
            @ForAll @DoubleRange(min = 4, max = 25) double scion,
            @ForAll @DoubleRange(min = 0.4, max = 1.1) double ratio,
            @ForAll @IntRange(min = 1, max = 3) int skill) {
        for (String species : List.of("mango", "citrus", "jackfruit", "macadamia", "fig")) {
            BenchCase on = new BenchCase(
                    new BenchCase.Pieces(
                            RULES.species(species).orElseThrow(),
                            RULES.species(species).orElseThrow(),
                            Round.of(scion, null, RULES.fit()),
                            Round.of(scion / ratio, null, RULES.fit())),
                    Slips.YES,
                    Needs.STICK,
                    Growth.ACTIVE,
                    false,
                    new BenchCase.Hand(skill, 3, true),
                    Map.of(
                            "cleft",
                            new BetaBelief(400, 1),
                            "veneer",
                            new BetaBelief(400, 1),
                            "t-bud",
                            new BetaBelief(400, 1)),
                    Map.of("cleft", 400, "veneer", 400, "t-bud", 400));
            assertThat(CHOICE.weigh(on).choices())
                    .allSatisfy(c -> assertThat(c.score()).isBetween(0.0, 1.0));
        }
    }

    @Test
    void ownTakesCountTheMoreTheMoreTheyAre() {
        double start = score("cleft", plain(9, 9.4, Map.of(), Map.of(), 2));
        double few = score("cleft", plain(9, 9.4, Map.of("cleft", new BetaBelief(1, 9)), Map.of("cleft", 4), 2));
        double many = score("cleft", plain(9, 9.4, Map.of("cleft", new BetaBelief(1, 9)), Map.of("cleft", 200), 2));
        assertThat(many).isLessThan(few);
        assertThat(few).isLessThan(start);
        // With 200 of the farm's own the starting figure hardly counts: 0.18 · (0.7 − 0.1) less, nearly.
        assertThat(start - many).isBetween(0.098, 0.108);
    }

    @Test
    void aHandToolIsProposedOnlyToWhoOwnsOne() {
        BenchCase owned = plain(9, 9.2, Map.of(), Map.of(), 1);
        BenchCase none = new BenchCase(
                owned.pieces(),
                owned.slips(),
                owned.wood(),
                owned.stock(),
                owned.keepTop(),
                new BenchCase.Hand(1, 3, false),
                owned.takes(),
                owned.tried());
        assertThat(CHOICE.weigh(owned).choices()).anyMatch(c -> c.techniqueKey().equals("v-tool"));
        assertThat(CHOICE.weigh(none).choices()).noneMatch(c -> c.techniqueKey().equals("v-tool"));
        assertThat(CHOICE.weigh(none).refusals())
                .anyMatch(r -> r.techniqueKey().equals("v-tool") && r.rule().equals("tool"));
    }

    @Test
    void aSteadierHandNeverScoresLess() {
        for (String key : Set.of("cleft", "whip", "whip-tongue", "v-tool", "veneer")) {
            double beginner = score(key, plain(9, 9.2, Map.of(), Map.of(), 1));
            double steady = score(key, plain(9, 9.2, Map.of(), Map.of(), 3));
            assertThat(steady).as(key).isGreaterThanOrEqualTo(beginner);
        }
        assertThat(score("whip-tongue", plain(9, 9.2, Map.of(), Map.of(), 3)))
                .isGreaterThan(score("whip-tongue", plain(9, 9.2, Map.of(), Map.of(), 1)) + 0.1);
    }

    private static double score(String key, BenchCase on) {
        return CHOICE.weigh(on).choices().stream()
                .filter(c -> c.techniqueKey().equals(key))
                .mapToDouble(Suited::score)
                .findFirst()
                .orElseThrow();
    }

    private static BenchCase plain(
            double scion, double stock, Map<String, Belief> takes, Map<String, Integer> tried, int skill) {
        var avocado = RULES.species("avocado").orElseThrow();
        return new BenchCase(
                new BenchCase.Pieces(
                        avocado, avocado, Round.of(scion, null, RULES.fit()), Round.of(stock, null, RULES.fit())),
                Slips.NO,
                Needs.STICK,
                Growth.ACTIVE,
                false,
                new BenchCase.Hand(skill, 3, true),
                takes,
                tried);
    }
}
