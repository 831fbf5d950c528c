package baylantern.core.season.window;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The three wicks in words: the stage, what is wanted, the warmth, and each danger with its answer. */
class LampWordsTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FlushRules FLUSH = RULES.flush();
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private static Climate steady(double min, double max, double humidity, double wind, double rain, double spread) {
        return new Climate(Collections.nCopies(12, new Climate.Month(min, max, humidity, wind, rain, spread)));
    }

    private static Lamp lamp(String speciesKey, Climate climate, BudStage stock, BudStage wood) {
        Species species = RULES.species(speciesKey).orElseThrow();
        Weather weather = new Weather(climate, List.of());
        WeatherYears years = WeatherYears.draw(weather, TODAY, 60, 300, 5);
        GraftSky sky = new GraftSky(species, FLUSH, climate, years, 60);
        return new WindowFinder(FLUSH, sky, speciesKey, Technique.Bark.NO, 12)
                .find(
                        new Growth("Bench stocks", List.of(at(species, weather, years, stock)), null, List.of()),
                        new Growth("Pale Buoy", List.of(at(species, weather, years, wood)), null, List.of()))
                .lamp();
    }

    private static Outlook at(Species species, Weather weather, WeatherYears years, BudStage stage) {
        return Watch.alone(species, weather, years, List.of(BudNote.of(TODAY, CanopyShares.all(stage))), 2);
    }

    private static final Climate FAIR = steady(18, 26, 80, 2, 40, 0.5);

    @Test
    void saysTheStageAndWhatIsWanted() {
        Lamp fair = lamp("avocado", FAIR, BudStage.S, BudStage.S);
        assertThat(fair.stock().words()).startsWith("Bench stocks are most likely swelling (");
        assertThat(fair.wood().words())
                .contains("Pale Buoy is most likely swelling")
                .contains("tip horn");
        assertThat(fair.weather().words())
                .contains("18 to 26 °C")
                .contains("% of the best rate")
                .doesNotContain("possible");
        assertThat(fair.lit()).isTrue();
        assertThat(lamp("avocado", FAIR, BudStage.S, BudStage.H).wood().words()).contains("too soft");
        assertThat(lamp("avocado", FAIR, BudStage.S, BudStage.P).wood().words()).contains("opening");
        assertThat(lamp("fig", FAIR, BudStage.S, BudStage.R).wood().words()).contains("green ring");
    }

    @Test
    void saysEachDangerWithTheCoverThatAnswersIt() {
        Lamp frost = lamp("mango", steady(1, 19, 70, 2, 10, 1), BudStage.S, BudStage.S);
        assertThat(frost.weather().words())
                .contains("cold below the limit is possible")
                .contains("padded sleeve");
        assertThat(frost.weather().level()).isNotEqualTo(Wick.Level.LIT);
        Lamp heat = lamp("mango", steady(24, 40, 25, 9, 0, 1), BudStage.S, BudStage.S);
        assertThat(heat.weather().words())
                .contains("heat over the limit")
                .contains("hot dry wind")
                .contains("shade");
        Lamp wet = lamp("mango", steady(19, 26, 85, 3, 900, 1), BudStage.S, BudStage.S);
        assertThat(wet.weather().words()).contains("heavy rain is possible").contains("rain cap");
    }

    @Test
    void stocksAtRestAreNotLit() {
        Lamp resting = lamp("citrus", FAIR, BudStage.R, BudStage.M);
        assertThat(resting.stock().level()).isNotEqualTo(Wick.Level.LIT);
        assertThat(resting.stock().words()).containsAnyOf("resting", "mature");
    }
}
