package baylantern.core.season.flush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The learned rhythm against the same posterior summed over a grid. */
class RhythmModelTest {

    private static final FlushRules RULES = Rulebook.shipped().flush();
    private static final Figure PRIOR = new Figure(1000, 600, 1600, "degree-days", "for the test");
    private static final Swell ANY = new Swell(LocalDate.of(2025, 3, 1), 3);

    private static Interval interval(long plant, double warmth) {
        return new Interval(plant, ANY, ANY, warmth, 0.002);
    }

    // Sums prior × likelihood over farm mean and plant mean: the posterior without any algebra.
    private static double[] byGrid(double[] own, double[] other) {
        double farm = RULES.value(FigureName.FARM_SPREAD);
        double plant = RULES.value(FigureName.PLANT_SPREAD);
        double seen = Math.sqrt(RULES.value(FigureName.CYCLE_SPREAD) * RULES.value(FigureName.CYCLE_SPREAD) + 0.002);
        double mass = 0;
        double mean = 0;
        double square = 0;
        double step = 0.01;
        double middle = Math.log(1000);
        for (double m = middle - 1.5; m < middle + 1.5; m += step) {
            double otherLikely = other.length == 0 ? 1 : 0;
            for (double o = middle - 2; other.length > 0 && o < middle + 2; o += step) {
                otherLikely += density(o, m, plant) * likely(other, o, seen) * step;
            }
            double outer = density(m, middle, farm) * otherLikely;
            for (double theta = middle - 2; theta < middle + 2; theta += step) {
                double p = outer * density(theta, m, plant) * likely(own, theta, seen);
                mass += p;
                mean += p * theta;
                square += p * theta * theta;
            }
        }
        return new double[] {mean / mass, square / mass - (mean / mass) * (mean / mass)};
    }

    private static double likely(double[] warmths, double theta, double spread) {
        double product = 1;
        for (double warmth : warmths) {
            product *= density(Math.log(warmth), theta, spread);
        }
        return product;
    }

    private static double density(double x, double mean, double sd) {
        return Math.exp(-(x - mean) * (x - mean) / (2 * sd * sd)) / (sd * Math.sqrt(2 * Math.PI));
    }

    @Test
    void agreesWithTheSumOverAGrid() {
        double[] own = {1250, 1180};
        double[] other = {900, 880, 930};
        List<Interval> all = new ArrayList<>();
        for (double warmth : own) {
            all.add(interval(1, warmth));
        }
        for (double warmth : other) {
            all.add(interval(2, warmth));
        }
        RhythmModel model = new RhythmModel(PRIOR, RULES, all);
        double[] grid = byGrid(own, other);
        assertThat(model.plant(1).logMean()).isCloseTo(grid[0], within(2e-3));
        assertThat(model.plant(1).meanVariance()).isCloseTo(grid[1], within(2e-3));
        double[] unseen = byGrid(new double[0], other);
        RhythmModel onlyOther = new RhythmModel(PRIOR, RULES, all.subList(2, 5));
        assertThat(onlyOther.plant(1).logMean()).isCloseTo(unseen[0], within(2e-3));
        assertThat(onlyOther.plant(1).meanVariance()).isCloseTo(unseen[1], within(3e-3));
    }

    @Test
    void leavingOneOutIsLearningFromTheOthers() {
        List<Interval> all =
                List.of(interval(1, 1100), interval(1, 900.5), interval(1, 1020), interval(2, 800), interval(3, 1300));
        RhythmModel model = new RhythmModel(PRIOR, RULES, all);
        for (Interval out : all) {
            List<Interval> rest = new ArrayList<>(all);
            rest.remove(out);
            Rhythm learned = new RhythmModel(PRIOR, RULES, rest).plant(out.plant());
            Rhythm without = model.without(out);
            assertThat(without.logMean()).isCloseTo(learned.logMean(), within(1e-9));
            assertThat(without.meanVariance()).isCloseTo(learned.meanVariance(), within(1e-9));
            assertThat(without.ownCycles()).isEqualTo(learned.ownCycles());
        }
    }

    @Test
    void anIntervalTwiceAsLongIsTwoFlushesOfWhichOneWentUnseen() {
        Interval twice = interval(1, 2080);
        RhythmModel model =
                new RhythmModel(PRIOR, RULES, List.of(interval(1, 1000), interval(1, 1050), interval(1, 980), twice));
        assertThat(model.cycles(twice)).isEqualTo(2);
        assertThat(Math.exp(model.plant(1).logMean())).isBetween(980.0, 1080.0);
        assertThat(model.plant(1).basis()).isEqualTo(Rhythm.Basis.OWN);
    }

    @Test
    void withNothingSeenItSaysSpeciesPriorAndWithOthersFarm() {
        RhythmModel empty = new RhythmModel(PRIOR, RULES, List.of());
        assertThat(empty.plant(7).basis()).isEqualTo(Rhythm.Basis.SPECIES_PRIOR);
        assertThat(empty.plant(7).warmthAt(0.5)).isCloseTo(1000, within(1e-6));
        assertThat(new RhythmModel(PRIOR, RULES, List.of(interval(1, 1200)))
                        .plant(7)
                        .basis())
                .isEqualTo(Rhythm.Basis.FARM);
    }
}
