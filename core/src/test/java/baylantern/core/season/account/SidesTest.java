package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.DayRange;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;

/** The sides of a canopy, on trees made up apart from how they are told: the shaded side so and so much later. */
class SidesTest {

    private static final FlushRules RULES = Rulebook.shipped().flush();
    private static final SkyDays SKY = new SkyDays(
            0, 1, new double[] {0}, new double[] {0}, new double[1][Drivers.NUMBERS], new double[1][Drivers.NUMBERS]);
    private static final LocalDate START = LocalDate.of(2023, 3, 1);
    private static final int TREES = 10;
    private static final int FLUSHES = 9;

    /** A flush: when each side began, days from the start. */
    private record Flush(int sunny, int shaded) {}

    /** Trees with their flushes, looked at every one to three weeks. */
    private static final class Farm {

        final Map<Long, List<Flush>> flushes = new HashMap<>();
        final Map<Long, List<BudNote>> notes = new HashMap<>();

        Farm(long seed, IntToDoubleFunction usuallyLater, double scatter) {
            SplittableRandom random = new SplittableRandom(seed);
            for (long tree = 1; tree <= TREES; tree++) {
                double own = 2 * random.nextGaussian();
                List<Flush> flushes = new ArrayList<>();
                int day = 20 + random.nextInt(80);
                for (int i = 0; i < FLUSHES; i++) {
                    double later = usuallyLater.applyAsDouble(day) + own + scatter * random.nextGaussian();
                    flushes.add(new Flush(day, day + (int) Math.round(later)));
                    day += 95 + random.nextInt(30);
                }
                List<BudNote> notes = new ArrayList<>();
                for (int t = random.nextInt(20); t < day; t += 7 + random.nextInt(15)) {
                    notes.add(new BudNote(START.plusDays(t), side(flushes, t, false), side(flushes, t, true), false));
                }
                this.flushes.put(tree, flushes);
                this.notes.put(tree, notes);
            }
        }

        // A tenth of the twigs more each day, a fifth of them on the day it begins.
        private static CanopyShares side(List<Flush> flushes, int t, boolean shaded) {
            int gone = flushes.stream()
                    .mapToInt(flush -> t - (shaded ? flush.shaded : flush.sunny))
                    .filter(days -> days >= -2)
                    .min()
                    .orElse(1000);
            if (gone < 8) {
                return CanopyShares.parse("S" + Math.min(100, Math.max(10, 20 + 10 * gone)));
            }
            return CanopyShares.parse(gone < 14 ? "P" : gone < 32 ? "F" : gone < 58 ? "H" : gone < 90 ? "M" : "R");
        }

        Map<Long, List<BudNote>> until(LocalDate day) {
            Map<Long, List<BudNote>> known = new HashMap<>();
            notes.forEach((tree, all) -> known.put(
                    tree, all.stream().filter(note -> !note.day().isAfter(day)).toList()));
            return known;
        }
    }

    // A hundred and ten days from swell to swell, as the farm goes.
    private static Sides learn(Map<Long, List<BudNote>> trees) {
        return Sides.learn(RULES, Accounts.learn(new Accounts.Grounds(RULES, 1100, 10, 0), List.of(), SKY), trees);
    }

    private static DayRange on(LocalDate day) {
        return new DayRange(day, day, day);
    }

    /** Told at every look at which the sunny side had begun and the shaded one had not, from what was known then. */
    private static List<Boolean> held(Farm farm) {
        List<Boolean> held = new ArrayList<>();
        farm.notes.forEach((tree, notes) -> {
            for (BudNote note : notes) {
                int t = (int) ChronoUnit.DAYS.between(START, note.day());
                Optional<Flush> begun = farm.flushes.get(tree).stream()
                        .filter(flush -> flush.sunny <= t + 2 && flush.shaded > t)
                        .findFirst();
                if (begun.isPresent()) {
                    Map<Long, List<BudNote>> known = farm.until(note.day());
                    learn(known)
                            .of(tree, known.get(tree), on(note.day().plusDays(100)), note.day())
                            .filter(Sides.Apart::following)
                            .ifPresent(apart -> held.add(in(apart.shaded(), START.plusDays(begun.get().shaded))));
                }
            }
        });
        return held;
    }

