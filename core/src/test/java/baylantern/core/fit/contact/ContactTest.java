package baylantern.core.fit.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Round;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import baylantern.core.rules.Rulebook;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Values worked by hand, and what must hold of every technique. Contact to a hundredth of a mm. */
class ContactTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FitBench BENCH = new FitBench(RULES);
    private static final List<String> ALL =
            RULES.techniques().stream().map(t -> t.key()).toList();

    private static FitRules near(double mm) {
        Map<String, Figure> figures = new HashMap<>(RULES.fit().figures());
        figures.put("nearMm", new Figure(mm, mm, mm, "mm", "as in the worked example"));
        return new FitRules(
                figures,
                RULES.fit().traits(),
                RULES.fit().favours(),
                RULES.fit().hinders());
    }

    /** By hand: the right edges meet where √(rc² − d²) ≥ Rc − δ − x0, so for d up to that, of 30 mm and 3 mm. */
    @ParameterizedTest
    @CsvSource({"12, 2.0, 0.0, 0.00", "12, 2.0, 5.6, 40.74", "12, 2.0, 6.0, 53.33", "5, 0.6, 0.0, 81.49"})
    void aShoulderedWedgeOfThirtyMillimetresMeetsAsWorkedByHand(
            double stock, double stockBark, double offset, double expected) {
        ContactModel cleft = new CleftContact(near(0.5));
        Joint joint = new Joint(
                new Round(stock, stockBark), new Round(5, 0.6), new Placing(Way.SHOULDERED, 30, offset, 0, 3, 0));
        assertThat(cleft.contact(joint).met()).isCloseTo(expected, within(0.005));
        assertThat(cleft.contact(joint).whole()).isEqualTo(120);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"whip", "whip-tongue", "stepped-splice", "v-tool", "veneer", "side-splice", "chip", "approach"})
    void equalStemsLaidSquareMeetAllRound(String key) {
        Round stem = Round.of(9, null, RULES.fit());
        Joint joint = BENCH.joint(key, stem, stem, new Wish(null, null, 0.0, null, null, null), Wrap.CLOCKWISE);
        Contact contact = BENCH.model(key).contact(joint);
        assertThat(contact.share()).as(key).isGreaterThan(0.99);
        assertThat(BENCH.measure(key, joint, Wrap.CLOCKWISE).slipMm()).isGreaterThan(0.2);
    }

    @Test
    void aThinScionInTheMiddleOfAThickSplitMeetsNowhereAndFlushToASideItDoes() {
        Round stock = Round.of(24, 2.0, RULES.fit());
        Round scion = Round.of(14, 0.8, RULES.fit());
        Joint centred = BENCH.joint("cleft", stock, scion, new Wish(null, null, 0.0, null, null, null), Wrap.CLOCKWISE);
        assertThat(BENCH.model("cleft").contact(centred).met()).isZero();
        Joint right = BENCH.joint("cleft", stock, scion, Wish.NONE, Wrap.CLOCKWISE);
        Joint left = BENCH.joint("cleft", stock, scion, Wish.NONE, Wrap.COUNTER);
        assertThat(right.placing().offsetMm())
                .isPositive()
                .isEqualTo(-left.placing().offsetMm());
        FitBench.Measured measured = BENCH.measure("cleft", right, Wrap.CLOCKWISE);
        assertThat(measured.contact().share()).isGreaterThan(0.3);
        // Flush at the bark leaves the cambium as far apart as the barks differ, and that costs contact.
        assertThat(measured.barkErrorMm()).isCloseTo(1.2, within(1e-9));
        assertThat(measured.barkFlush().met()).isLessThan(measured.contact().met() / 2);
    }

    @Test
    void aWedgeThatBeginsInsideTheBarkMeetsMoreThanAPlainOne() {
        Round stem = Round.of(10, null, RULES.fit());
        double shouldered = met("cleft", stem, stem, Way.SHOULDERED);
        double plain = met("cleft", stem, stem, Way.PLAIN);
        assertThat(shouldered).isGreaterThan(plain * 1.2);
    }

    @Test
    void twoThinScionsInOneSplitGiveTwiceWhatOneDoes() {
        Round stock = Round.of(26, null, RULES.fit());
        Round scion = Round.of(13, null, RULES.fit());
        assertThat(met("cleft", stock, scion, Way.TWO))
                .isCloseTo(2 * met("cleft", stock, scion, Way.SHOULDERED), within(0.01));
    }

    @Test
    void aSplitOffCentreLetsAThinScionMeetOnBothSides() {
        Round stock = Round.of(20, null, RULES.fit());
        Round scion = Round.of(9, null, RULES.fit());
        Joint joint =
                BENCH.joint("offset-cleft", stock, scion, new Wish(null, null, 0.0, null, null, null), Wrap.CLOCKWISE);
        assertThat(joint.placing().splitMm()).isCloseTo(Math.sqrt(8.4 * 8.4 - 3.78 * 3.78), within(1e-9));
        assertThat(BENCH.model("offset-cleft").contact(joint).share()).isGreaterThan(0.45);
        assertThat(BENCH.model("cleft")
                        .contact(
                                BENCH.joint("cleft", Round.of(18, null, RULES.fit()), scion, Wish.NONE, Wrap.CLOCKWISE))
                        .share())
                .isLessThan(0.5);
    }

    @Test
    void aShieldWithWoodGapesOnAThinStockAndAThinOneDoesNot() {
        Round stock = Round.of(8, null, RULES.fit());
        Round stick = Round.of(6.5, null, RULES.fit());
        Joint thin = BENCH.joint("t-bud", stock, stick, new Wish(Way.THIN, null, 0.0, null, 1.5, null), Wrap.CLOCKWISE);
        Joint thick =
                BENCH.joint("t-bud", stock, stick, new Wish(Way.THICK, null, 0.0, null, 1.5, null), Wrap.CLOCKWISE);
        ContactModel model = BENCH.model("t-bud");
        assertThat(model.contact(thin).share()).isGreaterThan(0.97);
        assertThat(model.contact(thick).met())
                .isLessThan(0.85 * model.contact(thin).met());
    }

    @Test
    void aThinLimbLetsABarkScionGape() {
        Round scion = Round.of(10, null, RULES.fit());
        double thick = met("bark", Round.of(110, null, RULES.fit()), scion, Way.USUAL);
        double thin = met("bark", Round.of(26, null, RULES.fit()), scion, Way.USUAL);
        assertThat(thick).isGreaterThan(thin + 5);
    }

    @Test
    void aSlightTiltLetsLinesCrossThatWouldRunPastEachOther() {
        Round stock = Round.of(12, null, RULES.fit());
        Round scion = Round.of(11, null, RULES.fit());
        Joint past = BENCH.joint("approach", stock, scion, new Wish(null, 40.0, 0.9, 0.0, null, null), Wrap.CLOCKWISE);
        FitBench.Measured measured = BENCH.measure("approach", past, Wrap.CLOCKWISE);
        assertThat(measured.contact().met()).isZero();
        assertThat(measured.tilted().met()).isPositive();
        // Each of the two edges crosses over 2·δ/tan of the angle.
        double each = 2 * RULES.fit().value(FigureName.NEAR_MM) / Math.tan(Math.toRadians(6));
        Joint crossing = past.at(past.placing().tilt(6));
        assertThat(BENCH.model("approach").contact(crossing).met()).isCloseTo(2 * each, within(0.01));
    }

    @Test
    void aSmallStepAsideMovesContactASmallWay() {
        Round stock = Round.of(14, null, RULES.fit());
        Round scion = Round.of(13, null, RULES.fit());
        for (String key : List.of("cleft", "whip", "side-splice", "t-bud", "chip")) {
            Joint joint = BENCH.joint(
                    key,
                    stock,
                    scion.radiusMm() < 7 && key.equals("t-bud") ? Round.of(8, null, RULES.fit()) : scion,
                    new Wish(null, 30.0, 0.0, null, null, null),
                    Wrap.CLOCKWISE);
            ContactModel model = BENCH.model(key);
            double last = model.contact(joint).met();
            for (double x = 0; x < 3; x += 0.002) {
                Contact next = model.contact(joint.at(joint.placing().offset(x)));
                assertThat(Math.abs(next.met() - last)).as("%s at %s", key, x).isLessThan(0.1 * next.whole());
                last = next.met();
            }
        }
    }

    @Test
    void leftIsAsGoodAsRight() {
        for (String key : ALL) {
            var technique = RULES.technique(key).orElseThrow();
            Round stock = Round.of(technique.stockMm().value(), null, RULES.fit());
            Round scion = Round.of(
                    Math.max(4, technique.stockMm().value() * technique.ratio().value()), null, RULES.fit());
            Joint joint = BENCH.joint(key, stock, scion, new Wish(null, null, 0.7, 1.0, null, null), Wrap.CLOCKWISE);
            Joint mirror =
                    joint.at(joint.placing().offset(-0.7).tilt(-joint.placing().tiltDeg()));
            ContactModel model = BENCH.model(key);
            assertThat(model.contact(mirror).met())
                    .as(key)
                    .isCloseTo(model.contact(joint).met(), within(0.02));
        }
    }

    @Test
    void theBestOffsetIsNeverWorseThanAnyOtherAndWiderToleranceNeverMeetsLess() {
        Round stock = Round.of(13, null, RULES.fit());
        Round scion = Round.of(11.8, null, RULES.fit());
        for (String key : List.of("cleft", "offset-cleft", "whip", "veneer", "side-splice")) {
            Round thin = key.equals("offset-cleft") ? Round.of(9, null, RULES.fit()) : scion;
            FitBench.Measured measured =
                    BENCH.measure(key, BENCH.joint(key, stock, thin, Wish.NONE, Wrap.CLOCKWISE), Wrap.CLOCKWISE);
            Joint joint = BENCH.joint(key, stock, thin, Wish.NONE, Wrap.CLOCKWISE);
            ContactModel wider = new ContactModels(near(0.5)).model(key).orElseThrow();
            for (double x = -3; x <= 3; x += 0.05) {
                Joint there = joint.at(joint.placing().offset(x));
                double met = BENCH.model(key).contact(there).met();
                assertThat(met)
                        .as("%s at %s", key, x)
                        .isLessThanOrEqualTo(measured.best().met() + 0.6);
                assertThat(wider.contact(there).met()).isGreaterThanOrEqualTo(met - 1e-6);
            }
        }
    }

    @Test
    void slipIsWhereContactHalves() {
        Round stock = Round.of(12, null, RULES.fit());
        Joint joint = BENCH.joint("cleft", stock, Round.of(10, null, RULES.fit()), Wish.NONE, Wrap.CLOCKWISE);
        FitBench.Measured measured = BENCH.measure("cleft", joint, Wrap.CLOCKWISE);
        ContactModel model = BENCH.model("cleft");
        double half = measured.contact().met() / 2;
        double x = joint.placing().offsetMm();
        double inside = measured.slipMm() - 0.01;
        double outside = measured.slipMm() + 0.01;
        assertThat(Math.min(met(model, joint, x - inside), met(model, joint, x + inside)))
                .isGreaterThanOrEqualTo(half);
        assertThat(Math.min(met(model, joint, x - outside), met(model, joint, x + outside)))
                .isLessThan(half);
    }

    @Test
    void drawingsAreToScaleAndGlowWhereItMeets() {
        for (String key : ALL) {
            var technique = RULES.technique(key).orElseThrow();
            Round stock = Round.of(technique.stockMm().value(), null, RULES.fit());
            Round scion = Round.of(
                    Math.max(4, technique.stockMm().value() * technique.ratio().value()), null, RULES.fit());
            Joint joint = BENCH.joint(key, stock, scion, Wish.NONE, Wrap.CLOCKWISE);
            ContactModel model = BENCH.model(key);
            Sketch face = model.face(joint);
            boolean glows = face.shapes().stream().anyMatch(s -> s.part() == Part.MEETS);
            assertThat(glows).as("%s glows", key).isEqualTo(model.contact(joint).met() > 0);
            assertThat(face.rulers().get(0).mm()).isEqualTo(joint.placing().cutMm());
            Sketch section = model.section(joint, joint.placing().cutMm() / 2);
            assertThat(section.spots())
                    .as("%s tells where edges should meet", key)
                    .isNotEmpty();
            assertThat(section.shapes()).anyMatch(s -> s.part() == Part.STOCK_CAMBIUM);
            assertThat(model.cuts(joint))
                    .as("%s has a cut list", key)
                    .hasSizeGreaterThan(1)
                    .allMatch(c -> c.low() > 0);
        }
    }

    @Test
    void measuresThatCannotBeAreToldWithTheirRange() {
        assertThatThrownBy(() -> Round.of(Double.NaN, null, RULES.fit()))
                .isInstanceOf(FitRefused.class)
                .hasMessage("A stem's diameter is 2 to 200 mm, not a number.");
        assertThatThrownBy(() -> Round.of(-3, null, RULES.fit())).hasMessageContaining("2 to 200 mm, not -3 mm");
        assertThatThrownBy(() -> Round.of(10, 4.0, RULES.fit())).hasMessageContaining("0.1 to 3 mm, not 4 mm");
        Round ten = Round.of(10, null, RULES.fit());
        assertThatThrownBy(() -> BENCH.joint("whip", ten, Round.of(12, null, RULES.fit()), Wish.NONE, Wrap.CLOCKWISE))
                .hasMessage("A scion of 12 mm is too thick for a whip on 10 mm; it takes up to 11 mm.");
        assertThatThrownBy(() ->
                        BENCH.joint("cleft", ten, ten, new Wish(null, 0.0, null, null, null, null), Wrap.CLOCKWISE))
                .hasMessageContaining("5 to 120 mm, not 0 mm");
        assertThatThrownBy(() -> BENCH.joint("nail", ten, ten, Wish.NONE, Wrap.CLOCKWISE))
                .hasMessageContaining("\"nail\" is not a technique here");
    }

    private static double met(ContactModel model, Joint joint, double offset) {
        return model.contact(joint.at(joint.placing().offset(offset))).met();
    }

    private static double met(String key, Round stock, Round scion, Way way) {
        Joint joint = BENCH.joint(key, stock, scion, new Wish(way, null, null, null, null, null), Wrap.CLOCKWISE);
        return BENCH.model(key).contact(joint).met();
    }
}
