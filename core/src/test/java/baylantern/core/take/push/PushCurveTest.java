package baylantern.core.take.push;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.take.push.PushCase.End;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What a course tells of those still silent, against counting. */
class PushCurveTest {

    private static PushCase exact(double day, End end) {
        return new PushCase(day, day, end);
    }

    /** Of ten, six push on days 20 to 30 and four die on days 25 to 60; counted by hand. */
    private static final PushCurve COUNTED = PushFit.of(List.of(
            exact(20, End.PUSHED),
            exact(21, End.PUSHED),
            exact(22, End.PUSHED),
            exact(24, End.PUSHED),
            exact(26, End.PUSHED),
            exact(30, End.PUSHED),
            exact(25, End.DIED),
            exact(40, End.DIED),
            exact(50, End.DIED),
            exact(60, End.DIED)));

    @Test
    void whatIsStillSilentIsCounted() {
        assertThat(COUNTED.stillPushes(0)).isCloseTo(0.6, within(1e-6));
        assertThat(COUNTED.stillPushes(22.5)).isCloseTo(3.0 / 7, within(1e-6));
        assertThat(COUNTED.stillPushes(26)).isCloseTo(1.0 / 4, within(1e-6));
        assertThat(COUNTED.stillPushes(30)).isCloseTo(0, within(1e-9));
        assertThat(COUNTED.stillPushes(60)).isNaN();
        assertThat(COUNTED.median()).isEqualTo(22);
        assertThat(COUNTED.last()).isEqualTo(60);
    }

    @Test
    void waitingStopsPayingWhenTheLastHasPushedAndNotBefore() {
        assertThat(COUNTED.stopsPaying(0.05)).isEqualTo(30);
        assertThat(COUNTED.stopsPaying(0.3)).isEqualTo(26);
        assertThat(PushFit.of(List.of(exact(9, End.PUSHED))).stopsPaying(0.05)).isNaN();
    }

    /** Those who wait say nothing of what comes; they only make few of the many. */
    @Test
    void thoseWhoWaitMoveNoChance() {
        List<PushCase> cases = new ArrayList<>();
        Random random = new Random(3);
        for (int i = 0; i < 4000; i++) {
            boolean takes = random.nextDouble() < 0.7;
            double when = takes ? 20 + 20 * random.nextDouble() : 30 + 40 * random.nextDouble();
            double now = 90 * random.nextDouble();
            cases.add(when <= now ? exact(when, takes ? End.PUSHED : End.DIED) : PushCase.waiting(now));
        }
        PushCurve curve = PushFit.of(cases);
        assertThat(curve.pushed()).isCloseTo(0.7, within(0.03));
        assertThat(curve.median()).isCloseTo(30, within(1.0));
        double silentAt35 = 0.7 * 5 / 20 + 0.3 * 35 / 40;
        assertThat(curve.stillPushes(35)).isCloseTo(0.7 * 5 / 20 / silentAt35, within(0.05));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new PushCase(9, 8, End.PUSHED)).hasMessageContaining("after 9.0 by 8.0");
        assertThatThrownBy(() -> new PushCase(-1, 8, End.DIED)).hasMessageContaining("-1.0");
        assertThatThrownBy(() -> new PushCase(1, 8, End.WAITING)).hasMessageContaining("WAITING");
        assertThatThrownBy(() -> new PushCase(1, Double.POSITIVE_INFINITY, End.DIED))
                .hasMessageContaining("DIED");
        assertThatThrownBy(() -> new PushCase(Double.NaN, 8, End.DIED)).hasMessageContaining("NaN");
    }
}
