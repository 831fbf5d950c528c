package baylantern.core.day.crew;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.junit.jupiter.api.Test;

/** A team against a simulation second by second, written here without queues of times; tolerance 1e-9 minutes. */
class CrewTest {

    private static final double FACE = 2;

    private static Hand hand(String name, Role role) {
        return new Hand(name, role, 0, 1);
    }

    private static List<Hand> team(int preparing, int cutting, int wrapping) {
        List<Hand> hands = new ArrayList<>();
        Collections.nCopies(preparing, Role.PREPARE).forEach(r -> hands.add(hand("p", r)));
        Collections.nCopies(cutting, Role.CUT).forEach(r -> hands.add(hand("c", r)));
        Collections.nCopies(wrapping, Role.WRAP).forEach(r -> hands.add(hand("w", r)));
        return hands;
    }

    /** Every second: who wraps takes a face that lies open, who cuts takes a prepared stick if not too many lie open. */
    private static final class BySecond {

        private final int[] cutting;
        private final int[] wrapping;
        private final int[] preparing;
        private final Deque<Integer> lying = new ArrayDeque<>();
        private int sticks;
        private int unprepared;
        private int second;
        private int wrapped;
        private int longest;

        BySecond(int preparing, int cutting, int wrapping) {
            this.preparing = new int[preparing];
            this.cutting = new int[cutting];
            this.wrapping = new int[wrapping];
        }

        int finish(int grafts, Stint.Seconds each, int ahead) {
            unprepared = preparing.length > 0 ? grafts : 0;
            sticks = preparing.length > 0 ? 0 : grafts;
            int cut = (int) each.cut() + (preparing.length > 0 ? 0 : (int) each.prepare());
            int wrap = (int) (each.wrap() + each.label());
            while (wrapped < grafts) {
                tick(cut, wrap, (int) each.prepare(), ahead);
            }
            return second;
        }

        private void tick(int cut, int wrap, int prepare, int ahead) {
            for (int i = 0; i < wrapping.length; i++) {
                wrapped += wrapping[i] == second && second > 0 && wrapping[i] != -1 ? 1 : 0;
            }
            int freed = 0;
            for (int i = 0; i < preparing.length; i++) {
                if (preparing[i] == second && second > 0) {
                    freed++;
                }
            }
            sticks += freed;
            for (int i = 0; i < cutting.length; i++) {
                if (cutting[i] == second && second > 0) {
                    lying.add(second);
                }
            }
            for (int i = 0; i < preparing.length; i++) {
                if (preparing[i] <= second && unprepared > 0) {
                    unprepared--;
                    preparing[i] = second + prepare;
                }
            }
            for (int i = 0; i < wrapping.length; i++) {
                if (wrapping[i] <= second && !lying.isEmpty()) {
                    longest = Math.max(longest, second - lying.remove());
                    wrapping[i] = second + wrap;
                }
            }
            for (int i = 0; i < cutting.length; i++) {
                int inHand = 0;
                for (int other : cutting) {
                    inHand += other > second ? 1 : 0;
                }
                if (cutting[i] <= second && sticks > 0 && lying.size() + inHand < ahead) {
                    sticks--;
                    cutting[i] = second + cut;
                }
            }
            if (wrapped < Integer.MAX_VALUE) {
                second++;
            }
        }
    }

    @Property(tries = 200)
    void aDayIsAsItIsSecondBySecond(
            @ForAll @IntRange(max = 2) int preparing,
            @ForAll @IntRange(min = 1, max = 3) int cutting,
            @ForAll @IntRange(min = 1, max = 2) int wrapping,
            @ForAll @IntRange(min = 1, max = 25) int grafts,
            @ForAll long seed) {
        Random luck = new Random(seed);
        Stint.Seconds each = new Stint.Seconds(
                5 + luck.nextInt(40), 20 + luck.nextInt(150), 10 + luck.nextInt(100), luck.nextInt(20));
        Crew crew = new Crew(team(preparing, cutting, wrapping), List.of(), FACE);
        Flow flow = crew.usual(List.of(new Stint("a", grafts, each, 0, 0)));
        BySecond apart = new BySecond(preparing, cutting, wrapping);
        int finish = apart.finish(grafts, each, crew.ahead(each)) - 1;
        assertThat(flow.finish()).isCloseTo(finish / 60.0, within(1e-9));
        assertThat(flow.longestFace()).isCloseTo(apart.longest / 60.0, within(1e-9));
    }

