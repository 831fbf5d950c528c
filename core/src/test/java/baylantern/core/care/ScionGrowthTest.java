package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.care.ScionGrowth.Length;
import baylantern.core.rules.Figure;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Against shoots grown at random, and by hand. */
class ScionGrowthTest {

    private static final Figure RATE = new Figure(4, 1.5, 9, "mm a healing day", "as figured");
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    private static ScionGrowth growth(List<Length> lengths) {
        return ScionGrowth.of(lengths, RATE, HealingClock.atBest()).orElseThrow();
    }

    @Test
    void oneLengthGrowsOnAtTheFigureAndTwoAtTheirOwnRate() {
        double figure = Math.sqrt(1.5 * 9);
        assertThat(growth(List.of(new Length(DAY, 40))).rate()).isCloseTo(figure, within(1e-9));
        ScionGrowth two = growth(List.of(new Length(DAY, 40), new Length(DAY.plusDays(14), 180)));
        // By hand: ln 10 with weight 1/(0.4² + (6·√2/140)²) against ln 3.674 with weight 1/(ln 6/2.5631)².
        double w = 1 / (0.16 + 2 * 36 / (140.0 * 140));
        double w0 = Math.pow(2.5631031310892007 / Math.log(6), 2);
        double by = Math.exp((w * Math.log(10) + w0 * Math.log(figure)) / (w + w0));
        assertThat(two.rate()).isCloseTo(by, within(1e-9));
        assertThat(two.reaches(180).mid()).isEqualTo(DAY.plusDays(14));
        assertThat(two.reaches(500).mid()).isEqualTo(DAY.plusDays(14 + Math.round(320 / by)));
    }

    @Test
    void aShootThatStoodStillOrShrankTellsNoRate() {
        ScionGrowth still = growth(List.of(new Length(DAY, 80), new Length(DAY.plusDays(9), 74)));
        assertThat(still.rate()).isCloseTo(Math.sqrt(1.5 * 9), within(1e-9));
        assertThat(ScionGrowth.of(List.of(), RATE, HealingClock.atBest())).isEmpty();
    }

    /** 4 000 shoots, each with a rate of its own and waves and rests; lengths read with an error. Eight in ten fall in. */
    @Test
    void eightInTenReachASizeInTheSpan() {
        Random random = new Random(7);
        int in = 0;
        int shoots = 4000;
        for (int i = 0; i < shoots; i++) {
            double rate = Math.exp(Math.log(Math.sqrt(13.5)) + 0.7 * random.nextGaussian());
            double mm = 20 + 30 * random.nextDouble();
            List<Length> lengths = new ArrayList<>();
            LocalDate day = DAY;
            for (int look = 0; look < 4; look++) {
                lengths.add(new Length(day, Math.max(5, mm + 4 * random.nextGaussian())));
                mm += 10 * rate * Math.exp(0.4 * random.nextGaussian() - 0.08);
                day = day.plusDays(10);
            }
            LocalDate last = lengths.get(3).day();
            double goal = lengths.get(3).mm() + 120;
            double true3 = mm - 10 * rate;
            double days = Math.max(0, goal - true3) / (rate * Math.exp(0.4 * random.nextGaussian() - 0.08));
            ScionGrowth.Span span = growth(lengths).reaches(goal);
            LocalDate reached = last.plusDays(Math.round(days));
            in += reached.isBefore(span.low()) || reached.isAfter(span.high()) ? 0 : 1;
        }
        System.out.println("sizes reached in their span: " + in / (double) shoots);
        assertThat(in / (double) shoots).isBetween(0.74, 0.9);
    }
}
