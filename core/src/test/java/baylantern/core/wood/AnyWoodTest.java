package baylantern.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.season.warmth.HealingRate;
import baylantern.core.season.warmth.WarmthClock;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.Weather;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must hold of any wood, whatever its figures. */
class AnyWoodTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    private static double used(String species, KeepMethod method, double tempC, boolean wrapped) {
        return new Keeping(RULES.wood(), species).used(new StoreDay(DAY, 1, method, List.of(tempC), wrapped));
    }

    @Property
    void warmerNeverKeepsLongerWhateverThePlaceIsCalledAndBareNeverLongerThanWrapped(
            @ForAll @DoubleRange(min = -5, max = 40) double a, @ForAll @DoubleRange(min = -5, max = 40) double b) {
        for (String species : RULES.wood().keeping().keySet()) {
            for (KeepMethod method : KeepMethod.values()) {
                double cool = used(species, method, Math.min(a, b), true);
                double warm = used(species, method, Math.max(a, b), true);
                assertThat(warm).isGreaterThanOrEqualTo(cool);
                if (method != KeepMethod.WATER) {
                    assertThat(used(species, KeepMethod.AMBIENT, a, true)).isEqualTo(used(species, method, a, true));
                }
                assertThat(used(species, method, a, false)).isGreaterThan(used(species, method, a, true));
            }
        }
    }

    /** A warm afternoon costs more than a cool night gives back: within a stretch the rate is convex in the warmth. */
    @Property
    void aSwingingStoreNeverKeepsLongerThanASteadyOneOfTheSameMean(
            @ForAll @DoubleRange(min = 15, max = 17) double mean, @ForAll @DoubleRange(min = 0, max = 5) double swing) {
        Keeping keeping = new Keeping(RULES.wood(), "avocado");
        StoreDay steady = new StoreDay(DAY, 1, KeepMethod.AMBIENT, List.of(mean), true);
        StoreDay swinging = new StoreDay(DAY, 1, KeepMethod.AMBIENT, List.of(mean - swing, mean + swing), true);
        assertThat(keeping.used(swinging)).isGreaterThanOrEqualTo(keeping.used(steady) - 1e-12);
    }

    @Property
    void viabilityFallsFromOneAndItsShareIsFoundAgain(@ForAll @DoubleRange(min = 0.01, max = 0.99) double share) {
        assertThat(Keeping.viability(Keeping.usedAt(share))).isCloseTo(share, within(1e-9));
        assertThat(Keeping.viability(Keeping.usedAt(share) + 0.1)).isLessThan(share);
    }

    @Property
    void daysLeftAreTheDaysAfterWhichTheShareIsReached(
            @ForAll @IntRange(min = 0, max = 20) int kept, @ForAll @DoubleRange(min = 6, max = 22) double tempC) {
        Keeping keeping = new Keeping(RULES.wood(), "annona");
        StoreDay next = new StoreDay(DAY, 1, KeepMethod.COOL_BOX, List.of(tempC), true);
        List<StoreDay> past = IntStream.range(0, kept)
                .mapToObj(i -> new StoreDay(DAY.minusDays(i + 1L), 1, KeepMethod.COOL_BOX, List.of(10.0), true))
                .toList();
        Freshness fresh = keeping.freshness(past, next, KeepSpan.prior(0.25));
        double left = fresh.toGood().mid();
        if (left > 0) {
            double then = fresh.used() + left * keeping.used(next);
            assertThat(Keeping.viability(then)).isCloseTo(0.7, within(1e-9));
        } else {
            assertThat(fresh.viability()).isLessThanOrEqualTo(0.7 + 1e-9);
        }
        assertThat(fresh.toGood().low()).isLessThanOrEqualTo(left);
        assertThat(fresh.toGood().high()).isGreaterThanOrEqualTo(left);
        assertThat(fresh.toLast().mid()).isGreaterThanOrEqualTo(left);
    }

    /** Farms whose wood truly keeps so many times as long: by 200 grafts the 90 % range holds the truth as often as it says. */
    @Test
    void theLearnedRangeHoldsTheTruthAsOftenAsItSays() {
        double[] truths = {0.67, 0.8, 1, 1.25, 1.5};
        Random random = new Random(11);
        int held = 0;
        int farms = 200;
        for (int farm = 0; farm < farms; farm++) {
            double truth = truths[farm % truths.length];
            double fresh = 0.4 + 0.5 * random.nextDouble();
            List<KeepSpan.Group> tried = new ArrayList<>();
            for (int i = 0; i < 200; i++) {
                double used = 1.6 * random.nextDouble();
                tried.add(new KeepSpan.Group(
                        used, 1, random.nextDouble() < fresh * Keeping.viability(used / truth) ? 1 : 0));
            }
            KeepSpan span = KeepSpan.learned(new KeepSpan.Prior(0.25, 2, 20), tried);
            held += span.low() <= truth && truth <= span.high() ? 1 : 0;
        }
        assertThat(held / (double) farms).isBetween(0.85, 0.95);
    }

    @Property
    void aLotsGradeIsTheOneThatSoManySticksReach(
            @ForAll @Size(min = 1, max = 30) List<Grade> sticks,
            @ForAll @DoubleRange(min = 0.1, max = 1) double share) {
        Grade found = LotSample.of(sticks, share, 1, 0.7, 0.5).grade();
        List<Grade> sorted = sticks.stream().sorted(Comparator.naturalOrder()).toList();
        int at = Math.max(0, (int) Math.ceil(share * sticks.size() - 1e-9) - 1);
        assertThat(found).isEqualTo(sorted.get(at));
    }

    @Property
    void mixturesHoldWhatWasWanted(
            @ForAll @DoubleRange(min = 1, max = 100) double product,
            @ForAll @DoubleRange(min = 0.01, max = 1) double part,
            @ForAll @DoubleRange(min = 10, max = 5000) double volume) {
        Dilution mix = Dilution.of(product, product * part, volume);
        assertThat(mix.productMl() + mix.waterMl()).isCloseTo(volume, within(1e-6));
        assertThat(mix.productMl() * product / volume).isCloseTo(product * part, within(1e-9));
        assertThat(mix.waterMl()).isGreaterThanOrEqualTo(-1e-9);
    }

    private static Climate steady(double meanC) {
        return new Climate(IntStream.range(0, 12)
                .mapToObj(i -> new Climate.Month(meanC - 3, meanC + 3, 70, 3, 60, 1.5))
                .toList());
    }

    /** The cooler the site, the farther off the ready days; at the best warmth they are those of the rule. */
    @ParameterizedTest
    @ValueSource(strings = {"mango", "avocado", "citrus", "fig"})
    void coolWeatherPutsTheReadyDaysOff(String species) {
        double best = RULES.species(species)
                .orElseThrow()
                .figure(FigureName.HEALING_BEST)
                .value();
        List<Conditioning> runs = List.of(best, best - 5, best - 9).stream()
                .map(mean -> {
                    HealingClock clock = new WarmthClock(
                            HealingRate.of(RULES.species(species).orElseThrow()),
                            new Weather(steady(mean), List.of()),
                            DAY.minusDays(30),
                            DAY.plusDays(400));
                    return Conditioning.of(DAY, DAY, clock, RULES);
                })
                .toList();
        assertThat(runs.stream().map(Conditioning::aim).collect(Collectors.toList()))
                .isSorted()
                .doesNotHaveDuplicates();
        assertThat(runs.get(0).aim()).isBetween(DAY.plusDays(10), DAY.plusDays(12));
        assertThat(runs).allSatisfy(run -> {
            assertThat(run.lookFrom()).isBeforeOrEqualTo(run.earliest());
            assertThat(run.earliest()).isBefore(run.aim());
            assertThat(run.aim()).isBefore(run.latest());
            assertThat(run.phase()).isEqualTo(Conditioning.Phase.ASLEEP);
        });
    }

    @Property
    void aLogIsReadBackAsItWasWritten(
            @ForAll @Size(min = 1, max = 40) List<@DoubleRange(min = -5, max = 20) Double> temps) {
        StringBuilder text = new StringBuilder("time;temp\n");
        for (int i = 0; i < temps.size(); i++) {
            text.append(DAY.atStartOfDay().plusHours(6L * i)).append(';');
            text.append(String.valueOf(temps.get(i)).replace('.', ',')).append('\n');
        }
        StoreTable read = StoreTable.ofCsv(text.toString());
        assertThat(read.refused()).isEmpty();
        assertThat(read.readings()).extracting(StoreTable.Reading::temp).containsExactlyElementsOf(temps);
        assertThat(read.readings()).isSortedAccordingTo(Comparator.comparing(StoreTable.Reading::at));
        assertThat(read.looksFahrenheit()).isFalse();
    }
}
