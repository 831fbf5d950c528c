package baylantern.core.fit.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Taper;
import baylantern.core.fit.Taper.StemReading;
import baylantern.core.fit.choice.CutHeight.CutPlace;
import baylantern.core.fit.choice.CutHeight.Standing;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Heights read off straight tapers, worked by hand; to a hundredth of a mm. */
class CutHeightTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final CutHeight HEIGHTS = new CutHeight(RULES.fit());
    /** 12 mm at 100, 8 mm at 500: a hundredth of a mm thinner with every mm of height. */
    private static final Taper STEM = new Taper(List.of(new StemReading(500, 8), new StemReading(100, 12)));

    private static Technique technique(String key) {
        return RULES.technique(key).orElseThrow();
    }

    @Test
    void itIsCutWhereTheStemIsAsThickAsTheStick() {
        CutPlace place = HEIGHTS.place(new Standing(STEM, 700.0, null, "avocado"), 9.5, technique("whip"), 40);
        assertThat(place.heightMm()).isCloseTo(350, within(0.01));
        assertThat(place.stockMm()).isCloseTo(9.5, within(0.01));
        assertThat(place.bound()).isNull();
    }

    @Test
    void aTechniqueForThinSticksAsksForAThickerStem() {
        CutPlace place = HEIGHTS.place(new Standing(STEM, 700.0, null, "avocado"), 7, technique("veneer"), 40);
        // 7 mm over the best ratio of 0.65.
        assertThat(place.wantedMm()).isCloseTo(10.77, within(0.01));
        assertThat(place.stockMm()).isCloseTo(10.77, within(0.01));
    }

    @Test
    void citrusIsNotCutWhereRotReachesTheUnion() {
        Standing low = new Standing(STEM, 700.0, null, "citrus");
        CutPlace place = HEIGHTS.place(low, 11.9, technique("cleft"), 40);
        assertThat(place.exactMm()).isCloseTo(110, within(0.01));
        assertThat(place.heightMm()).isEqualTo(140);
        assertThat(place.bound().words()).isEqualTo("the union above soil-borne rot");
    }

    @Test
    void aNurseLeafStaysBelowTheSplitAndReachBoundsAFieldLimb() {
        CutPlace leaf = HEIGHTS.place(new Standing(STEM, 700.0, 330.0, "avocado"), 9.5, technique("cleft"), 40);
        assertThat(leaf.heightMm()).isEqualTo(370);
        assertThat(leaf.bound().key()).isEqualTo("leaf");
        Taper limb = new Taper(List.of(new StemReading(1000, 40), new StemReading(2500, 25)));
        CutPlace high = HEIGHTS.place(new Standing(limb, null, null, "avocado"), 27, technique("cleft"), 40);
        assertThat(high.heightMm()).isEqualTo(1800);
        assertThat(high.bound().key()).isEqualTo("reach");
    }

    @Test
    void aStemNowhereThatThinIsCutWhereItIsNearest() {
        Taper same = new Taper(List.of(new StemReading(100, 12), new StemReading(500, 12)));
        CutPlace place = HEIGHTS.place(new Standing(same, 700.0, null, "avocado"), 8, technique("cleft"), 40);
        assertThat(place.exactMm()).isNull();
        assertThat(place.stockMm()).isEqualTo(12);
    }

    @Test
    void noRoomIsSaidWithBothLimits() {
        assertThatThrownBy(() -> HEIGHTS.place(new Standing(STEM, 150.0, null, "citrus"), 11, technique("cleft"), 50))
                .isInstanceOf(FitRefused.class)
                .hasMessageContaining("asks for 150 mm or higher, firm wood below the tip for 120 mm or lower");
    }

    @Test
    void readingsThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new Taper(List.of())).hasMessage("A stem needs one diameter at least.");
        assertThatThrownBy(() -> new Taper(List.of(new StemReading(100, 9), new StemReading(100, 8))))
                .hasMessage("Two diameters stand at 100 mm.");
        assertThatThrownBy(() -> new StemReading(100, 0)).hasMessageContaining("2 to 200 mm, not 0 mm");
        assertThat(new Taper(List.of(new StemReading(100, 8), new StemReading(200, 9))).swells())
                .isTrue();
        assertThat(new Taper(List.of(new StemReading(100, 8))).diameterAt(900)).isEqualTo(8);
    }

    /** Random stems, each looked through millimetre by millimetre: no height within the limits fits better. */
    @Test
    void noHeightWithinTheLimitsFitsBetter() {
        Random random = new Random(5);
        Technique technique = RULES.technique("cleft").orElseThrow();
        CutHeight heights = new CutHeight(RULES.fit());
        for (int i = 0; i < 1500; i++) {
            double low = 20 + 100 * random.nextDouble();
            double thick = 10 + 30 * random.nextDouble();
            Taper taper = new Taper(List.of(
                    new Taper.StemReading(low, thick),
                    new Taper.StemReading(
                            low + 20 + 200 * random.nextDouble(), thick * (0.85 + 0.14 * random.nextDouble()))));
            CutHeight.Standing stem = new CutHeight.Standing(taper, null, null, "avocado");
            CutHeight.CutPlace place = heights.place(stem, 5 + 10 * random.nextDouble(), technique, 30);
            double least = Double.MAX_VALUE;
            for (double h = 80; h <= 1800; h++) {
                least = Math.min(least, Math.abs(taper.diameterAt(h) - place.wantedMm()));
            }
            assertThat(Math.abs(place.stockMm() - place.wantedMm()))
                    .as("%s", stem)
                    .isLessThanOrEqualTo(least + 1e-6);
        }
    }
}
