package baylantern.core.season.foresight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.account.Account;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.farms.Laws;
import baylantern.core.season.farms.MadeUpFarm;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.DayRange;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The outlook of trees on a made-up farm. */
class ForesightTest {

    private static final LocalDate TODAY = MadeUpFarm.START.plusDays(1010);
    private static List<TreeRecord> records;
    private static Foresight foresight;
    private static Learned learned;

    @BeforeAll
    static void learn() {
        Species species = Rulebook.shipped().species("avocado").orElseThrow();
        MadeUpFarm farm = new MadeUpFarm(
                Laws.byWarmth(10, 1150), MadeUpFarm.Eye.USUAL, StartingClimates.Kind.MILD_COAST, 31, 8, 1010, 5);
        records = Watch.records(farm);
        Watch watch = new Watch(species, farm.weather, 31, MadeUpFarm.START.minusDays(200), TODAY.minusDays(1));
        learned = watch.learned(records, TODAY.minusDays(20));
        foresight = watch.foresight(learned, WeatherYears.draw(farm.weather, TODAY, 200, 500, 7));
    }

    @Test
    void sameSeedSameOutlookAndLaterFlushesComeLater() {
        for (TreeRecord tree : records) {
            Outlook outlook = foresight.of(tree, 3).orElseThrow();
            List<DayRange> next = outlook.next();
            assertThat(foresight.of(tree, 3).orElseThrow().next()).isEqualTo(next);
            assertThat(next).hasSizeGreaterThanOrEqualTo(2);
            assertThat(next.get(1).mid()).isAfter(next.get(0).mid());
            assertThat(next.get(0).low()).isBefore(next.get(0).high());
        }
        assertThat(foresight.of(new TreeRecord(99, List.of(), List.of()), 3)).isEmpty();
    }

    @Test
    void theChancesOfTheNextDaysAreThoseOfTheRuns() {
        Outlook outlook = foresight.of(records.get(0), 3).orElseThrow();
        double sum = 0;
        for (double chance : outlook.near(300)) {
            sum += chance;
        }
        long within = Arrays.stream(outlook.nextAhead())
                .filter(ahead -> ahead >= 0 && ahead < 298)
                .count();
        assertThat(sum).isCloseTo(within / 200.0, within(0.02));
    }

    /** Spearman's correlation of two normals is 6/π · asin(ρ/2) of Pearson's ρ (Pearson 1907). */
    @Test
    void treesAreEarlyAndLateTogetherInTheRunsAsTheyWereInThePast() {
        List<double[]> places = records.stream()
                .map(tree ->
                        ranks(foresight.of(tree, tree.plant()).orElseThrow().nextAhead()))
                .toList();
        double sum = 0;
        int pairs = 0;
        for (int i = 0; i < places.size(); i++) {
            for (int j = 0; j < i; j++) {
                sum += correlation(places.get(i), places.get(j));
                pairs++;
            }
        }
        double alike = Alike.of(learned.told()).share();
        assertThat(alike).isGreaterThan(0.03);
        // A warm run comes earlier for all besides.
        assertThat(sum / pairs)
                .isBetween(6 / Math.PI * Math.asin(alike / 2) - 0.03, 6 / Math.PI * Math.asin(alike / 2) + 0.15);
    }

    private static double[] ranks(int[] days) {
        return Arrays.stream(days)
                .mapToDouble(day -> Arrays.stream(days)
                        .map(other -> Integer.compare(day, other))
                        .sum())
                .toArray();
    }

    private static double correlation(double[] one, double[] other) {
        double both = 0;
        double own = 0;
        double others = 0;
        for (int i = 0; i < one.length; i++) {
            both += one[i] * other[i];
            own += one[i] * one[i];
            others += other[i] * other[i];
        }
        return both / Math.sqrt(own * others);
    }

    @Test
    void aLookLeavesNoMoreDoubtThanThereWasAndTheBestComeFirst() {
        List<LookNext.Tree> trees = records.stream()
                .map(tree -> new LookNext.Tree(
                        tree.plant(), tree.plant() % 2, foresight.of(tree, 3).orElseThrow()))
                .toList();
        List<LookNext.Look> looks = LookNext.of(trees, Rulebook.shipped().flush(), 5);
        assertThat(looks).isNotEmpty().hasSizeLessThanOrEqualTo(5);
        for (LookNext.Look look : looks) {
            assertThat(look.afterDays()).isLessThan(look.spreadDays());
            assertThat(look.ahead()).isBetween(0, 14);
        }
        assertThat(looks.stream().map(look -> -look.worth()).toList()).isSorted();
    }

