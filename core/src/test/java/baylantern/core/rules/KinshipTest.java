package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Kinship.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KinshipTest {

    private static final Rulebook RULES = Rulebook.shipped();

    private static Kinship kinship(String scion, String stock) {
        return RULES.kinship(
                RULES.species(scion).orElseThrow(), RULES.species(stock).orElseThrow());
    }

    @ParameterizedTest
    @CsvSource({
        "mango, mango, GOOD", "citrus, kumquat, TRIAL", "kumquat, citrus, USUAL", "citrus, wampee, TRIAL",
                "citrus, curry-leaf, TRIAL",
        "fig, jackfruit, TRIAL", "jackfruit, fig, TRIAL", "wampee, curry-leaf, TRIAL", "avocado, mango, REFUSED",
                "guava, loquat, REFUSED",
        "macadamia, annona, REFUSED", "tamarillo, citrus, REFUSED"
    })
    void pairsAreJudgedByTheirNearestKinshipOrAsListed(String scion, String stock, Verdict verdict) {
        Kinship kinship = kinship(scion, stock);
        assertThat(kinship.verdict()).isEqualTo(verdict);
        assertThat(kinship.why()).hasSizeGreaterThan(10);
    }

    /** Over every pair: refused exactly where the families differ. */
    @Test
    void noPairAcrossFamiliesIsLetThrough() {
        for (Species scion : RULES.species()) {
            for (Species stock : RULES.species()) {
                boolean refused = RULES.kinship(scion, stock).verdict() == Verdict.REFUSED;
                assertThat(refused)
                        .as(scion.key() + " on " + stock.key())
                        .isEqualTo(!scion.family().equals(stock.family()));
            }
        }
    }
}
