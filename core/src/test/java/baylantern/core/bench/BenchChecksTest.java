package baylantern.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Finding;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class BenchChecksTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private final BenchChecks checks = new BenchChecks(RULES);

    private List<Finding> check(
            String scion, String stock, String technique, @Nullable Double scionMm, @Nullable Double stockMm) {
        return checks.check(
                new Bench(
                        RULES.species(scion).orElseThrow(),
                        RULES.species(stock).orElseThrow(),
                        RULES.technique(technique).orElseThrow(),
                        TODAY,
                        null,
                        scionMm,
                        stockMm,
                        false,
                        null),
                TODAY);
    }

    @Test
    void aSoundGraftHasNothingAgainstIt() {
        assertThat(check("avocado", "avocado", "cleft", 8.0, 8.5)).isEmpty();
    }

    @Test
    void anotherFamilyIsRefusedWithBothNames() {
        Finding first = check("avocado", "mango", "cleft", null, null).get(0);
        assertThat(first.weight()).isEqualTo(Finding.Weight.REFUSES);
        assertThat(first.message()).contains("avocado on mango", "Lauraceae", "Anacardiaceae");
        assertThat(first.field()).isEqualTo("plantId");
    }

    @Test
    void theSameFamilyOnlyWarns() {
        assertThat(check("citrus", "wampee", "cleft", null, null))
                .singleElement()
                .satisfies(f -> assertThat(f.weight()).isEqualTo(Finding.Weight.WARNS))
                .satisfies(f -> assertThat(f.message()).contains("trial"));
        assertThat(check("kumquat", "citrus", "chip", null, null)).isEmpty();
    }

    @Test
    void mangoBarkSnaps() {
        assertThat(check("mango", "mango", "t-bud", null, null))
                .anySatisfy(f -> assertThat(f.message()).contains("brittle"))
                .allSatisfy(f -> assertThat(f.rule()).isEqualTo("technique"));
        assertThat(check("citrus", "citrus", "t-bud", null, null)).isEmpty();
    }

    @Test
    void aRatioOutOfRangeWarnsWithValueAndRange() {
        Finding ratio = check("fig", "fig", "whip", 6.0, 10.0).get(0);
        assertThat(ratio.rule()).isEqualTo("ratio");
        assertThat(ratio.value()).isEqualTo("0.6");
        assertThat(ratio.threshold()).isEqualTo("0.9 to 1.1");
        assertThat(ratio.weight()).isEqualTo(Finding.Weight.WARNS);
    }

    @Test
    void diametersNoStemCanHaveAreRefused() {
        for (double mm : new double[] {0, -3, 600, Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThat(check("fig", "fig", "cleft", mm, null))
                    .as("%s mm", mm)
                    .anySatisfy(f -> assertThat(f.threshold()).isEqualTo(Quantity.mm(0.5, 500)));
        }
    }

    @Test
    void theFutureTheTakenStemAndTheProtectedVarietyAreTold() {
        List<Finding> found = checks.check(
                new Bench(
                        RULES.species("fig").orElseThrow(),
                        RULES.species("fig").orElseThrow(),
                        RULES.technique("cleft").orElseThrow(),
                        TODAY.plusDays(1),
                        TODAY.plusDays(3),
                        null,
                        null,
                        true,
                        "RW-26-001"),
                TODAY);
        assertThat(found).extracting(Finding::rule).containsExactly("future", "wood-after", "stem-taken", "protected");
        assertThat(found.get(2).message()).contains("RW-26-001");
        assertThat(found.get(3).weight()).isEqualTo(Finding.Weight.WARNS);
    }
}