    /**
     * Trees that keep their dates, three weeks after one of them, seen at rest in the last days: most that are no longer at rest flushed
     * while nobody saw it. As many are told lively as are.
     */
    @Test
    void aDatePassedAtRestIsLikelierAFlushNobodySaw() {
        LocalDate today = LocalDate.of(2023, 10, 1);
        double told = 0;
        int lively = 0;
        int trees = 0;
        for (int seed = 1; seed <= 20; seed++) {
            MadeUpFarm farm = new MadeUpFarm(
                    Laws.byCalendar(75, 160, 250),
                    MadeUpFarm.Eye.USUAL,
                    StartingClimates.Kind.SUBTROPICAL,
                    28,
                    8,
                    900,
                    101L * seed);
            LocalDate yesterday = today.minusDays(1);
            List<TreeRecord> kept = Watch.records(farm).stream()
                    .map(tree -> tree.until((int) yesterday.toEpochDay()))
                    .toList();
            Species species = Rulebook.shipped().species("avocado").orElseThrow();
            Watch watch = new Watch(species, farm.weather, 28, MadeUpFarm.START.minusDays(200), yesterday);
            Foresight ahead = watch.foresight(
                    watch.learned(kept, yesterday), WeatherYears.draw(farm.weatherUntil(today), today, 200, 460, 7));
            for (TreeRecord tree : kept) {
                TreeRecord.Look last = tree.looks().get(tree.looks().size() - 1);
                if (last.canopy().leading().rests() && today.toEpochDay() - last.day() <= 10) {
                    Outlook outlook = ahead.of(tree, tree.plant()).orElseThrow();
                    for (int run = 0; run < outlook.runs(); run++) {
                        told += outlook.stage(run, 0).rests() ? 0 : 1.0 / outlook.runs();
                    }
                    lively += farm.shows((int) tree.plant() - 1, today).rests() ? 0 : 1;
                    trees++;
                }
            }
        }
        System.out.printf("last seen at rest: %d trees, %d lively, %.1f told%n", trees, lively, told);
        assertThat(lively).isGreaterThan(12);
        assertThat(told / trees).isCloseTo(lively / (double) trees, within(0.12));
    }

    /** Some are all the same, since a twig that was looked at alone may be the first; on made-up farms it is counted how many. */
    @Test
    void aTreeSeenSwellingIsToldAtRestThreeDaysLaterAsSeldomAsItIs() {
        List<Boolean> rests = new ArrayList<>();
        for (MadeUpFarm.Law law : List.of(Laws.byWarmth(10, 1150), Laws.byRain(), Laws.byCalendar(75, 160, 250))) {
            for (int seed = 1; seed <= 10; seed++) {
                rests.addAll(atRestThreeDaysAfterASwell(new MadeUpFarm(
                        law, MadeUpFarm.Eye.USUAL, StartingClimates.Kind.SUBTROPICAL, 28, 8, 900, seed)));
            }
        }
        double came = rests.stream().filter(rest -> rest).count() / (double) rests.size();
        double told = IntStream.rangeClosed(1, 10)
                .mapToDouble(seed -> toldAtRest(TODAY.plusDays(36L * seed), seed))
                .average()
                .orElseThrow();
        System.out.printf("seen swelling: %.3f of %d at rest, %.3f told%n", came, rests.size(), told);
        assertThat(rests).hasSizeGreaterThan(300);
        assertThat(told).isCloseTo(came, within(0.02));
    }

    private static List<Boolean> atRestThreeDaysAfterASwell(MadeUpFarm farm) {
        LocalDate end = MadeUpFarm.START.plusDays(farm.days() - 3L);
        return farm.trees.stream()
                .flatMap(tree -> tree.notes().stream()
                        .filter(note -> note.canopy().leading() == BudStage.S)
                        .map(note -> note.day().plusDays(3))
                        .filter(day -> day.isBefore(end))
                        .map(day -> farm.shows((int) tree.id() - 1, day).rests()))
                .toList();
    }

    private static double toldAtRest(LocalDate today, long seed) {
        Species species = Rulebook.shipped().species("avocado").orElseThrow();
        Weather known = new Weather(StartingClimates.of(StartingClimates.Kind.SUBTROPICAL, 28), List.of());
        Outlook told = Watch.alone(
                species,
                known,
                WeatherYears.draw(known, today, 200, 500, seed),
                List.of(BudNote.of(today.minusDays(3), CanopyShares.all(BudStage.S))),
                seed);
        return IntStream.range(0, told.runs())
                .mapToDouble(run -> told.stage(run, 0).rests() ? 1 : 0)
                .average()
                .orElseThrow();
    }

    @Test
    void whatATreeGoesByIsSaidInASentence() {
        Map<Account, Double> weights = new EnumMap<>(Account.class);
        for (Account account : Account.values()) {
            weights.put(account, 0.1);
        }
        weights.put(Account.RAINS, 0.5);
        assertThat(GoesBy.words(weights)).isEqualTo("Goes by rain, cold and day length above all.");
        weights.put(Account.RAINS, 0.3);
        weights.put(Account.WARMTH, 0.3 - 0.05);
        assertThat(GoesBy.words(weights))
                .isEqualTo("Goes by rain, cold and day length more than by warmth from swell to swell.");
        assertThat(learned.weights(1).values().stream()
                        .mapToDouble(Double::doubleValue)
                        .sum())
                .isCloseTo(1, within(1e-9));
        assertThat(learned.told(1)).isNotEmpty();
    }
}
