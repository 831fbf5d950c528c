package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.care.CarePlan;
import baylantern.core.care.CareSubject;
import baylantern.core.care.GraftLife;
import baylantern.core.care.GraftState;
import baylantern.core.care.Look;
import baylantern.core.care.Sign;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the demo's people would have seen, and how the hidden model weighs a session. */
class DemoLifeTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final LocalDate MADE = LocalDate.of(2025, 3, 1);
    private final DemoLife lives = new DemoLife(new CarePlan(RULES), RULES);

    private static CareSubject subject(Technique technique) {
        return new CareSubject("citrus", technique, MADE, "BAG", Map.of("water", "rest-4"), CareSubject.Stand.POT);
    }

    private GraftState end(Technique technique, boolean takes, int seed) {
        List<Look> looks =
                lives.looks(subject(technique), takes, MADE.plusDays(400), HealingClock.atBest(), new Random(seed));
        return GraftLife.of(MADE, looks, HealingClock.atBest(), 120).state();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void whatTakesIsTakenAndWhatFailsIsSeenDead(int seed) {
        for (Technique technique : RULES.techniques()) {
            assertThat(end(technique, true, seed).outcome()).as(technique.key()).isEqualTo(GraftState.Outcome.TAKEN);
            assertThat(end(technique, false, seed)).as(technique.key()).isEqualTo(GraftState.FAILED);
        }
    }

    @Test
    void nobodyLooksAfterTheEndNorTwiceADay() {
        for (Technique technique : RULES.techniques()) {
            List<Look> looks =
                    lives.looks(subject(technique), true, MADE.plusDays(90), HealingClock.atBest(), new Random(9));
            assertThat(looks)
                    .extracting(Look::seenOn)
                    .doesNotHaveDuplicates()
                    .allSatisfy(day -> assertThat(day).isBefore(MADE.plusDays(90)));
            assertThat(looks).extracting(Look::sign).doesNotContain(Sign.DEAD, Sign.MISSING);
        }
    }

    private static DemoSession session(
            String species, String variety, String technique, String maker, LocalDate day, int woodAge) {
        return new DemoSession(day, species, variety, technique, maker, 5, woodAge, "own mother tree", "Shade House");
    }

    @Test
    void theHiddenModelWeighsHandsWoodAndHeat() {
        LocalDate may = LocalDate.of(2024, 5, 3);
        double plain = HiddenModel.take(session("mango", "Tollkeeper", "cleft", "Bram", may, 3));
        assertThat(plain).isEqualTo(1 / (1 + Math.exp(-0.7)));
        assertThat(HiddenModel.take(session("mango", "Tollkeeper", "cleft", "Odile", may, 3)))
                .isGreaterThan(plain);
        assertThat(HiddenModel.take(session("mango", "Tollkeeper", "veneer", "Odile", may, 3)))
                .isEqualTo(HiddenModel.take(session("mango", "Tollkeeper", "veneer", "Bram", may, 3)));
        assertThat(HiddenModel.take(session("mango", "Tollkeeper", "cleft", "Teo", may, 3)))
                .isLessThan(plain);
        assertThat(HiddenModel.take(session("mango", "Tollkeeper", "cleft", "Bram", may, 14)))
                .isLessThan(plain - 0.2);
        assertThat(HiddenModel.take(session("mango", "Tollkeeper", "cleft", "Bram", LocalDate.of(2025, 8, 9), 3)))
                .isLessThan(plain - 0.2);
        assertThat(HiddenModel.take(session("fig", "Ropewalk", "cleft", "Bram", may, 14)))
                .isEqualTo(HiddenModel.take(session("fig", "Ropewalk", "cleft", "Bram", may, 3)));
    }

    @Test
    void theCalendarHasEverySpeciesEveryYearAndEndsToday() {
        List<DemoSession> sessions = DemoCalendar.sessions(new Random(DemoFarm.SEED));
        for (int year = 2023; year <= 2025; year++) {
            int of = year;
            assertThat(sessions.stream()
                            .filter(s -> s.day().getYear() == of)
                            .map(DemoSession::species)
                            .distinct())
                    .contains("mango", "avocado", "citrus", "fig", "guava", "annona", "macadamia", "loquat");
        }
        assertThat(sessions).extracting(DemoSession::day).isSorted().last().isEqualTo(LocalDate.of(2026, 5, 12));
        assertThat(sessions)
                .extracting(DemoSession::variety)
                .allSatisfy(v -> assertThat(HiddenModel.VARIETY).containsKey(v));
        assertThat(sessions)
                .extracting(DemoSession::technique)
                .allSatisfy(t -> assertThat(HiddenModel.TECHNIQUE).containsKey(t));
        assertThat(sessions)
                .filteredOn(s -> s.species().equals("mango"))
                .extracting(DemoSession::technique)
                .doesNotContain("t-bud");
    }
}
