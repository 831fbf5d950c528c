package baylantern.core.take.many;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.take.BetaBelief;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.numbers.gamma.LogBeta;
import org.junit.jupiter.api.Test;

/** How many to make: against the closed beta-binomial, by drawing, and by what must hold of any number. */
class HowManyTest {

    private static final BetaBelief BELIEF = new BetaBelief(9, 3);
    private static final DayLuck NONE = DayLuck.of(0);

    /** P(living = j) = C(n, j) B(j + a, n − j + b) / B(a, b), summed (Skellam 1948). */
    private static double betaBinomial(int living, int made) {
        double sum = 0;
        for (int j = living; j <= made; j++) {
            double choose = -Math.log(made + 1) - LogBeta.value(made - j + 1, j + 1);
            sum += Math.exp(choose + LogBeta.value(j + 9, made - j + 3) - LogBeta.value(9, 3));
        }
        return sum;
    }

    @Test
    void withoutSharedLuckItIsTheBetaBinomial() {
        HowMany many = new HowMany(BELIEF, NONE);
        for (int made : new int[] {10, 12, 15, 20, 40}) {
            assertThat(many.chance(10, made)).isEqualTo(betaBinomial(10, made), within(0.01));
        }
        int least = 10;
        while (betaBinomial(10, least) < 0.9) {
            least++;
        }
        assertThat(many.least(10, 0.9)).isCloseTo(least, within(1));
        assertThat(many.expected(12)).isEqualTo(12 * 0.75, within(0.02));
    }

    /** Half a million days drawn one by one, to half a point. */
    @Test
    void withSharedLuckItIsWhatDaysDrawnOneByOneGive() {
        HowMany many = new HowMany(BELIEF, DayLuck.of(0.7));
        Random random = new Random(3);
        int days = 300_000;
        int enough = 0;
        for (int day = 0; day < days; day++) {
            double rate = DayLuck.shifted(BELIEF.quantile(random.nextDouble()), 0.7 * random.nextGaussian());
            int living = 0;
            for (int graft = 0; graft < 14; graft++) {
                living += random.nextDouble() < rate ? 1 : 0;
            }
            enough += living >= 10 ? 1 : 0;
        }
        assertThat(many.chance(10, 14)).isEqualTo(enough / (double) days, within(0.005));
    }

    @Property(tries = 60)
    void moreWantedOrSurerNeverAsksForLessAndABetterTakeNeverForMore(
            @ForAll @IntRange(min = 1, max = 60) int living,
            @ForAll @DoubleRange(min = 0.5, max = 0.97) double sure,
            @ForAll @DoubleRange(min = 0, max = 1) double luck) {
        HowMany many = new HowMany(new BetaBelief(12, 6), DayLuck.of(luck));
        int least = many.least(living, sure);
        assertThat(many.chance(living, least)).isGreaterThanOrEqualTo(sure);
        assertThat(least == living || many.chance(living, least - 1) < sure).isTrue();
        assertThat(many.least(living + 1, sure)).isGreaterThanOrEqualTo(least);
        assertThat(many.least(living, sure + 0.02)).isGreaterThanOrEqualTo(least);
        assertThat(new HowMany(new BetaBelief(16, 6), DayLuck.of(luck)).least(living, sure))
                .isLessThanOrEqualTo(least);
        assertThat(many.surely(least, sure)).isGreaterThanOrEqualTo(living);
    }

    /** One scion a limb, or two "in case": the second helps the less the more they share the day's luck. */
    @Test
    void twoOfOneHelpLessOnOneDay() {
        double alone = new HowMany(BELIEF, NONE).chance(1, 2);
        double shared = new HowMany(BELIEF, DayLuck.of(1.2)).chance(1, 2);
        assertThat(shared).isLessThan(alone);
    }

    @Test
    void whatCannotBeReachedIsSaid() {
        HowMany hopeless = new HowMany(new BetaBelief(1, 4000), DayLuck.of(0.4));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> hopeless.least(9000, 0.95))
                .withMessageContaining("9000");
    }

    /** Farms whose days truly differ so much: the 90 % range of the spread holds it, and no spread is found where none is. */
    @Test
    void theSpreadOfDaysIsLearned() {
        Random random = new Random(5);
        for (double truth : new double[] {0.1, 0.5, 0.9}) {
            int held = 0;
            double sum = 0;
            for (int farm = 0; farm < 40; farm++) {
                DayLuck luck = DayLuck.learned(0.4, 0.7, days(40, truth, random));
                held += luck.low() - 0.03 <= truth && truth <= luck.high() + 0.03 ? 1 : 0;
                sum += luck.mean() / 40;
            }
            assertThat(held).as("%s", truth).isGreaterThanOrEqualTo(32);
            assertThat(sum).as("%s", truth).isEqualTo(truth, within(0.16));
        }
        DayLuck none = DayLuck.learned(0.4, 0.7, List.of());
        assertThat(none.mean()).isBetween(0.35, 0.6);
        assertThat(none.days()).isZero();
    }

    private static List<List<DayLuck.Kind>> days(int n, double spread, Random random) {
        List<List<DayLuck.Kind>> days = new ArrayList<>();
        for (int day = 0; day < n; day++) {
            double luck = spread * random.nextGaussian();
            days.add(IntStream.range(0, 3)
                    .mapToObj(kind -> {
                        double usual = 0.6 + 0.1 * kind;
                        int made = 4 + random.nextInt(8);
                        double rate = DayLuck.shifted(usual, luck);
                        int taken =
                                (int) random.doubles(made).filter(x -> x < rate).count();
                        return new DayLuck.Kind(usual, taken, made);
                    })
                    .toList());
        }
        return days;
    }

    /** The weights of the quadrature sum to one, and its square to the normal's variance. */
    @Test
    void theQuadratureIsOfAStandardNormal() {
        double whole = 0;
        double square = 0;
        for (int i = 0; i < DayLuck.NODES.length; i++) {
            whole += DayLuck.WEIGHTS[i];
            square += DayLuck.WEIGHTS[i] * DayLuck.NODES[i] * DayLuck.NODES[i];
        }
        assertThat(whole).isEqualTo(1, within(1e-9));
        assertThat(square).isEqualTo(1, within(1e-7));
    }
}
