package baylantern.core.season.hindcast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.season.farms.Laws;
import baylantern.core.season.farms.MadeUpFarm;
import baylantern.core.season.hindcast.Trials.Kind;
import baylantern.core.season.weather.StartingClimates;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Do the ranges hold, and are they worth having, on farms whose trees follow laws of other forms than the accounts. */
class HonestRangesTest {

    /** Kinds of farms; those whose law is one of the plain ways need not beat it. */
    enum Farm {
        WARMTH_NORTH(StartingClimates.Kind.MILD_COAST, 31, "avocado", Laws.byWarmth(10, 1150), 1.05),
        WARMTH_SOUTH(StartingClimates.Kind.SUBTROPICAL, -27, "mango", Laws.byWarmth(15, 620), 1.05),
        RAIN_SOUTH(StartingClimates.Kind.SUBTROPICAL, -27, "citrus", Laws.byRain(), 0.87),
        RAIN_NORTH(StartingClimates.Kind.TROPICAL_EDGE, 22, "mango", Laws.byRain(), 0.8),
        DATES_NORTH(StartingClimates.Kind.MILD_COAST, 31, "avocado", Laws.byCalendar(70, 170, 260), 0.7),
        DATES_EQUATOR(StartingClimates.Kind.TROPICAL_EDGE, 4, "citrus", Laws.byCalendar(30, 150, 270), 0.88),
        MIXED_SOUTH(StartingClimates.Kind.MILD_COAST, -29, "citrus", Laws.mixed(12, 750), 0.87),
        MIXED_NORTH(StartingClimates.Kind.TROPICAL_EDGE, 22, "mango", Laws.mixed(14, 900), 0.98);

        private final Kind kind;
        private final double mostOfPlain;

        Farm(StartingClimates.Kind climate, double latitude, String species, MadeUpFarm.Law law, double mostOfPlain) {
            this.kind = new Kind(climate, latitude, species, law);
            this.mostOfPlain = mostOfPlain;
        }
    }

    @ParameterizedTest
    @EnumSource(Farm.class)
    void theRangeHoldsFourTimesInFiveWhateverTheTreesGoBy(Farm farm) {
        Trials trials = new Trials(farm.kind, MadeUpFarm.Eye.USUAL, 3, 10, 1140);
        System.out.println(farm + " " + trials);
        assertThat(trials.trials).hasSizeGreaterThan(200);
        assertThat(trials.held()).isBetween(0.74, 0.91);
        assertThat(trials.reckonedHeld()).as("as the farm reckons it").isCloseTo(trials.held(), within(0.05));
        assertThat(trials.error()).isLessThan(farm.mostOfPlain * trials.plainError());
        for (int lead = 0; lead < Widths.LEADS.size(); lead++) {
            List<Trials.Trial> own = trials.at(lead);
            double held = own.stream().filter(Trials.Trial::held).count() / (double) Math.max(1, own.size());
            if (own.size() >= 50) {
                assertThat(held).as("lead " + lead).isBetween(0.64, 0.97);
            }
        }
    }

    /** Ten trees looked at for two years: the second is foretold better than by the figure of the species. */
    @ParameterizedTest
    @EnumSource(Farm.class)
    void withTwoYearsOfLooksItIsBetterThanThePrior(Farm farm) {
        Trials trials = new Trials(farm.kind, MadeUpFarm.Eye.USUAL, 2, 10, 730);
        System.out.printf(
                "two years, %s: %d looks, held %.2f, error %.1f d, prior %.1f d%n",
                farm, trials.trials.size(), trials.held(), trials.error(), trials.priorError());
        assertThat(trials.trials).hasSizeGreaterThan(60);
        assertThat(trials.error()).isLessThan(trials.priorError());
    }

    /** One look at each of ten trees, and nothing learned: told by all accounts together, and by the prior alone. */
    @Test
    void withOneLookItIsNoWorseThanThePrior() {
        double error = 0;
        double prior = 0;
        int count = 0;
        for (int seed = 1; seed <= 6; seed++) {
            OneLook look = new OneLook(Farm.WARMTH_NORTH.kind, seed);
            error += look.error;
            prior += look.prior;
            count += look.count;
        }
        System.out.printf("one look: %d trees, error %.1f d, prior %.1f d%n", count, error / count, prior / count);
        assertThat(count).isGreaterThan(40);
        assertThat(error).isLessThan(1.03 * prior);
    }
}
