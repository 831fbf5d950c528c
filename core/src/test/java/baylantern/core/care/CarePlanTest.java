package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Offsets are the rulebook's: days at the best warmth after grafting. */
class CarePlanTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final LocalDate MADE = LocalDate.of(2026, 3, 1);
    private final CarePlan plan = new CarePlan(RULES);

    private static CareSubject subject(String technique, String cover) {
        return new CareSubject(
                "avocado",
                RULES.technique(technique).orElseThrow(),
                MADE,
                cover,
                Map.of("water", "rest-4"),
                CareSubject.Stand.POT);
    }

    private List<PlannedVisit> open(String technique, String cover, Look... looks) {
        GraftLife life = GraftLife.of(MADE, List.of(looks), HealingClock.atBest(), 120);
        return plan.open(subject(technique, cover), life, HealingClock.atBest());
    }

    private static Optional<PlannedVisit> kind(List<PlannedVisit> visits, String kind) {
        return visits.stream().filter(v -> v.kind().equals(kind)).findFirst();
    }

    private static Look at(int day, Sign sign) {
        return Look.of(MADE.plusDays(day), sign);
    }

    @Test
    void aLookAnswersWhatWasDueAndTheSweepComesAgain() {
        List<PlannedVisit> after = open("cleft", "FILM", at(7, Sign.NOTHING));
        assertThat(kind(after, "FIRST_WATER")).isEmpty();
        PlannedVisit sweep = kind(after, "SWEEP").orElseThrow();
        assertThat(sweep.round()).isEqualTo(1);
        assertThat(sweep.target()).isEqualTo(MADE.plusDays(14));
    }

    @Test
    void lengthsMoveWhatHangsOnSizeAndGrowthForetellsTheRest() {
        List<PlannedVisit> shortOne = open("cleft", "FILM", at(30, Sign.LEAFED).measuring(40));
        PlannedVisit stake = kind(shortOne, "STAKE").orElseThrow();
        // 60 mm are missing at 3.67 mm a healing day.
        assertThat(stake.earliest()).isEqualTo(MADE.plusDays(30 + 16));
        List<PlannedVisit> quick = open(
                "cleft",
                "FILM",
                at(30, Sign.LEAFED).measuring(40),
                at(36, Sign.LEAFED).measuring(90));
        assertThat(kind(quick, "STAKE").orElseThrow().earliest()).isBefore(stake.earliest());
        List<PlannedVisit> there = open(
                "cleft",
                "FILM",
                at(30, Sign.LEAFED).measuring(40),
                at(36, Sign.LEAFED).measuring(130));
        assertThat(kind(there, "STAKE").orElseThrow().earliest()).isEqualTo(MADE.plusDays(36));
    }

    @Test
    void aGreenBudIsForcedAndADeadGraftIsLeftInPeace() {
        List<PlannedVisit> green = open("chip", "FILM", at(16, Sign.GREEN));
        assertThat(kind(green, "FORCE").orElseThrow().earliest()).isEqualTo(MADE.plusDays(16));
        assertThat(kind(green, "CALL_BUD")).isEmpty();
        assertThat(open("chip", "FILM", at(16, Sign.DEAD))).isEmpty();
    }

    @Test
    void whatNobodyDidForAnEstablishedGraftLapsesAndWhatAYoungOneWantsDoesNot() {
        PlannedVisit pinch = new PlannedVisit("PINCH_LOW", 0, MADE, MADE, MADE.plusDays(10));
        GraftLife old = GraftLife.of(
                MADE, List.of(at(30, Sign.LEAFED), at(125, Sign.SECOND_FLUSH)), HealingClock.atBest(), 120);
        assertThat(plan.lapsed(pinch, old, MADE.plusDays(55))).isFalse();
        assertThat(plan.lapsed(pinch, old, MADE.plusDays(56))).isTrue();
        GraftLife young = GraftLife.of(MADE, List.of(at(30, Sign.LEAFED)), HealingClock.atBest(), 120);
        assertThat(plan.lapsed(pinch, young, MADE.plusDays(400))).isFalse();
    }

    /** Warmth at half speed puts every visit twice as far away. */
    @Test
    void visitsMoveWithWarmth() {
        HealingClock slow = new HealingClock() {
            @Override
            public LocalDate after(LocalDate start, double healingDays) {
                return start.plusDays(Math.round(2 * healingDays));
            }

            @Override
            public LocalDate before(LocalDate end, double healingDays) {
                return end.minusDays(Math.round(2 * healingDays));
            }

            @Override
            public double between(LocalDate start, LocalDate end) {
                return HealingClock.atBest().between(start, end) / 2;
            }
        };
        GraftLife life = GraftLife.of(MADE, List.of(), slow, 120);
        PlannedVisit sweep =
                kind(plan.open(subject("cleft", "FILM"), life, slow), "SWEEP").orElseThrow();
        assertThat(sweep.target()).isEqualTo(MADE.plusDays(14));
    }

    /** Whoever looks at every visit on its day is never asked for the same day again. */
    @Property(tries = 200)
    void lookingAtWhatIsDueAlwaysMovesOn(
            @ForAll @IntRange(min = 0, max = 12) int technique, @ForAll @Size(value = 30) List<Sign> signs) {
        CareSubject subject = new CareSubject(
                "citrus",
                List.copyOf(RULES.techniques()).get(technique),
                MADE,
                "BAG",
                Map.of("water", "rest-4"),
                CareSubject.Stand.POT);
        List<Look> looks = new ArrayList<>();
        LocalDate today = MADE;
        for (Sign sign : signs) {
            GraftLife life = GraftLife.of(MADE, looks, HealingClock.atBest(), 120);
            List<PlannedVisit> open = plan.open(subject, life, HealingClock.atBest());
            assertThat(open).extracting(PlannedVisit::kind).doesNotHaveDuplicates();
            if (open.isEmpty()) {
                return;
            }
            LocalDate due = open.stream()
                    .map(PlannedVisit::earliest)
                    .min(LocalDate::compareTo)
                    .orElseThrow();
            today = due.isBefore(today) ? today.plusDays(1) : due;
            assertThat(looks)
                    .filteredOn(l -> !l.seenOn().isBefore(due.plusDays(1)))
                    .hasSizeLessThan(4);
            looks.add(Look.of(today, sign));
        }
    }
}
