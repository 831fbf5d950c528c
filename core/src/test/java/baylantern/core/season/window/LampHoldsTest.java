package baylantern.core.season.window;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.farms.FurtherLaws;
import baylantern.core.season.farms.Laws;
import baylantern.core.season.farms.MadeUpFarm;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.foresight.Foresight;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Days told to be lit on made-up farms, held against what stocks, wood and weather then did: as often as told. */
class LampHoldsTest {

    private static final FlushRules RULES = Rulebook.shipped().flush();
    private static final Species AVOCADO = Rulebook.shipped().species("avocado").orElseThrow();
    private static final int AHEAD = 30;
    private static final int STOCKS = 3;
    private static final int TREES = 6;
    private static final int DAYS = 1400;

    // More farms of each law, or of one law alone, tell more closely what the docs say.
    private static final int FARMS = Integer.getInteger("lamp.farms", 4);
    private static final long FIRST = Long.getLong("lamp.first", 1);

    /** What trees flush by on the farms. */
    private enum FlushesBy {
        WARMTH(Laws.byWarmth(10, 1150)),
        DATES(Laws.byCalendar(75, 160, 250)),
        RAIN(Laws.byRain()),
        MIXED(Laws.mixed(11, 1000)),
        STORE(FurtherLaws.byStore()),
        RISE(FurtherLaws.byRise()),
        DAYS(FurtherLaws.byDays(120)),
        WAVES(FurtherLaws.byWaves());

        private final MadeUpFarm.Law law;

        FlushesBy(MadeUpFarm.Law law) {
            this.law = law;
        }

        static List<FlushesBy> asked() {
            String said = System.getProperty("lamp.laws");
            return said == null
                    ? List.of(values())
                    : Arrays.stream(said.split(",")).map(FlushesBy::valueOf).toList();
        }

        MadeUpFarm farm(long seed) {
            return new MadeUpFarm(
                    law, MadeUpFarm.Eye.USUAL, StartingClimates.Kind.SUBTROPICAL, 28, TREES, LampHoldsTest.DAYS, seed);
        }
    }

    /** Told chances and what came, by tenths. */
    private static final class Tally {
        final double[] told = new double[10];
        final int[] days = new int[10];
        final int[] lit = new int[10];

        synchronized void add(double chance, boolean came) {
            int tenth = (int) Math.min(9, chance * 10);
            told[tenth] += chance;
            days[tenth]++;
            lit[tenth] += came ? 1 : 0;
        }

        @Override
        public String toString() {
            StringBuilder said = new StringBuilder();
            for (int i = 0; i < 10; i++) {
                double all = Math.max(1, days[i]);
                said.append(String.format("%.2f came %.2f of %d, ", told[i] / all, lit[i] / all, days[i]));
            }
            return said.append(String.format("off by %.3f", off())).toString();
        }

        /** Mean distance of what came from what was told, over all days. */
        double off() {
            double sum = 0;
            for (int i = 0; i < 10; i++) {
                sum += Math.abs(told[i] - lit[i]);
            }
            return sum / IntStream.of(days).sum();
        }
    }

    @Test
    void daysAreLitAsOftenAsTold() {
        Tally asTheyAre = new Tally();
        Tally pinched = new Tally();
        Tally lively = new Tally();
        // Each farm has weather of its own, also where the law is another, and is told once: a spell of weather, or a
        // flush that is late, counts on every day it lasts.
        List<FlushesBy> laws = FlushesBy.asked();
        IntStream.range(0, FARMS * laws.size()).parallel().forEach(nth -> {
            long seed = FIRST + nth;
            MadeUpFarm farm = laws.get(nth % laws.size()).farm(31 * seed);
            int day = 700 + 120 * (nth / laws.size() % 4);
            hold(farm, seed, MadeUpFarm.START.plusDays(day), asTheyAre, pinched, lively);
        });
        System.out.println("lit as they are: " + asTheyAre);
        System.out.println("lit on pinched wood: " + pinched);
        System.out.println("lively again: " + lively);
        assertThat(lively.off()).isLessThan(0.08);
        assertThat(asTheyAre.off()).isLessThan(0.02);
        assertThat(pinched.off()).isLessThan(0.04);
        assertThat(IntStream.of(pinched.lit).sum())
                .as("a window that rests on pinching comes")
                .isGreaterThan(40);
    }

