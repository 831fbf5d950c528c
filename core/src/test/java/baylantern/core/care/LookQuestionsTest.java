package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Figure;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class LookQuestionsTest {

    private static final LocalDate MADE = LocalDate.of(2026, 3, 1);
    private static final Figure RATE = new Figure(4, 1.5, 9, "mm a healing day", "as figured");

    private static List<String> ask(Look look, long dryDays, Look... before) {
        GraftLife life = GraftLife.of(MADE, List.of(before), HealingClock.atBest(), 120);
        return new LookQuestions(life, HealingClock.atBest(), RATE).about(look, MADE, dryDays);
    }

    private static Look at(int day, Sign sign) {
        return Look.of(MADE.plusDays(day), sign);
    }

    @Test
    void whatFitsIsNotAskedAbout() {
        assertThat(ask(at(10, Sign.NOTHING), 0)).isEmpty();
        assertThat(ask(at(40, Sign.LEAFED).measuring(80), 0, at(30, Sign.LEAFED).measuring(45)))
                .isEmpty();
        assertThat(ask(at(40, Sign.DEAD), 0, at(30, Sign.LEAFED))).isEmpty();
        assertThat(ask(at(20, Sign.GREEN), 0, at(30, Sign.LEAFED))).isEmpty();
        assertThat(ask(at(40, Sign.PUSHED), 0, at(30, Sign.LEAFED))).isEmpty();
        assertThat(ask(Look.correcting(MADE.plusDays(40), Sign.NOTHING), 0, at(30, Sign.LEAFED)))
                .isEmpty();
    }

    @Test
    void whatDoesNotFitIs() {
        assertThat(ask(at(40, Sign.NOTHING), 0, at(30, Sign.LEAFED)).get(0)).contains("in leaf already");
        assertThat(ask(at(40, Sign.PLANTED_OUT), 0, at(30, Sign.GREEN)).get(0)).contains("never been in leaf");
        assertThat(ask(at(3, Sign.LEAFED), 0).get(0))
                .contains("3 healing days ago")
                .contains("Leafed already?");
        assertThat(ask(at(40, Sign.LEAFED).measuring(90), 0, at(30, Sign.LEAFED).measuring(200))
                        .get(0))
                .contains("200")
                .contains("Broken");
        assertThat(ask(
                                at(31, Sign.LEAFED).measuring(700),
                                0,
                                at(30, Sign.LEAFED).measuring(45))
                        .get(0))
                .contains("fastest");
        assertThat(ask(at(31, Sign.DEAD).measuring(70), 0).get(0)).contains("Measured all the same");
    }

    @Test
    void severingWantsItsTestAndWater() {
        Look sever = at(60, Sign.GREEN).finding(Trace.SEVERED);
        assertThat(ask(sever, 0, at(55, Sign.GREEN).finding(Trace.CALLUS)).get(0))
                .contains("severed twig");
        Look fresh = at(56, Sign.GREEN).finding(Trace.TWIG_FRESH);
        assertThat(ask(sever, 0, fresh)).isEmpty();
        assertThat(ask(sever, 2, fresh).get(0)).contains("2 days").contains("dry plant");
    }
}
