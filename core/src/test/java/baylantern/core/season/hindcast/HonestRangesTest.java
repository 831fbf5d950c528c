package baylantern.core.season.hindcast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.season.farms.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Do the ranges hold, and are they worth having, on farms whose trees follow laws of other forms than the accounts. */
class HonestRangesTest {

    // Those whose law is one of the plain ways need not beat it.
    private static double mostOfPlain(Kind kind) {
        return switch (kind) {
            case WARMTH_NORTH, WARMTH_SOUTH -> 1.05;
            case RAIN_SOUTH -> 0.82;
            case RAIN_NORTH, DATES_EQUATOR -> 0.75;
            case DATES_NORTH -> 0.5;
            case MIXED_SOUTH, MIXED_NORTH -> 0.85;
        };
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void theRangeHoldsFourTimesInFiveWhateverTheTreesGoBy(Kind kind) {
        Trials trials = new Trials(kind, 3, 10, 1140);
        assertThat(trials.error()).isLessThan(mostOfPlain(kind) * trials.plainError());
        // How often ranges hold swings more from farm to farm.
        trials.more(3);
        System.out.println(kind + " " + trials);
        assertThat(trials.trials).hasSizeGreaterThan(400);
        assertThat(trials.held()).isBetween(0.75, 0.86);
        assertThat(trials.reckonedHeld()).as("as the farm reckons it").isCloseTo(trials.held(), within(0.05));
        for (int lead = 0; lead < Widths.LEADS.size(); lead++) {
            List<Trials.Trial> own = trials.at(lead);
            double held = own.stream().filter(Trials.Trial::held).count() / (double) Math.max(1, own.size());
            if (own.size() >= 70) {
                assertThat(held).as("lead " + lead).isBetween(0.7, 0.9);
            }
        }
    }

    /** Ten trees looked at for two years: the second is foretold better than by the figure of the species. */
    @ParameterizedTest
    @EnumSource(Kind.class)
    void withTwoYearsOfLooksItIsBetterThanThePrior(Kind kind) {
        Trials trials = new Trials(kind, 2, 10, 730);
        System.out.printf(
                "two years, %s: %d looks, held %.2f, error %.1f d, prior %.1f d%n",
                kind, trials.trials.size(), trials.held(), trials.error(), trials.priorError());
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
            OneLook look = new OneLook(Kind.WARMTH_NORTH, seed);
            error += look.error;
            prior += look.prior;
            count += look.count;
        }
        System.out.printf("one look: %d trees, error %.1f d, prior %.1f d%n", count, error / count, prior / count);
        assertThat(count).isGreaterThan(40);
        assertThat(error).isLessThan(1.03 * prior);
    }
}
