package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LifeLineTest {

    private static final LocalDate MADE = LocalDate.of(2026, 3, 1);

    @ParameterizedTest
    @CsvSource({"12, 40, AHEAD", "24, 40, ON_TIME", "40, 60, BEHIND", "0, 25, ON_TIME", "0, 29, BEHIND"})
    void aCleftIsJudgedByWhenItPushed(int pushedOn, int today, LifeLine.Pace pace) {
        List<Look> looks = pushedOn == 0 ? List.of() : List.of(Look.of(MADE.plusDays(pushedOn), Sign.PUSHED));
        Rulebook rules = Rulebook.shipped();
        LifeLine line = line(rules, looks, today);
        assertThat(line.pace()).isEqualTo(pace);
        assertThat(line.now()).isEqualTo(today);
        assertThat(line.pushFrom()).isEqualTo(21);
    }

    @Test
    void lengthsStandOnTheLineWithTheNextSizeThatMatters() {
        Rulebook rules = Rulebook.shipped();
        List<Look> looks = List.of(
                Look.of(MADE.plusDays(30), Sign.LEAFED).measuring(40),
                Look.of(MADE.plusDays(40), Sign.LEAFED).measuring(90));
        LifeLine line = line(rules, looks, 45);
        assertThat(line.sizes()).extracting(LifeLine.Size::mm).containsExactly(40.0, 90.0);
        LifeLine.Next next = java.util.Objects.requireNonNull(line.next());
        assertThat(next.mm()).isEqualTo(100);
        assertThat(next.from()).isBetween(40.0, next.mid());
        assertThat(next.to()).isGreaterThan(next.mid());
        assertThat(line(rules, List.of(Look.of(MADE.plusDays(30), Sign.LEAFED)), 45)
                        .next())
                .isNull();
        List<Look> tall = List.of(Look.of(MADE.plusDays(130), Sign.SECOND_FLUSH).measuring(700));
        assertThat(line(rules, tall, 140).next()).isNull();
    }

    private static LifeLine line(Rulebook rules, List<Look> looks, int today) {
        GraftLife life = GraftLife.of(MADE, looks, HealingClock.atBest(), 120);
        return LifeLine.of(
                rules.technique("cleft").orElseThrow(),
                MADE,
                life,
                List.of(),
                HealingClock.atBest(),
                rules,
                MADE.plusDays(today));
    }
}
