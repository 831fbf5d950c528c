package baylantern.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Tolerance 1e-9 where a formula is exact, else stated at the place. */
class KeepingTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
    private static final double EXACT = 1e-9;
    private static final KeepSpan.Prior PRIOR = new KeepSpan.Prior(0.25, 2, 20);

    private static Keeping of(String species) {
        return new Keeping(RULES.wood(), species);
    }

    private static List<StoreDay> days(int n, KeepMethod method, double tempC, boolean wrapped) {
        return IntStream.range(0, n)
                .mapToObj(i -> new StoreDay(DAY.plusDays(i), 1, method, List.of(tempC), wrapped))
                .toList();
    }

    /** The rulebook's days to 70 %, and the half-life sqrt(ln 2 / ln(1/0.7)) = 1.3940 times as long, by hand. */
    @Test
    void sevenOfTenLiveAfterTheDaysOfTheRulebookAndHalfAtTheHalfLife() {
        Keeping citrus = of("citrus");
        assertThat(Keeping.viability(citrus.used(days(60, KeepMethod.FRIDGE, 6.5, true))))
                .isEqualTo(0.7, within(EXACT));
        assertThat(Keeping.viability(of("avocado").used(days(14, KeepMethod.COOL_BOX, 10, true))))
                .isEqualTo(0.7, within(EXACT));
        assertThat(Keeping.viability(of("fig").used(days(10, KeepMethod.AMBIENT, 22, true))))
                .isEqualTo(0.7, within(EXACT));
        assertThat(Keeping.usedAt(0.5)).isEqualTo(1.3940, within(5e-5));
        assertThat(Keeping.viability(Keeping.usedAt(0.5))).isEqualTo(0.5, within(EXACT));
        assertThat(Keeping.viability(0)).isEqualTo(1);
    }

    /** Every point of the rulebook, whatever the place is called; a fridge's days stand for all of 5 to 8 °C. */
    @Test
    void everyPointOfTheRulebookComesOutForEverySpecies() {
        RULES.wood().keeping().forEach((species, keep) -> {
            for (KeepMethod label : List.of(KeepMethod.FRIDGE, KeepMethod.COOL_BOX, KeepMethod.AMBIENT)) {
                for (double fridge : new double[] {5, 6, 6.5, 7, 8}) {
                    assertThat(1 / of(species).used(days(1, label, fridge, true)))
                            .as(species)
                            .isEqualTo(keep.fridgeDays(), within(EXACT));
                }
                assertThat(1 / of(species).used(days(1, label, 10, true))).isEqualTo(keep.coolBoxDays(), within(EXACT));
                assertThat(1 / of(species).used(days(1, label, 22, true))).isEqualTo(keep.ambientDays(), within(EXACT));
            }
        });
    }

    @Test
    void aboveTheShadeTheSpeciesOwnQ10HoldsAndBareAndWetWoodAgeFaster() {
        Keeping citrus = of("citrus");
        double shade = citrus.used(days(1, KeepMethod.AMBIENT, 22, true));
        assertThat(citrus.used(days(1, KeepMethod.FRIDGE, 32, true)) / shade).isEqualTo(2.3, within(EXACT));
        assertThat(citrus.used(days(1, KeepMethod.AMBIENT, 22, false)) / shade).isEqualTo(10, within(EXACT));
        assertThat(citrus.used(days(1, KeepMethod.WATER, 22, true)) / shade).isEqualTo(1.5, within(EXACT));
    }

    /** Between two points the days are those of the straight line of their logs: at 16 °C the geometric mean. */
    @Test
    void betweenTwoPointsTheWayIsEvenAndColdGivesMangoNothing() {
        assertThat(of("citrus").days(16)).isEqualTo(Math.sqrt(30 * 7), within(EXACT));
        assertThat(of("mango").days(2)).isEqualTo(21, within(EXACT));
        assertThat(of("avocado").days(2)).isEqualTo(21 * Math.pow(2.2, 0.3), within(EXACT));
    }

    /** Moves between stores summed day by day against a fine sum of the same formula over minutes, to one part in 10^6. */
    @Test
    void piecesOfStorageAddUpToTheIntegral() {
        Random random = new Random(7);
        Keeping guava = of("guava");
        List<StoreDay> days = new ArrayList<>();
        double integral = 0;
        int minutes = 24 * 60;
        for (int i = 0; i < 12; i++) {
            KeepMethod method = KeepMethod.values()[random.nextInt(3)];
            boolean wrapped = random.nextInt(4) > 0;
            double moved = random.nextDouble();
            List<Double> temps = random.doubles(4, 4, 24).boxed().toList();
            days.add(new StoreDay(DAY.plusDays(i), moved, method, temps, wrapped));
            days.add(new StoreDay(DAY.plusDays(i), 1 - moved, KeepMethod.AMBIENT, List.of(22.0), true));
            for (int m = 0; m < minutes; m++) {
                double t = temps.get(m * 4 / minutes);
                double rate = 1 / guava.days(t);
                integral += (moved * rate * (wrapped ? 1 : 10) + (1 - moved) / 3) / minutes;
            }
        }
        assertThat(guava.used(days)).isEqualTo(integral, within(1e-6 * integral));
    }

    @Test
    void daysLeftComeDownByOneADayAndHoldTheirRange() {
        Keeping mango = of("mango");
        StoreDay next = days(1, KeepMethod.COOL_BOX, 10, true).get(0);
        KeepSpan span = KeepSpan.prior(0.25);
        Freshness fresh = mango.freshness(List.of(), next, span);
        assertThat(fresh.toGood().low()).isEqualTo(10.5, within(EXACT));
        assertThat(fresh.toGood().mid()).isEqualTo(14, within(EXACT));
        assertThat(fresh.toGood().high()).isEqualTo(17.5, within(EXACT));
        Freshness later = mango.freshness(days(6, KeepMethod.COOL_BOX, 10, true), next, span);
        assertThat(later.toGood().mid()).isEqualTo(8, within(EXACT));
        assertThat(later.viabilityLow()).isLessThan(later.viability()).isLessThan(later.viabilityHigh());
        assertThat(mango.freshness(days(40, KeepMethod.COOL_BOX, 10, true), next, span)
                        .toLast()
                        .high())
                .isZero();
    }

    @Test
    void withoutTakesTheFiguresSpreadStandsAndTakesNarrowAndMoveIt() {
        assertThat(KeepSpan.learned(PRIOR, List.of())).isEqualTo(new KeepSpan(0.75, 1, 1.25, 0));
        List<KeepSpan.Group> tried = tried(600, 0.8);
        KeepSpan learned = KeepSpan.learned(PRIOR, tried);
        assertThat(learned.high() - learned.low()).isLessThan(0.3);
        assertThat(learned.mid()).isBetween(0.7, 0.95);
        assertThat(learned.low()).isLessThanOrEqualTo(0.8);
        assertThat(learned.high()).isGreaterThanOrEqualTo(0.8);
        assertThat(learned.grafts()).isEqualTo(600);
    }

    /** Fresh wood alone says nothing of how long it keeps: the figure's own spread stands. */
    @Test
    void freshWoodSaysNothingOfKeeping() {
        List<KeepSpan.Group> fresh = IntStream.range(0, 80)
                .mapToObj(i -> new KeepSpan.Group(0, 1, i % 3 > 0 ? 1 : 0))
                .toList();
        assertThat(KeepSpan.learned(PRIOR, fresh)).isEqualTo(KeepSpan.prior(0.25));
    }

    private static List<KeepSpan.Group> tried(int n, double truth) {
        Random random = new Random(3);
        return IntStream.range(0, n)
                .mapToObj(i -> {
                    double used = 1.6 * random.nextDouble();
                    return new KeepSpan.Group(
                            used, 1, random.nextDouble() < 0.85 * Keeping.viability(used / truth) ? 1 : 0);
                })
                .toList();
    }

    @Test
    void partsOfDaysAndMissingWarmthAreRefused() {
        assertThatThrownBy(() -> new StoreDay(DAY, 1.2, KeepMethod.WATER, List.of(5.0), true))
                .hasMessageContaining("1.2");
        assertThatThrownBy(() -> new StoreDay(DAY, 1, KeepMethod.WATER, List.of(), true))
                .hasMessageContaining("warmth");
    }
}