    @Test
    void oneAloneDoesAllOfItAndCleansAndWalksBetween() {
        Crew alone = new Crew(List.of(hand("Ingmar", Role.WHOLE)), List.of(new Pause(20, 50)), FACE);
        Stint.Seconds each = new Stint.Seconds(30, 150, 60, 0);
        Flow flow = alone.usual(List.of(new Stint("a", 4, each, 2, 0), new Stint("b", 2, each, 2, 6)));
        // 2 + 4·4 = 18, cleaned 20, walked 26: a pause until 50, then 2·4.
        assertThat(flow.finish()).isCloseTo(58, within(1e-9));
        assertThat(flow.lanes().get(0).spans())
                .extracting(span -> span.doing() + " " + Math.round(span.from()) + "-" + Math.round(span.until()))
                .containsExactly("CLEAN 0-2", "WORK 2-18", "CLEAN 18-20", "WALK 20-26", "PAUSE 26-50", "WORK 50-58");
        assertThat(flow.longestFace()).isZero();
    }

    @Test
    void oneWhoWrapsKeepsTwoWhoCutAndIsNeverLateByMoreThanAFaceMayWait() {
        Stint.Seconds each = new Stint.Seconds(25, 150, 60, 15);
        Flow flow = new Crew(team(0, 2, 1), List.of(), FACE).usual(List.of(new Stint("a", 40, each, 0, 0)));
        assertThat(flow.longestFace()).isLessThanOrEqualTo(FACE);
        assertThat(flow.openFaces()).isEmpty();
        // Two cut one in 87.5 s, one wraps it in 75 s: the wrapper waits a seventh of the time.
        assertThat(flow.finish()).isCloseTo((20 * 175 + 150) / 60.0, within(1e-9));
        assertThat(flow.lanes().get(2).idle()).isBetween(0.1, 0.2);
    }

    @Property(tries = 30)
    void aSlowerHandNeverFinishesSooner(@ForAll @IntRange(min = 1, max = 30) int grafts) {
        Stint stint = new Stint("a", grafts, new Stint.Seconds(25, 150, 60, 15), 2, 3);
        double quick = new Crew(List.of(new Hand("x", Role.WHOLE, 0, 0.8)), List.of(), FACE)
                .usual(List.of(stint))
                .finish();
        double late = new Crew(List.of(new Hand("x", Role.WHOLE, 15, 1.3)), List.of(), FACE)
                .usual(List.of(stint))
                .finish();
        assertThat(late).isGreaterThan(quick);
    }

    @Test
    void paceIsLearnedFromTimesAndTheRangeHoldsWhatTheyWereDrawnFrom() {
        assertThat(Pace.learned(4, 8, List.of()).mean()).isEqualTo(1);
        Random luck = new Random(11);
        GammaDistribution one = GammaDistribution.of(4, 0.25);
        int held = 0;
        for (int farm = 0; farm < 200; farm++) {
            // A person's own pace differs by a fifth or so; times of another form (log-normal) are tried as well.
            double own = Math.exp(0.2 * luck.nextGaussian());
            List<Double> times = new ArrayList<>();
            for (int i = 0; i < 20; i++) {
                times.add(own
                        * (farm % 2 == 0
                                ? one.inverseCumulativeProbability(luck.nextDouble())
                                : Math.exp(0.47 * luck.nextGaussian() - 0.11)));
            }
            Pace pace = Pace.learned(4, 8, times);
            held += own >= pace.quantile(0.05) && own <= pace.quantile(0.95) ? 1 : 0;
        }
        assertThat(held).isBetween(170, 196);
    }

