package baylantern.core.fit.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Taper;
import baylantern.core.fit.Taper.StemReading;
import baylantern.core.fit.choice.CutHeight.CutPlace;
import baylantern.core.fit.choice.CutHeight.HeightLimit;
import baylantern.core.fit.choice.CutHeight.Standing;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;

/** Where to cut, on any stem that thins upward. */
class CutHeightPropertiesTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final CutHeight HEIGHTS = new CutHeight(RULES.fit());

    @Provide
    Arbitrary<Standing> stems() {
        Arbitrary<Double> low = Arbitraries.doubles().between(9, 30);
        Arbitrary<Double> thins = Arbitraries.doubles().between(0.2, 0.7);
        Arbitrary<Double> top = Arbitraries.doubles().between(300, 1500);
        Arbitrary<Double> leaf = Arbitraries.doubles().between(20, 150);
        Arbitrary<String> species = Arbitraries.of("avocado", "citrus", "mango");
        return Combinators.combine(low, thins, top, leaf, species)
                .as((d, share, tip, nurse, kind) -> new Standing(
                        new Taper(List.of(new StemReading(50, d), new StemReading(tip, Math.max(2, d * share)))),
                        tip,
                        nurse,
                        kind));
    }

    @Provide
    Arbitrary<Technique> techniques() {
        return Arbitraries.of(RULES.techniques());
    }

    private static Optional<CutPlace> place(Standing stem, double scion, Technique technique) {
        try {
            return Optional.of(
                    HEIGHTS.place(stem, scion, technique, technique.cutMm().value()));
        } catch (FitRefused noRoom) {
            return Optional.empty();
        }
    }

    @Property(tries = 300)
    void theCutLiesWithinEveryLimit(
            @ForAll("stems") Standing stem,
            @ForAll("techniques") Technique technique,
            @ForAll @DoubleRange(min = 4, max = 20) double scion) {
        place(stem, scion, technique).ifPresent(place -> {
            for (HeightLimit limit : place.limits()) {
                if (limit.lowest()) {
                    assertThat(place.heightMm()).as(limit.words()).isGreaterThanOrEqualTo(limit.heightMm() - 1e-6);
                } else {
                    assertThat(place.heightMm()).as(limit.words()).isLessThanOrEqualTo(limit.heightMm() + 1e-6);
                }
            }
            assertThat(place.stockMm()).isEqualTo(stem.taper().diameterAt(place.heightMm()));
        });
    }

    @Property(tries = 300)
    void whereNoLimitMovesItTheStemIsAsThickAsWanted(
            @ForAll("stems") Standing stem,
            @ForAll("techniques") Technique technique,
            @ForAll @DoubleRange(min = 4, max = 20) double scion) {
        place(stem, scion, technique)
                .filter(p -> p.exactMm() != null && p.bound() == null)
                .ifPresent(p -> assertThat(p.stockMm()).isCloseTo(p.wantedMm(), within(1e-3)));
    }

    @Property(tries = 300)
    void aThickerStickIsNeverCutHigher(
            @ForAll("stems") Standing stem,
            @ForAll("techniques") Technique technique,
            @ForAll @DoubleRange(min = 4, max = 12) double scion) {
        Optional<CutPlace> thin = place(stem, scion, technique);
        Optional<CutPlace> thick = place(stem, scion + 1, technique);
        if (thin.isPresent() && thick.isPresent()) {
            assertThat(thick.get().heightMm()).isLessThanOrEqualTo(thin.get().heightMm() + 1e-6);
        }
    }
}
