package baylantern.core.season.window;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.day.DayConflicts;
import baylantern.core.day.GraftDay;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Finding;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.flush.DayRange;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a pairing stands today, and what speaks against a day, from made-up scores. */
class StandingTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final FlushRules RULES = Rulebook.shipped().flush();

    private static Wick wick(double score) {
        return new Wick(
                Wick.level(score, RULES.value(FigureName.LIT_FROM), RULES.value(FigureName.LOW_FROM)),
                score,
                "because");
    }

    private static WindowDay day(int ahead, double stock, double wood, double weather) {
        boolean lit = stock >= 0.6 && wood >= 0.6 && weather >= 0.6;
        return new WindowDay(
                TODAY.plusDays(ahead),
                stock,
                wood,
                weather,
                1,
                weather,
                stock * wood * weather,
                new WindowDay.Chance(stock, wood, weather, lit ? 1 : 0),
                lit,
                false);
    }

    private static WindowFinder.Found found(double stock, double wood, double weather, double woodLater, int litDays) {
        List<WindowDay> days = new ArrayList<>();
        for (int t = 0; t < 20; t++) {
            days.add(day(t, stock, t < litDays ? wood : woodLater, weather));
        }
        LocalDate last = TODAY.plusDays(Math.max(0, litDays - 1));
        List<GraftWindow> windows = days.get(0).lit()
                ? List.of(new GraftWindow(TODAY, TODAY, last, new DayRange(last, last, last), 0.9, false))
                : List.of();
        boolean lit = days.get(0).lit();
        Lamp lamp = new Lamp(wick(stock), wick(wood), wick(weather), lit ? 1 : 0, lit);
        return new WindowFinder.Found(days, windows, lamp, days, null);
    }

    @ParameterizedTest
    @CsvSource({
        "0.9, 0.9, 0.9, 0.9, 20, LIT",
        "0.9, 0.9, 0.9, 0.1, 3, CLOSING",
        "0.9, 0.5, 0.9, 0.2, 1, CLOSING",
        "0.9, 0.5, 0.9, 0.8, 1, WAITING_FOR_WOOD",
        "0.9, 0.1, 0.9, 0.1, 1, WAITING_FOR_WOOD",
        "0.2, 0.9, 0.9, 0.9, 1, WAITING_FOR_STOCK",
        "0.9, 0.9, 0.4, 0.9, 1, WAITING_FOR_WEATHER"
    })
    void readsTheStandingFromTheWicks(
            double stock, double wood, double weather, double later, int litDays, Standing expected) {
        WindowFinder.Found found = found(stock, wood, weather, later, litDays);
        assertThat(Standing.of(found, TODAY)).isEqualTo(expected);
        assertThat(found.lamp().lit()).isEqualTo(stock >= 0.6 && wood >= 0.6 && weather >= 0.6);
    }

    @ParameterizedTest
    @CsvSource({"1, LIT", "0.6, LIT", "0.59, LOW", "0.3, LOW", "0.29, OUT", "0, OUT", "NaN, OUT"})
    void wicksAreLitFromTheirThresholds(double score, Wick.Level level) {
        assertThat(Wick.level(score, 0.6, 0.3)).isEqualTo(level);
    }

    private static GraftDay.StepDay pinch(LocalDate target) {
        return new GraftDay.StepDay(
                GraftDay.Step.PINCH, target.minusDays(4), target, target.plusDays(3), "pinch", "so", "");
    }

    private static List<Finding> against(WindowDay day, LocalDate pinchOn, List<Integer> flowered) {
        return new DayConflicts(RULES).of(day, pinch(pinchOn), "Pale Buoy", "Bench stocks", flowered, TODAY);
    }

    @Test
    void nothingSpeaksAgainstALitDayInTime() {
        assertThat(against(day(20, 0.9, 0.9, 0.9), TODAY.plusDays(6), List.of()))
                .isEmpty();
    }

    @Test
    void eachConflictIsToldWithItsFigures() {
        assertThat(against(day(3, 0.41, 0.9, 0.9), TODAY.minusDays(9), List.of()))
                .singleElement()
                .satisfies(f -> assertThat(f.message())
                        .contains("Bench stocks will hardly be active")
                        .contains("41 of 100")
                        .contains("lit from 60"));
        assertThat(against(day(3, 0.9, 0.2, 0.9), TODAY.minusDays(9), List.of()))
                .singleElement()
                .satisfies(f -> assertThat(f.message())
                        .contains("pinching comes too late")
                        .contains("2026-05-08"));
        assertThat(against(day(30, 0.9, 0.2, 0.9), TODAY.plusDays(9), List.of()))
                .singleElement()
                .satisfies(f -> assertThat(f.message()).contains("opened").doesNotContain("too late"));
        assertThat(against(day(3, 0.9, 0.9, 0.35), TODAY.plusDays(2), List.of()))
                .singleElement()
                .satisfies(f -> assertThat(f.message())
                        .contains("cool or dangerous spell")
                        .contains("35 %"));
        assertThat(against(day(30, 0.9, 0.9, 0.9), TODAY.plusDays(9), List.of(2024, 2025)))
                .singleElement()
                .satisfies(f -> assertThat(f.message()).contains("in flower").contains("2024, 2025"));
    }

    @Test
    void woodThatMustBePinchedIsToldWhenItIsTooLate() {
        WindowDay pinched = new WindowDay(
                TODAY.plusDays(3), 0.9, 0.9, 0.9, 1, 0.9, 0.7, new WindowDay.Chance(1, 1, 1, 0.8), true, true);
        assertThat(against(pinched, TODAY.minusDays(9), List.of()))
                .singleElement()
                .satisfies(f -> assertThat(f.rule()).isEqualTo("pinchPast"));
        assertThat(against(pinched, TODAY.plusDays(1), List.of())).isEmpty();
    }
}