    @Test
    void aDayIsForetoldWithARangeThatHoldsTheUsualDay() {
        List<Forecast.Known> team = team(0, 2, 1).stream()
                .map(hand -> new Forecast.Known(hand, Pace.learned(4, 8, List.of())))
                .toList();
        List<Stint> day = List.of(
                new Stint("a", 40, new Stint.Seconds(25, 150, 60, 15), 2, 0),
                new Stint("b", 25, new Stint.Seconds(10, 70, 45, 15), 2, 6));
        Forecast forecast = Forecast.of(team, List.of(), FACE, day, 4);
        double usual = new Crew(team(0, 2, 1), List.of(), FACE).usual(day).finish();
        assertThat(usual)
                .isBetween(0.85 * forecast.finish().low(), forecast.finish().high());
        assertThat(forecast.finish().low()).isLessThan(forecast.finish().mid());
        assertThat(forecast.finish().mid()).isLessThan(forecast.finish().high());
        assertThat(forecast.typical().finish()).isCloseTo(forecast.finish().mid(), within(1.0));
        assertThat(Forecast.of(team, List.of(), FACE, day, 4)).isEqualTo(forecast);
    }

    @Test
    void aTeamOfWhichNobodyCutsIsRefused() {
        assertThatThrownBy(() -> new Crew(List.of(hand("w", Role.WRAP)), List.of(), FACE))
                .hasMessage("Nobody cuts: somebody is wanted who cuts, or who does all of it.");
        assertThatThrownBy(() -> new Hand("x", Role.CUT, 0, 0)).hasMessageContaining("at over 0");
        assertThatThrownBy(() -> new Pause(5, 2)).hasMessageContaining("ends before it begins");
        assertThatThrownBy(() -> new Stint("a", 0, new Stint.Seconds(1, 1, 1, 1), 0, 0))
                .hasMessageContaining("0 grafts");
    }

    private static List<Hand> anyTeam(Random luck) {
        List<Hand> hands = new ArrayList<>();
        hands.add(new Hand("first", luck.nextBoolean() ? Role.CUT : Role.WHOLE, 0, 0.7 + luck.nextDouble()));
        for (int i = 0; i < luck.nextInt(5); i++) {
            Role role = Role.values()[luck.nextInt(Role.values().length)];
            hands.add(new Hand("hand " + i, role, luck.nextInt(40), 0.7 + luck.nextDouble()));
        }
        return hands;
    }

    private static List<Stint> anyDay(Random luck) {
        List<Stint> stints = new ArrayList<>();
        for (int i = 0; i <= luck.nextInt(4); i++) {
            Stint.Seconds each = new Stint.Seconds(
                    luck.nextInt(40), 30 + luck.nextInt(150), 20 + luck.nextInt(60), luck.nextInt(20));
            stints.add(new Stint("b" + i, 1 + luck.nextInt(12), each, luck.nextInt(3), luck.nextInt(8)));
        }
        return stints;
    }

    @Property(tries = 200)
    void nobodyDoesTwoThingsAtOnceAndEveryGraftIsMade(@ForAll long seed) {
        Random luck = new Random(seed);
        List<Hand> hands = anyTeam(luck);
        List<Stint> stints = anyDay(luck);
        int grafts = stints.stream().mapToInt(Stint::grafts).sum();
        Flow flow = new Crew(hands, List.of(new Pause(30, 45)), FACE).usual(stints);
        int taken = 0;
        double last = 0;
        for (Flow.Of lane : flow.lanes()) {
            double before = lane.hand().fromMinute();
            for (Span span : lane.spans()) {
                assertThat(span.from()).isGreaterThanOrEqualTo(before - 1e-9);
                assertThat(span.until()).isGreaterThanOrEqualTo(span.from());
                before = span.until();
                taken += lane.hand().role().takesGrafts() ? span.grafts() : 0;
            }
            last = Math.max(last, before);
            assertThat(lane.idle()).isBetween(0.0, 1.0);
        }
        assertThat(taken).isEqualTo(grafts);
        assertThat(flow.finish()).isLessThanOrEqualTo(last + 1e-9);
    }

