package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LifeLineTest {

    private static final LocalDate MADE = LocalDate.of(2026, 3, 1);

    @ParameterizedTest
    @CsvSource({"12, 40, AHEAD", "24, 40, ON_TIME", "40, 60, BEHIND", "0, 25, ON_TIME", "0, 29, BEHIND"})
    void aCleftIsJudgedByWhenItPushed(int pushedOn, int today, LifeLine.Pace pace) {
        List<Look> looks = pushedOn == 0 ? List.of() : List.of(Look.of(MADE.plusDays(pushedOn), Sign.PUSHED));
        Rulebook rules = Rulebook.shipped();
        GraftLife life = GraftLife.of(MADE, looks, HealingClock.atBest(), 120);
        LifeLine line = LifeLine.of(
                rules.technique("cleft").orElseThrow(),
                MADE,
                life,
                List.of(),
                HealingClock.atBest(),
                rules,
                MADE.plusDays(today));
        assertThat(line.pace()).isEqualTo(pace);
        assertThat(line.now()).isEqualTo(today);
        assertThat(line.pushFrom()).isEqualTo(21);
    }
}
