package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.DemoClock;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The hidden truth of the demo's buds: the same everywhere, forward only, held in winter, noted every other week. */
class DemoPhenologyTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final List<WeatherDay> DAYS = days();
    private final DemoPhenology truth = new DemoPhenology(RULES, DAYS);

    private static List<WeatherDay> days() {
        LocalDate first = DemoPhenology.START.minusDays(10);
        int count = (int) (DemoClock.FIRST_DAY.toEpochDay() - first.toEpochDay()) + 1;
        WeatherYears years = WeatherYears.draw(new Weather(DemoClimate.normals(), List.of()), first, 1, count, 4);
        List<WeatherDay> days = new ArrayList<>();
        for (int t = 0; t < count; t++) {
            days.add(years.at(0, t));
        }
        return days;
    }

    private static Species mango() {
        return RULES.species("mango").orElseThrow();
    }

    @Test
    void endsWhereItWasToldToAndOnlyGoesForward() {
        double[] phases = truth.backward(mango(), 0.17, new Random(5));
        assertThat(phases[phases.length - 1]).isEqualTo(0.17);
        int flushes = 0;
        for (int t = 1; t < phases.length; t++) {
            assertThat(phases[t]).isBetween(0.0, 1.0);
            if (phases[t] < phases[t - 1]) {
                assertThat(phases[t - 1] - phases[t])
                        .as("only a new flush begins at 0")
                        .isGreaterThan(0.5);
                flushes++;
            }
        }
        assertThat(flushes).as("in three years").isBetween(6, 13);
    }

    @Test
    void standsStillInWinter() {
        double[] phases = truth.backward(mango(), 0.5, new Random(2));
        double moved = 0;
        for (int t = 1; t < phases.length; t++) {
            int month = DAYS.get(t).day().getMonthValue();
            moved += month == 2 && phases[t] > phases[t - 1] ? phases[t] - phases[t - 1] : 0;
        }
        assertThat(moved / 3).as("share of a cycle in a February").isLessThan(0.15);
    }

    @Test
    void isNotedEveryOtherWeekUpToTheLastDays() {
        List<BudNote> notes = truth.stock("citrus", 44);
        assertThat(truth.stock("citrus", 44)).isEqualTo(notes);
        assertThat(truth.stock("citrus", 45)).isNotEqualTo(notes);
        assertThat(notes).hasSizeBetween(55, 100);
        for (int i = 1; i < notes.size(); i++) {
            assertThat(notes.get(i).day().toEpochDay() - notes.get(i - 1).day().toEpochDay())
                    .isBetween(1L, 16L);
        }
        assertThat(notes.get(notes.size() - 1).day()).isAfter(DemoClock.FIRST_DAY.minusDays(4));
        assertThat(notes).filteredOn(n -> n.shade() != null).hasSizeGreaterThan(3);
        assertThat(notes)
                .filteredOn(BudNote::flowering)
                .allSatisfy(n -> assertThat(n.day().getMonthValue()).isBetween(3, 4));
    }
}