    @Property(tries = 100)
    void nothingIsBegunInAPauseButWhatLiesOpenIsWrapped(@ForAll long seed) {
        Random luck = new Random(seed);
        List<Hand> hands = anyTeam(luck);
        Flow flow = new Crew(hands, List.of(new Pause(20, 60)), FACE).usual(anyDay(luck));
        for (Flow.Of lane : flow.lanes()) {
            if (lane.hand().role().takesGrafts()) {
                assertThat(lane.spans())
                        .filteredOn(span -> span.doing() == Span.Doing.WORK)
                        .noneMatch(span -> span.from() > 20 + 1e-9 && span.from() < 60 - 1e-9);
            }
        }
    }

    @Test
    void workTooLongForOneDayIsCutSoThatEachDayTakesAsMuchAsItCan() {
        SplittableRandom random = new SplittableRandom(16);
        for (int farm = 0; farm < 40; farm++) {
            List<Stint> work = new ArrayList<>();
            int blocks = random.nextInt(1, 7);
            for (int i = 0; i < blocks; i++) {
                Stint.Seconds each = new Stint.Seconds(40, random.nextInt(60, 200), random.nextInt(60, 200), 20);
                work.add(new Stint("b" + i, random.nextInt(1, 60), each, 4, random.nextInt(0, 6)));
            }
            Crew crew = new Crew(team(1, random.nextInt(1, 3), 1), List.of(new Pause(120, 150)), FACE);
            double limit = random.nextInt(60, 300);
            List<List<Stint>> days = DaysOfWork.cut(crew, work, limit);
            int made = 0;
            for (List<Stint> day : days) {
                int grafts = day.stream().mapToInt(Stint::grafts).sum();
                made += grafts;
                assertThat(grafts == 1 || DaysOfWork.done(crew.usual(day)) <= limit)
                        .isTrue();
                List<Stint> oneMore = firstOf(work, made - grafts, grafts + 1);
                if (oneMore.stream().mapToInt(Stint::grafts).sum() > grafts) {
                    assertThat(DaysOfWork.done(crew.usual(oneMore))).isGreaterThan(limit);
                }
            }
            assertThat(made).isEqualTo(work.stream().mapToInt(Stint::grafts).sum());
        }
    }

    @Test
    void aGraftLongerThanADayHasOneOfItsOwnAndWorkThatFitsIsLeftWhole() {
        Stint.Seconds hours = new Stint.Seconds(0, 3 * 3600, 0, 0);
        Crew alone = new Crew(List.of(hand("a", Role.WHOLE)), List.of(), FACE);
        List<Stint> three = List.of(new Stint("b", 3, hours, 0, 0));
        assertThat(DaysOfWork.cut(alone, three, 60))
                .hasSize(3)
                .allMatch(day -> day.size() == 1 && day.get(0).grafts() == 1);
        assertThat(DaysOfWork.cut(alone, three, 7 * 60))
                .containsExactly(List.of(new Stint("b", 2, hours, 0, 0)), List.of(new Stint("b", 1, hours, 0, 0)));
        assertThat(DaysOfWork.cut(alone, three, 9 * 60)).containsExactly(three);
        assertThat(DaysOfWork.cut(alone, List.of(), 60)).isEmpty();
    }

    // Counted graft by graft, another way than the cutting itself goes.
    private static List<Stint> firstOf(List<Stint> work, int skipped, int grafts) {
        List<Stint> each = new ArrayList<>();
        work.forEach(stint -> each.addAll(Collections.nCopies(
                stint.grafts(), new Stint(stint.block(), 1, stint.each(), stint.cleanMinutes(), stint.walkMinutes()))));
        List<Stint> joined = new ArrayList<>();
        for (Stint one : each.subList(skipped, Math.min(each.size(), skipped + grafts))) {
            Stint last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null && last.block().equals(one.block())) {
                joined.set(
                        joined.size() - 1,
                        new Stint(one.block(), last.grafts() + 1, one.each(), one.cleanMinutes(), one.walkMinutes()));
            } else {
                joined.add(one);
            }
        }
        return joined;
    }
}
