package baylantern.core.take;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Reference values: R 4.2, {@code qbeta(c(.05, .95), 8, 4)}; tolerance 5e-5. */
class BeliefTest {

    @Test
    void sevenOfTenFromAFlatStart() {
        Belief belief = BetaBelief.FLAT.after(7, 3);
        assertThat(belief.mean()).isEqualTo(0.6667, within(5e-5));
        assertThat(belief.range(0.90).low()).isEqualTo(0.4356, within(5e-5));
        assertThat(belief.range(0.90).high()).isEqualTo(0.8649, within(5e-5));
    }

    /** With no failure and a flat start the p-quantile is p^(1/(n+1)) in closed form. */
    @Test
    void allTakenMatchesItsClosedForm() {
        for (int n = 1; n <= 40; n++) {
            assertThat(BetaBelief.FLAT.after(n, 0).quantile(0.05))
                    .isEqualTo(Math.pow(0.05, 1.0 / (n + 1)), within(1e-9));
        }
    }

    @Test
    void refusesWhatIsNoBelief() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new BetaBelief(0, 1))
                .withMessageContaining("0.0");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new BetaBelief(1, Double.NaN))
                .withMessageContaining("NaN");
    }
}
