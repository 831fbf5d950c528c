package baylantern.core.care.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Against every set of days there is: no other is smaller, and none as small lies nearer to the targets. */
class WalkPlannerTest {

    private static final LocalDate FIRST = LocalDate.of(2028, 2, 24);
    private static final int DAYS = 9;

    private static List<Errand> errands(Random random, int most) {
        List<Errand> errands = new ArrayList<>();
        int n = 1 + random.nextInt(most);
        for (int i = 0; i < n; i++) {
            int from = random.nextInt(DAYS);
            int to = from + random.nextInt(DAYS - from);
            int aim = from + random.nextInt(to - from + 1);
            errands.add(new Errand(
                    "v" + i, random.nextInt(3), FIRST.plusDays(from), FIRST.plusDays(aim), FIRST.plusDays(to)));
        }
        return errands;
    }

    private static List<LocalDate> all() {
        return FIRST.datesUntil(FIRST.plusDays(DAYS)).toList();
    }

    // Days beside the targets if every errand takes its nearest walk, −1 where one finds none.
    private static long beside(List<Errand> errands, Set<LocalDate> walks) {
        long sum = 0;
        for (Errand e : errands) {
            long least = walks.stream()
                    .filter(e::fits)
                    .mapToLong(day -> Math.abs(ChronoUnit.DAYS.between(e.target(), day)))
                    .min()
                    .orElse(-1);
            if (least < 0) {
                return -1;
            }
            sum += least;
        }
        return sum;
    }

    @Property(tries = 120)
    void noOtherDaysAreFewerOrNearer(@ForAll long seed) {
        Random random = new Random(seed);
        List<Errand> errands = errands(random, 7);
        Set<LocalDate> chosen = new HashSet<>(WalkPlanner.fewest(errands, all(), Set.of()));
        long own = beside(errands, chosen);
        assertThat(own).isNotNegative();
        for (int mask = 0; mask < 1 << DAYS; mask++) {
            Set<LocalDate> other = new HashSet<>();
            for (int d = 0; d < DAYS; d++) {
                if ((mask >> d & 1) == 1) {
                    other.add(FIRST.plusDays(d));
                }
            }
            long beside = beside(errands, other);
            if (beside >= 0) {
                assertThat(other.size()).isGreaterThanOrEqualTo(chosen.size());
                if (other.size() == chosen.size()) {
                    assertThat(beside).isGreaterThanOrEqualTo(own);
                }
            }
        }
    }

    @Property(tries = 120)
    void everyErrandIsMadeOnceInItsSpanAndEachPlaceIsVisitedAsSeldomAsItCanBe(@ForAll long seed) {
        Random random = new Random(seed);
        List<Errand> errands = errands(random, 12);
        WalkPlan plan = WalkPlanner.over(FIRST, DAYS, Set.of(), Set.of()).plan(errands);
        List<String> made = new ArrayList<>();
        for (WalkPlan.Walk walk : plan.walks()) {
            for (WalkPlan.AtPlace at : walk.places()) {
                at.errands().forEach(e -> {
                    assertThat(e.place()).isEqualTo(at.place());
                    assertThat(e.fits(walk.day())).as(e + " on " + walk.day()).isTrue();
                    made.add(e.key());
                });
            }
        }
        assertThat(plan.late()).isEmpty();
        assertThat(made)
                .containsExactlyInAnyOrderElementsOf(
                        errands.stream().map(Errand::key).toList());
        List<LocalDate> days = plan.walks().stream().map(WalkPlan.Walk::day).toList();
        for (long place = 0; place < 3; place++) {
            long at = place;
            List<Errand> own = errands.stream().filter(e -> e.place() == at).toList();
            int visits = (int) plan.walks().stream()
                    .filter(walk -> walk.places().stream().anyMatch(p -> p.place() == at))
                    .count();
            assertThat(visits).isEqualTo(fewestByBruteForce(own, days));
        }
    }

    private static int fewestByBruteForce(List<Errand> errands, List<LocalDate> days) {
        int least = Integer.MAX_VALUE;
        for (int mask = 0; mask < 1 << days.size(); mask++) {
            int chosen = mask;
            Set<LocalDate> some = java.util.stream.IntStream.range(0, days.size())
                    .filter(d -> (chosen >> d & 1) == 1)
                    .mapToObj(days::get)
                    .collect(Collectors.toSet());
            if (beside(errands, some) >= 0) {
                least = Math.min(least, some.size());
            }
        }
        return least;
    }

    private static Errand errand(String key, int from, int aim, int to) {
        return new Errand(key, 1, FIRST.plusDays(from), FIRST.plusDays(aim), FIRST.plusDays(to));
    }

    @Test
    void whatIsOverdueIsMadeToday() {
        WalkPlan plan = WalkPlanner.over(FIRST, 7, Set.of(), Set.of())
                .plan(List.of(errand("old", -9, -7, -3), errand("new", 0, 2, 4)));
        assertThat(plan.walks()).hasSize(1);
        assertThat(plan.walks().get(0).day()).isEqualTo(FIRST);
        assertThat(plan.late()).isEmpty();
    }

    @Test
    void aWalkMovedLeavesWhatDoesNotFitAsLateAndMakesItOnTheNext() {
        List<Errand> errands = List.of(errand("tight", 1, 1, 1), errand("wide", 0, 1, 6));
        LocalDate from = FIRST.plusDays(1);
        LocalDate to = FIRST.plusDays(3);
        WalkPlan plan = WalkPlanner.over(FIRST, 7, Set.of(to), Set.of(from)).plan(errands);
        assertThat(plan.late()).extracting(Errand::key).containsExactly("tight");
        assertThat(plan.walks()).hasSize(1);
        assertThat(plan.walks().get(0).day()).isEqualTo(to);
        assertThat(plan.walks().get(0).places().get(0).errands())
                .extracting(Errand::key)
                .containsExactlyInAnyOrder("tight", "wide");
    }

    @Test
    void whatCanWaitBeyondTheLastDayAsksForNoWalkButIsTakenAlong() {
        assertThat(WalkPlanner.over(FIRST, 7, Set.of(), Set.of())
                        .plan(List.of(errand("later", 2, 4, 20)))
                        .walks())
                .isEmpty();
        WalkPlan plan = WalkPlanner.over(FIRST, 7, Set.of(), Set.of())
                .plan(List.of(errand("later", 2, 4, 20), errand("now", 3, 3, 3)));
        assertThat(plan.walks().get(0).places().get(0).errands()).hasSize(2);
    }

    @Test
    void aSpanThatEndsBeforeItBeginsAndNoDaysAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> errand("x", 3, 3, 2))
                .withMessageContaining("ends before it begins");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> WalkPlanner.over(FIRST, 0, Set.of(), Set.of()))
                .withMessageContaining("not 0");
    }
}
