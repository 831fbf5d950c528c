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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Offsets are the rulebook's: days at the best warmth after grafting. */
class CarePlanTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final LocalDate MADE = LocalDate.of(2026, 3, 1);
    private final CarePlan plan = new CarePlan(RULES);

    private static CareSubject subject(String technique, String cover) {
        return new CareSubject(
                "avocado", RULES.technique(technique).orElseThrow(), MADE, cover, Map.of("water", "rest-4"));
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

    @ParameterizedTest
    @CsvSource({
        "cleft, BAG, FIRST_WATER, 4, 7", "cleft, BAG, SWEEP, 6, 11", "cleft, BAG, BAG_PEEK, 21, 28",
        "cleft, FILM_FOIL, SHADE_OFF, 14, 21", "cleft, BAG, PUSH_LOOK, 21, 28", "whip, BAG, TIE_OFF, 60, 90",
        "veneer, FILM, PUSH_LOOK, 10, 21", "side-splice, FILM, TIE_OFF, 60, 90", "t-bud, FILM, CALL_BUD, 14, 21",
        "chip, FILM, CALL_BUD, 14, 21", "approach, NONE, UNION_CHECK, 50, 75", "approach, NONE, TIE_OFF, 45, 75"
    })
    void eachTechniqueGetsItsVisits(String technique, String cover, String kind, int earliest, int latest) {
        PlannedVisit visit = kind(open(technique, cover), kind).orElseThrow();
        assertThat(visit.earliest()).isEqualTo(MADE.plusDays(earliest));
        assertThat(visit.latest()).isEqualTo(MADE.plusDays(latest));
    }

    @Test
    void visitsThatDoNotApplyAreNotPlanned() {
        assertThat(kind(open("cleft", "FILM"), "BAG_PEEK")).isEmpty();
        assertThat(kind(open("cleft", "FILM"), "CALL_BUD")).isEmpty();
        assertThat(kind(open("approach", "NONE"), "PUSH_LOOK")).isEmpty();
        CareSubject moist = new CareSubject(
                "avocado", RULES.technique("cleft").orElseThrow(), MADE, "FILM", Map.of("water", "moist"));
        GraftLife life = GraftLife.of(MADE, List.of(), HealingClock.atBest(), 120);
        assertThat(kind(plan.open(moist, life, HealingClock.atBest()), "FIRST_WATER"))
                .isEmpty();
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
    void leavesInTheBagBringTheOpeningForwardAndTheNextLookAnswersIt() {
        PlannedVisit now =
                kind(open("cleft", "BAG", at(15, Sign.LEAFED)), "BAG_PEEK").orElseThrow();
        assertThat(now.earliest()).isEqualTo(MADE.plusDays(15));
        PlannedVisit next = kind(open("cleft", "BAG", at(15, Sign.LEAFED), at(16, Sign.LEAFED)), "BAG_PEEK")
                .orElseThrow();
        assertThat(next.round()).isEqualTo(1);
        assertThat(next.earliest()).isAfter(MADE.plusDays(16));
    }

    @Test
    void aGreenBudIsForcedAndADeadGraftIsLeftInPeace() {
        List<PlannedVisit> green = open("chip", "FILM", at(16, Sign.GREEN));
        assertThat(kind(green, "FORCE").orElseThrow().earliest()).isEqualTo(MADE.plusDays(16));
        assertThat(kind(green, "CALL_BUD")).isEmpty();
        assertThat(open("chip", "FILM", at(16, Sign.DEAD))).isEmpty();
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
                "citrus", List.copyOf(RULES.techniques()).get(technique), MADE, "BAG", Map.of("water", "rest-4"));
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
