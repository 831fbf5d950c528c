package baylantern.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.season.warmth.HealingRate;
import baylantern.core.season.warmth.WarmthClock;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What hangs on a chosen graft day. */
class GraftDayTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final LocalDate DAY = LocalDate.of(2026, 5, 30);
    private static final Weather MILD =
            new Weather(StartingClimates.of(StartingClimates.Kind.MILD_COAST, 31.4), List.of());
    private final GraftDay days = new GraftDay(RULES);

    private static GraftDay.Plan plan(LocalDate day, String species, String technique, int grafts) {
        return new GraftDay.Plan(
                day, species, RULES.technique(technique).orElseThrow(), grafts, "FILM", Map.of("water", "rest-4"));
    }

    private GraftDay.StepDay task(GraftDay.Around around, GraftDay.Step step) {
        return around.tasks().stream().filter(t -> t.step() == step).findFirst().orElseThrow();
    }

    @Test
    void countsBackInHealingDaysAndForwardByTheVisits() {
        GraftDay.Around around =
                days.around(plan(DAY, "avocado", "cleft", 12), HealingClock.atBest(), HealingClock.atBest());
        GraftDay.StepDay pinch = task(around, GraftDay.Step.PINCH);
        assertThat(pinch.target()).isEqualTo(DAY.minusDays(10));
        assertThat(pinch.earliest()).isEqualTo(DAY.minusDays(14));
        assertThat(pinch.latest()).isEqualTo(DAY.minusDays(7));
        assertThat(around.shoots()).as("12 sticks and a quarter to spare").isEqualTo(15);
        assertThat(task(around, GraftDay.Step.TOP_STOCKS).target()).isEqualTo(DAY.minusDays(4));
        assertThat(task(around, GraftDay.Step.MIX).caution()).contains("label").contains("local rules");
        assertThat(around.visits())
                .isNotEmpty()
                .allSatisfy(v -> assertThat(v.target()).isAfter(DAY));
        assertThat(around.tasks()).extracting(GraftDay.StepDay::target).isSorted();
    }

    @Test
    void coolWeatherPutsThePinchFartherBackAndAMovedDayMovesEverything() {
        Weather weather = new Weather(StartingClimates.of(StartingClimates.Kind.MILD_COAST, 31.4), List.of());
        HealingClock clock = new WarmthClock(
                HealingRate.of(RULES.species("mango").orElseThrow()), weather, DAY.minusDays(300), DAY.plusDays(500));
        GraftDay.Around may = days.around(plan(DAY, "mango", "veneer", 8), clock, clock);
        GraftDay.Around march = days.around(plan(LocalDate.of(2026, 3, 20), "mango", "veneer", 8), clock, clock);
        long backInMay =
                DAY.toEpochDay() - task(may, GraftDay.Step.PINCH).target().toEpochDay();
        long backInMarch = LocalDate.of(2026, 3, 20).toEpochDay()
                - task(march, GraftDay.Step.PINCH).target().toEpochDay();
        assertThat(backInMay).isBetween(11L, 20L);
        assertThat(backInMarch).isGreaterThan(backInMay + 5);
        assertThat(may.tasks()).as("a kept top is not taken off").noneMatch(t -> t.step() == GraftDay.Step.TOP_STOCKS);
        GraftDay.Around later = days.around(plan(DAY.plusDays(7), "mango", "veneer", 8), clock, clock);
        for (int i = 0; i < may.tasks().size(); i++) {
            assertThat(later.tasks().get(i).target()).isAfter(may.tasks().get(i).target());
        }
        assertThat(days.around(plan(DAY, "citrus", "chip", 10), clock, clock).shoots())
                .isEqualTo(5);
    }

    /** Any technique on any species on any day: each step lies within its own span, and none after the graft. */
    @Property(tries = 150)
    void everyStepLiesInItsSpanAndNoneAfterTheGraft(
            @ForAll @IntRange(min = 0, max = 12) int technique,
            @ForAll @IntRange(min = 0, max = 12) int species,
            @ForAll @IntRange(min = 0, max = 364) int later,
            @ForAll @IntRange(min = 1, max = 10_000) int grafts) {
        String wood = List.copyOf(RULES.species()).get(species).key();
        HealingClock clock = new WarmthClock(
                HealingRate.of(RULES.species(wood).orElseThrow()), MILD, DAY.minusDays(400), DAY.plusDays(1200));
        LocalDate day = DAY.plusDays(later);
        GraftDay.Around around = days.around(
                new GraftDay.Plan(
                        day,
                        wood,
                        List.copyOf(RULES.techniques()).get(technique),
                        grafts,
                        "BAG",
                        Map.of("water", "rest-4")),
                clock,
                clock);
        assertThat(around.shoots()).isPositive().isLessThanOrEqualTo(2 * grafts + 1);
        assertThat(around.tasks()).allSatisfy(step -> {
            assertThat(step.earliest()).isBeforeOrEqualTo(step.target());
            assertThat(step.target()).isBeforeOrEqualTo(step.latest());
            assertThat(step.latest()).isBeforeOrEqualTo(day);
        });
        assertThat(around.visits()).allSatisfy(v -> assertThat(v.earliest()).isAfterOrEqualTo(day));
        assertThat(around.tasks().get(around.tasks().size() - 1).step()).isEqualTo(GraftDay.Step.GRAFT);
    }
}