    private static void hold(
            MadeUpFarm farm, long seed, LocalDate today, Tally asTheyAre, Tally pinched, Tally lively) {
        Weather known = new Weather(farm.climate, farm.weather.between(MadeUpFarm.START, today.minusDays(1)));
        LocalDate yesterday = today.minusDays(1);
        List<TreeRecord> records = Watch.records(farm).stream()
                .map(tree -> tree.until((int) yesterday.toEpochDay()))
                .toList();
        Watch watch = new Watch(AVOCADO, known, 28, MadeUpFarm.START.minusDays(120), yesterday);
        // Drawn apart for each farm: the same runs would be off by the same on all of them.
        WeatherYears years = WeatherYears.draw(known, today, 200, 460, 7 + seed);
        Foresight foresight = watch.foresight(watch.learned(records, yesterday), years);
        GraftSky sky = new GraftSky(AVOCADO, RULES, farm.climate, years, AHEAD);
        Truth truth = new Truth(farm, today);
        List<Outlook> outlooks = new ArrayList<>();
        records.forEach(tree -> outlooks.add(foresight.of(tree, tree.plant()).orElseThrow()));
        for (TreeRecord tree : records) {
            if (tree.looks().get(tree.looks().size() - 1).canopy().leading().rests()) {
                addLively(outlooks.get((int) tree.plant() - 1), truth, tree, lively);
            }
        }
        Growth stocks = new Growth("stocks", outlooks.subList(0, STOCKS), null, List.of());
        Pinched done = new Pinched(today.minusDays(4), today.plusDays(6), today.plusDays(18), 9);
        for (int wood = STOCKS; wood < TREES; wood++) {
            List<Outlook> own = List.of(outlooks.get(wood));
            Growth plain = new Growth("wood", own, null, List.of());
            Growth helped = new Growth("wood", own, null, List.of(), List.of(done), List.of(), null);
            WindowFinder finder = new WindowFinder(RULES, sky, "avocado", Technique.Bark.NO, 14);
            for (WindowDay told : finder.find(stocks, plain).days()) {
                asTheyAre.add(told.chance().lit(), truth.lit(told.day(), wood, false));
            }
            for (WindowDay told : finder.find(stocks, helped).days()) {
                if (done.ready(told.day())) {
                    pinched.add(told.chance().lit(), truth.lit(told.day(), wood, true));
                }
            }
        }
    }

    // Whether a tree last seen at rest is fit as a stock, on days of the weeks ahead.
    private static void addLively(Outlook outlook, Truth truth, TreeRecord tree, Tally lively) {
        for (int ahead = 0; ahead < AHEAD; ahead += 5) {
            double told = 0;
            for (int run = 0; run < outlook.runs(); run++) {
                told += fit(outlook.stage(run, ahead)) ? 1.0 / outlook.runs() : 0;
            }
            lively.add(told, fit(truth.shows((int) tree.plant() - 1, truth.today.plusDays(ahead))));
        }
    }

    private static boolean fit(BudStage stage) {
        return Known.in(RULES.stock(), stage) >= 0.6;
    }

    /** What stocks, wood and weather did, as whoever looked at every twig would have seen it. */
    private static final class Truth {
        private final MadeUpFarm farm;
        private final LocalDate today;
        private final GraftSky sky;

        Truth(MadeUpFarm farm, LocalDate today) {
            this.farm = farm;
            this.today = today;
            // Every day is on record, so that the one run is what came.
            WeatherYears came = WeatherYears.draw(farm.weather, today, 1, AHEAD + 30, 1);
            this.sky = new GraftSky(AVOCADO, RULES, farm.climate, came, AHEAD);
        }

        BudStage shows(int tree, LocalDate day) {
            return farm.shows(tree, day);
        }

        boolean lit(LocalDate day, int wood, boolean pinched) {
            double stock = IntStream.range(0, STOCKS)
                    .mapToDouble(tree -> Known.in(RULES.stock(), farm.shows(tree, day)))
                    .average()
                    .orElseThrow();
            BudStage own = farm.shows(wood, day);
            Map<BudStage, Double> ready = RULES.woodOf("avocado").ready();
            double score = pinched && own.rests() ? RULES.value(FigureName.PINCHED) : Known.in(ready, own);
            int t = (int) (day.toEpochDay() - today.toEpochDay());
            boolean fair = sky.relative(0, t) * sky.safety(0, t) >= 0.6 && !sky.stopped(0, t);
            return stock >= 0.6 && score >= 0.6 && fair;
        }
    }
}
