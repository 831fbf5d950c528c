package baylantern.core.season.foresight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.farms.Laws;
import baylantern.core.season.farms.MadeUpFarm;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Trees last seen at rest when rain has just broken a dry spell, on made-up farms: told to flush in the days after it where
 * such rain starts a flush, and no oftener than they do where it does not.
 */
class AfterRainTest {

    private static final Species AVOCADO = Rulebook.shipped().species("avocado").orElseThrow();
    private static final int FARMS = Integer.getInteger("rain.farms", 20);
    private static final int TREES = 6;
    private static final int DAYS = 1200;
    private static final int AHEAD = 10;

    /** How many trees, how many of them in flush, and how many told. */
    private record Count(double trees, double came, double told) {

        Count and(Count other) {
            return new Count(trees + other.trees, came + other.came, told + other.told);
        }

        @Override
        public String toString() {
            return String.format("%.0f trees, %.2f in flush, %.2f told", trees, came / trees, told / trees);
        }
    }

    private static Count after(MadeUpFarm.Law law) {
        return IntStream.rangeClosed(1, FARMS)
                .parallel()
                .mapToObj(seed -> new MadeUpFarm(
                        law, MadeUpFarm.Eye.USUAL, StartingClimates.Kind.SUBTROPICAL, 28, TREES, DAYS, 53L * seed))
                .map(AfterRainTest::after)
                .reduce(new Count(0, 0, 0), Count::and);
    }

    private static Count after(MadeUpFarm farm) {
        Optional<LocalDate> broken = IntStream.range(750, DAYS - 60)
                .mapToObj(MadeUpFarm.START::plusDays)
                .filter(day -> rain(farm, day.minusDays(10), day) >= 40)
                .filter(day -> rain(farm, day.minusDays(60), day.minusDays(10)) <= 60)
                .findFirst();
        return broken.map(day -> on(farm, day)).orElse(new Count(0, 0, 0));
    }

    private static double rain(MadeUpFarm farm, LocalDate from, LocalDate until) {
        return farm.weather.between(from, until.minusDays(1)).stream()
                .mapToDouble(WeatherDay::rainMm)
                .sum();
    }

    private static Count on(MadeUpFarm farm, LocalDate today) {
        LocalDate yesterday = today.minusDays(1);
        List<TreeRecord> trees = Watch.records(farm).stream()
                .map(tree -> tree.until((int) yesterday.toEpochDay()))
                .toList();
        Weather known = farm.weatherUntil(today);
        Watch watch = new Watch(AVOCADO, known, 28, MadeUpFarm.START.minusDays(120), yesterday);
        Foresight foresight =
                watch.foresight(watch.learned(trees, yesterday), WeatherYears.draw(known, today, 200, 460, 7));
        Count count = new Count(0, 0, 0);
        for (TreeRecord tree : trees) {
            if (tree.looks().get(tree.looks().size() - 1).canopy().leading().rests()) {
                Outlook outlook = foresight.of(tree, tree.plant()).orElseThrow();
                double told = IntStream.range(0, outlook.runs())
                        .mapToDouble(run -> outlook.stage(run, AHEAD).rests() ? 0 : 1)
                        .average()
                        .orElseThrow();
                boolean rests = farm.shows((int) tree.plant() - 1, today.plusDays(AHEAD))
                        .rests();
                count = count.and(new Count(1, rests ? 0 : 1, told));
            }
        }
        return count;
    }

    /**
     * Where rain starts a flush about twice as many flush as are told (81 and 46 of a hundred); where it does not, as many. Were
     * rain not counted, these farms would be told 0.09 apart.
     */
    @Test
    void whereRainStartsFlushesMoreAreToldAfterItThanElsewhere() {
        Count rain = after(Laws.byRain());
        Count warmth = after(Laws.byWarmth(10, 1150));
        System.out.println("after rain, by rain: " + rain + "; by warmth: " + warmth);
        assertThat(rain.trees).isGreaterThan(40);
        assertThat(rain.told / rain.trees).isGreaterThan(warmth.told / warmth.trees + 0.12);
        assertThat(warmth.told / warmth.trees).isCloseTo(warmth.came / warmth.trees, within(0.12));
    }
}
