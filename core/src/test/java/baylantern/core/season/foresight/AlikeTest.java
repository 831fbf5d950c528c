package baylantern.core.season.foresight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.season.hindcast.Hindcast;
import baylantern.core.season.hindcast.Widths;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** How much trees are early and late together is found from what was told of them, on misses made up with it known. */
class AlikeTest {

    // Ten trees, told every two months; what is common to them is drawn anew each time.
    private static List<Hindcast.Told> told(double alike, int times) {
        SplittableRandom random = new SplittableRandom(3);
        List<Hindcast.Told> told = new ArrayList<>();
        for (int time = 0; time < times; time++) {
            double common = random.nextGaussian();
            for (int plant = 1; plant <= 10; plant++) {
                double off = Math.sqrt(alike) * common + Math.sqrt(1 - alike) * random.nextGaussian();
                Widths.Range range = new Widths.Range(20, 40, 60);
                told.add(new Hindcast.Told(
                        new Hindcast.Foretold(plant, 60 * time + plant, range, 40), 40 + off * 20 / 1.2816, 1, 0));
            }
        }
        return told;
    }

    @Test
    void whatIsCommonIsFound() {
        for (double alike : new double[] {0.2, 0.5, 0.8}) {
            assertThat(Alike.of(told(alike, 150)).share()).isCloseTo(alike, within(0.1));
        }
    }

    @Test
    void treesThatGoTheirOwnWaysAreToldToDoSo() {
        assertThat(Alike.of(told(0, 150)).share()).isLessThan(0.03);
    }

    @Test
    void withNothingToldAFifthIsHeldBeforehand() {
        assertThat(Alike.of(List.of()).share()).isEqualTo(0.2);
    }

    @Test
    void looksFarApartSayNothing() {
        List<Hindcast.Told> apart = new ArrayList<>();
        for (Hindcast.Told one : told(0.9, 20)) {
            Hindcast.Foretold said = one.said();
            int day = said.day() + 400 * (int) said.plant();
            apart.add(new Hindcast.Told(new Hindcast.Foretold(said.plant(), day, said.range(), 40), one.came(), 1, 0));
        }
        assertThat(Alike.of(apart).share()).isCloseTo(0.2, within(0.15));
    }
}
