package baylantern.core.season.flush;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The forecast on farms that follow the model: does the range hold as often as it says, and does learning help. */
class ForecastTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FlushRules FLUSH = RULES.flush();
    private static final int DAYS = 4 * 365;

    private static Species species(String key) {
        return RULES.species(key).orElseThrow();
    }

    private static List<Interval> intervals(SyntheticFarm farm, LocalDate until) {
        List<Interval> all = new ArrayList<>();
        for (SyntheticFarm.Tree tree : farm.trees) {
            List<BudNote> notes =
                    tree.notes().stream().filter(n -> n.day().isBefore(until)).toList();
            all.addAll(Intervals.of(tree.id(), Swells.in(notes, FLUSH.value(FigureName.SWELL_SHARE)), farm.warmth));
        }
        return all;
    }

    /** One forecast held against what came. */
    private record Trial(double errorDays, double priorErrorDays, boolean held) {}

    private static List<Trial> trials(SyntheticFarm farm, Species species, LocalDate today) {
        Weather known = new Weather(
                farm.climate,
                farm.weather.between(SyntheticFarm.START, today.minusDays(1)).stream()
                        .filter(d -> d.origin() == WeatherDay.Origin.RECORDED)
                        .toList());
        WeatherYears years = WeatherYears.draw(known, today, 200, 500, 5);
        WarmthRuns runs = WarmthRuns.of(BudWarmth.of(species, FLUSH), known, years, SyntheticFarm.START);
        FlushForecaster forecaster = new FlushForecaster(runs, FLUSH);
        RhythmModel model = new RhythmModel(species.figure(FigureName.SWELL_TO_SWELL), FLUSH, intervals(farm, today));
        List<Trial> trials = new ArrayList<>();
        for (SyntheticFarm.Tree tree : farm.trees) {
            List<BudNote> notes =
                    tree.notes().stream().filter(n -> n.day().isBefore(today)).toList();
            LocalDate seen = notes.get(notes.size() - 1).day();
            LocalDate truth = tree.swells().stream()
                    .filter(d -> d.isAfter(seen))
                    .findFirst()
                    .orElse(null);
            List<Swell> swells = Swells.in(notes, FLUSH.value(FigureName.SWELL_SHARE));
            if (truth == null) {
                continue;
            }
            DayRange learned = forecaster
                    .forecast(model.plant(tree.id()), swells, notes, tree.id())
                    .orElseThrow()
                    .next()
                    .get(0);
            DayRange prior = forecaster
                    .forecast(model.prior(), swells, notes, tree.id())
                    .orElseThrow()
                    .next()
                    .get(0);
            trials.add(new Trial(error(learned, truth), error(prior, truth), holds(learned, truth)));
        }
        return trials;
    }

    private static double error(DayRange range, LocalDate truth) {
        return Math.abs(ChronoUnit.DAYS.between(Objects.requireNonNull(range.mid()), truth));
    }

    private static boolean holds(DayRange range, LocalDate truth) {
        return !truth.isBefore(Objects.requireNonNull(range.low()))
                && !truth.isAfter(Objects.requireNonNull(range.high()));
    }

    @ParameterizedTest
    @CsvSource({"avocado, 31.4", "mango, 27", "citrus, -29"})
    void theRangeHoldsFourTimesInFiveAndLearningHelps(String key, double latitudeDeg) {
        Species species = species(key);
        List<Trial> all = new ArrayList<>();
        for (int seed = 1; seed <= 16; seed++) {
            SyntheticFarm farm = new SyntheticFarm(species, FLUSH, latitudeDeg, 10, DAYS, 9, seed);
            for (int day : new int[] {800, 950, 1060, 1180}) {
                all.addAll(trials(farm, species, SyntheticFarm.START.plusDays(day)));
            }
        }
        double held = all.stream().filter(Trial::held).count() / (double) all.size();
        double error = all.stream().mapToDouble(Trial::errorDays).average().orElseThrow();
        double prior = all.stream().mapToDouble(Trial::priorErrorDays).average().orElseThrow();
        System.out.printf(
                "%s: %d flushes, held %.3f, error %.1f d, prior %.1f d%n", key, all.size(), held, error, prior);
        assertThat(all).hasSizeGreaterThanOrEqualTo(400);
        assertThat(held).isBetween(0.75, 0.85);
        assertThat(error).isLessThan(prior);
    }

    @Test
    void theSouthIsTheNorthHalfAYearLater() {
        Species species = species("mango");
        int north = flushesIn(new SyntheticFarm(species, FLUSH, 31, 30, DAYS, 9, 2), 1, 2);
        int south = flushesIn(new SyntheticFarm(species, FLUSH, -31, 30, DAYS, 9, 2), 7, 8);
        assertThat(north).as("winter holds the buds").isLessThan(12);
        assertThat(south).isLessThan(12);
    }

    private static int flushesIn(SyntheticFarm farm, int month, int orMonth) {
        return (int) farm.trees.stream()
                .flatMap(t -> t.swells().stream())
                .filter(d -> d.getMonthValue() == month || d.getMonthValue() == orMonth)
                .count();
    }
}
