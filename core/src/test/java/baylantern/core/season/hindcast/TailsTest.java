package baylantern.core.season.hindcast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is left out beyond the ends of ranges, on misses made up apart from them whose spread goes on changing. */
class TailsTest {

    private static final int LOOKS = 1500;

    private static double held(IntToDoubleFunction spread, boolean adapts) {
        return IntStream.range(1, 9)
                .mapToDouble(seed -> held(spread, adapts, seed))
                .average()
                .orElseThrow();
    }

    // Told 20 to 60 in the first place; the look comes on each day, and is known of two months later.
    private static double held(IntToDoubleFunction spread, boolean adapts, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Days days = StackingTest.uniform(15, 65);
        List<Hindcast.Told> told = new ArrayList<>();
        List<Widths.Miss> misses = new ArrayList<>();
        List<Widths.Miss> coming = new ArrayList<>();
        Widths widths = new Widths(List.of(), Tails.wanted(), 0);
        for (int day = 0; day < LOOKS; day++) {
            if (day % 60 == 0) {
                misses.addAll(coming);
                coming.clear();
                widths = new Widths(misses, adapts ? Tails.of(told, 0.3, day) : Tails.wanted(), day);
            }
            double came = Math.max(0, 40 + spread.applyAsDouble(day) * random.nextGaussian());
            Widths.Range range = widths.of(days);
            boolean in = range.low() <= came && came <= range.high();
            told.add(new Hindcast.Told(new Hindcast.Foretold(1, day, range, 40), came, in ? 1 : 0, day + 60));
            coming.add(new Widths.Miss(new Widths.Range(20, 40, 60), came, false, day, 0.3));
        }
        return told.stream()
                .filter(one -> one.said().day() > LOOKS / 3)
                .mapToDouble(Hindcast.Told::held)
                .average()
                .orElseThrow();
    }

    @Test
    void rangesGoOnHoldingFourTimesInFiveWhileTheFarmIsKnownEverBetter() {
        IntToDoubleFunction better = day -> 60 * Math.pow(0.5, day / 500.0);
        assertThat(held(better, false)).isGreaterThan(0.9);
        assertThat(held(better, true)).isCloseTo(0.8, within(0.05));
    }

    @Test
    void andWhileItGrowsWilder() {
        IntToDoubleFunction wilder = day -> 5 * Math.pow(2, day / 500.0);
        assertThat(held(wilder, false)).isLessThan(0.7);
        assertThat(held(wilder, true)).isCloseTo(0.8, within(0.05));
    }

    @Test
    void whatHoldsAsItShouldIsLeftAsItIs() {
        assertThat(held(day -> 12, true)).isCloseTo(0.8, within(0.015));
        assertThat(Tails.of(List.of(), 1, 0)).isEqualTo(Tails.wanted());
    }

    @Test
    void eachLeadHasItsOwnAndWhatIsNotKnownYetSaysNothing() {
        List<Hindcast.Told> told = IntStream.range(0, 200)
                .mapToObj(day -> {
                    Widths.Range range = day % 2 == 0 ? new Widths.Range(5, 10, 20) : new Widths.Range(60, 90, 130);
                    return new Hindcast.Told(new Hindcast.Foretold(1, day, range, 40), 15, day % 2 == 0 ? 1 : 0.8, 300);
                })
                .toList();
        assertThat(Tails.of(told, 1, 299)).isEqualTo(Tails.wanted());
        List<Double> known = Tails.of(told, 1, 300).byLead();
        assertThat(known.get(0)).as("always held, so more is left out").isGreaterThan(0.2);
        assertThat(known.get(2)).as("held as it should").isBetween(0.1, 0.2);
    }
}