    private static boolean in(DayRange range, LocalDate day) {
        return !day.isBefore(range.low()) && !day.isAfter(range.high());
    }

    private static double share(List<Boolean> held) {
        return held.stream().filter(one -> one).count() / (double) held.size();
    }

    @Test
    void howMuchLaterTheShadedSideIsIsLearnedFromTheTree() {
        Farm farm = new Farm(5, day -> 12, 2);
        Sides sides = learn(farm.notes);
        List<Double> off = new ArrayList<>();
        farm.flushes.forEach((tree, flushes) -> {
            double truth = flushes.stream()
                    .mapToInt(flush -> flush.shaded - flush.sunny)
                    .average()
                    .orElseThrow();
            Sides.Apart apart = sides.of(tree, farm.notes.get(tree), on(START.plusDays(1200)), START.plusDays(1200))
                    .orElseThrow();
            off.add(Math.abs(apart.days() - truth));
            assertThat(apart.own()).isGreaterThan(5 * FLUSHES);
            assertThat(apart.farm()).isGreaterThan(TREES * apart.own() / 2);
            assertThat(ChronoUnit.DAYS.between(
                            apart.sunny().mid(), apart.shaded().mid()))
                    .isCloseTo(Math.round(apart.days()), within(1L));
        });
        // With nothing learned it would be off by seven days.
        assertThat(off.stream().mapToDouble(Double::doubleValue).average().orElseThrow())
                .isLessThan(2);
    }

    @Test
    void theRangeOfTheShadedSideHoldsAlsoWhereItIsNotSteady() {
        Farm steady = new Farm(1, day -> 9, 3);
        Farm withTheSeason = new Farm(2, day -> 6 + 6 * Math.cos(2 * Math.PI * day / 365), 2);
        Farm none = new Farm(3, day -> 0, 4);
        for (Farm farm : List.of(steady, withTheSeason, none)) {
            List<Boolean> held = held(farm);
            System.out.printf("sides: %d looks, held %.2f%n", held.size(), share(held));
            assertThat(held).hasSizeGreaterThan(20);
            assertThat(share(held)).isBetween(0.7, 0.97);
        }
    }

    @Test
    void whereOnlyTheSunnySideHasBegunTheShadedOneFollowsAfterTheLastLook() {
        LocalDate day = LocalDate.of(2026, 5, 1);
        CanopyShares rest = CanopyShares.parse("M");
        List<BudNote> notes = List.of(
                new BudNote(day, rest, rest, false),
                new BudNote(day.plusDays(8), CanopyShares.parse("S40"), rest, false));
        Sides sides = learn(Map.of(1L, notes));
        DayRange next = on(day.plusDays(120));
        Sides.Apart apart = sides.of(1, notes, next, day.plusDays(9)).orElseThrow();
        assertThat(apart.following()).isTrue();
        assertThat(apart.own()).isEqualTo(2);
        assertThat(apart.shaded().low()).isAfterOrEqualTo(day.plusDays(8));
        assertThat(apart.shaded().high()).isBefore(day.plusDays(30));
        assertThat(apart.sunny().mid()).isBetween(day.plusDays(115), day.plusDays(120));
        // Two months on nobody waits for it any more: both are told of the next flush.
        Sides.Apart later = sides.of(1, notes, next, day.plusDays(70)).orElseThrow();
        assertThat(later.following()).isFalse();
        assertThat(later.shaded().mid()).isAfter(later.sunny().mid());
        // What is next for the whole is what the sunny side has begun: it has no next one before that.
        List<BudNote> few = List.of(notes.get(0), new BudNote(day.plusDays(8), CanopyShares.parse("S30"), rest, false));
        assertThat(learn(Map.of(1L, few))
                        .of(1, few, on(day.plusDays(10)), day.plusDays(9))
                        .orElseThrow())
                .returns(true, Sides.Apart::following)
                .returns(null, Sides.Apart::sunny);
    }

    @Test
    void nothingIsSaidOfSidesNobodyToldApart() {
        List<BudNote> notes = List.of(BudNote.of(START, CanopyShares.parse("S40")));
        assertThat(learn(Map.of(1L, notes)).of(1, notes, on(START.plusDays(90)), START))
                .isEmpty();
    }
}
