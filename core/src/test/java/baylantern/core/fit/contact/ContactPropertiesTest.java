package baylantern.core.fit.contact;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.fit.Round;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What holds of any stick on any stem, whatever the technique. */
class ContactPropertiesTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FitBench BENCH = new FitBench(RULES);

    record Laid(String key, Joint joint) {

        ContactModel model() {
            return BENCH.model(key);
        }

        Contact contact() {
            return model().contact(joint);
        }

        Contact at(double offset) {
            return model().contact(joint.at(joint.placing().offset(offset)));
        }
    }

    @Provide
    Arbitrary<Laid> laid() {
        Arbitrary<Technique> technique = Arbitraries.of(RULES.techniques());
        Arbitrary<Double> share = Arbitraries.doubles().between(0, 1);
        Arbitrary<Double> offset = Arbitraries.doubles().between(-6, 6);
        Arbitrary<Double> tilt = Arbitraries.doubles().between(-5, 5);
        return Combinators.combine(technique, share, share, share, offset, tilt).as(ContactPropertiesTest::laid);
    }

    private static Laid laid(Technique t, double size, double ratio, double cut, double offset, double tilt) {
        double stockMm =
                t.stockMm().low() + size * (t.stockMm().high() - t.stockMm().low());
        double wanted = stockMm
                * (t.ratio().low() + ratio * (t.ratio().high() - t.ratio().low()));
        double scionMm = Math.min(Math.max(2.5, wanted), stockMm * t.ratio().high());
        Wish wish = new Wish(
                null, t.cutMm().low() + cut * (t.cutMm().high() - t.cutMm().low()), offset, tilt, null, null);
        Round stock = Round.of(stockMm, null, RULES.fit());
        Round scion = Round.of(scionMm, null, RULES.fit());
        return new Laid(t.key(), BENCH.joint(t.key(), stock, scion, wish, Wrap.CLOCKWISE));
    }

    @Property(tries = 400)
    void contactIsNeverLessThanNothingNorMoreThanTheWhole(@ForAll("laid") Laid laid) {
        Contact contact = laid.contact();
        assertThat(contact.whole()).isPositive();
        assertThat(contact.met()).isBetween(0.0, contact.whole());
        assertThat(contact.share()).isBetween(0.0, 1.0);
    }

    @Property(tries = 200)
    void aMirroredJointMeetsAsMuch(@ForAll("laid") Laid laid) {
        Placing p = laid.joint().placing();
        Contact mirror =
                laid.model().contact(laid.joint().at(p.offset(-p.offsetMm()).tilt(-p.tiltDeg())));
        assertThat(mirror.met()).isCloseTo(laid.contact().met(), org.assertj.core.data.Offset.offset(0.05));
    }

    @Property(tries = 200)
    void aScionQuiteOutsideTheStemMeetsNowhere(@ForAll("laid") Laid laid) {
        double outside = laid.joint().bigR() + laid.joint().r() + 12;
        if (!laid.key().equals("bark") && laid.contact().unit() == Contact.Unit.MM) {
            assertThat(laid.at(outside).met()).isZero();
        }
        if (laid.contact().unit() == Contact.Unit.SQUARE_MM) {
            assertThat(laid.at(outside).met()).isZero();
        }
    }

    @Property(tries = 120)
    void theBestOffsetBeatsTheOneTried(@ForAll("laid") Laid laid) {
        double best = OffsetSearch.best(laid.model(), laid.joint(), Wrap.CLOCKWISE);
        double reach = Math.abs(laid.joint().bigR() - laid.joint().r())
                + Math.min(laid.joint().bigR(), laid.joint().r()) / 2;
        if (Math.abs(laid.joint().placing().offsetMm()) <= reach) {
            Contact at = laid.at(best);
            // Found on a grid: a narrow peak between two of its points may be missed by a little.
            assertThat(at.met()).isGreaterThanOrEqualTo(laid.contact().met() - 0.02 * at.whole());
        }
    }

    @Property(tries = 120)
    void layingWellIsNoBetterThanTheBest(@ForAll("laid") Laid laid) {
        Joint well =
                BENCH.laidWell(laid.key(), laid.joint().stock(), laid.joint().scion());
        double met = laid.model().contact(well).met();
        Joint best = well.at(well.placing().offset(OffsetSearch.best(laid.model(), well, Wrap.CLOCKWISE)));
        // Both climb in steps of hundredths of a millimetre, so that they may stop beside each other.
        Contact at = laid.model().contact(best);
        assertThat(met).isLessThanOrEqualTo(at.met() + 1e-3 * at.whole());
    }

    @Property(tries = 120)
    void aHandThatStraysExpectsNoMoreThanOneThatDoesNot(@ForAll("laid") Laid laid) {
        Joint well =
                BENCH.laidWell(laid.key(), laid.joint().stock(), laid.joint().scion());
        Contact contact = laid.model().contact(well);
        assertThat(BENCH.expectedShare(laid.key(), well, contact.whole(), 0))
                .isCloseTo(contact.share(), org.assertj.core.data.Offset.offset(1e-6));
        assertThat(BENCH.expectedShare(laid.key(), well, contact.whole(), 0.4)).isBetween(0.0, 1.0);
    }

    @Property(tries = 200)
    void everyDrawingIsWithinTheStemsItDraws(@ForAll("laid") Laid laid) {
        Joint joint = laid.joint();
        double wide = joint.bigR()
                + 2 * joint.r()
                + Math.abs(joint.placing().offsetMm())
                + joint.length() * Math.abs(joint.placing().lean())
                + 12;
        Sketch face = laid.model().face(joint);
        for (Sketch.FitShape shape : face.shapes()) {
            for (int i = 0; i < shape.points().length; i += 2) {
                assertThat(Math.abs(shape.points()[i])).as(laid.key()).isLessThan(wide);
                assertThat(shape.points()[i + 1]).isBetween(-0.5 * joint.length() - 9, joint.length() + 12);
            }
        }
    }

    @Property(tries = 200)
    void whatGlowsIsAsLongAsWhatMeets(@ForAll("laid") Laid laid) {
        if (!laid.key().equals("cleft") && !laid.key().equals("v-tool")) {
            return;
        }
        // The two faces of a wedge are alike; one of them is drawn.
        double drawn = 0;
        for (Sketch.FitShape shape : laid.model().face(laid.joint()).shapes()) {
            if (shape.part() == Part.MEETS) {
                drawn += shape.points()[shape.points().length - 1] - shape.points()[1];
            }
        }
        assertThat(2 * drawn).isCloseTo(laid.contact().met(), org.assertj.core.data.Offset.offset(0.1));
    }

    @Property(tries = 150)
    void aStemOfAnyBarkHasItsCambiumInside(@ForAll("diameters") double mm, @ForAll("shares") double share) {
        Round assumed = Round.of(mm, null, RULES.fit());
        assertThat(assumed.cambiumMm()).isPositive().isLessThan(assumed.radiusMm());
        Round told = Round.of(mm, Math.max(0.1, share * mm / 2 * 0.6), RULES.fit());
        assertThat(told.cambiumMm()).isGreaterThanOrEqualTo(0.4 * told.radiusMm() - 0.1);
        assertThat(told.diameterMm()).isEqualTo(mm);
    }

    @Provide
    Arbitrary<Double> diameters() {
        return Arbitraries.doubles().between(2, 200);
    }

    @Provide
    Arbitrary<Double> shares() {
        return Arbitraries.doubles().between(0.1, 1);
    }

    /** Distance to an ellipse against ten thousand points of it. */
    @Property(tries = 100)
    void theNearestPointOfAnEllipseIsNearest(
            @ForAll("coordinates") double x, @ForAll("coordinates") double z, @ForAll("shares") double flat) {
        Ellipse ellipse = new Ellipse(1, 2, 6, 6 * flat + 1, 0.3);
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i < 10_000; i++) {
            double t = 2 * Math.PI * i / 10_000;
            nearest = Math.min(nearest, Math.hypot(ellipse.x(t) - x, ellipse.z(t) - z));
        }
        assertThat(ellipse.distance(x, z)).isCloseTo(nearest, org.assertj.core.data.Offset.offset(2e-3));
        assertThat(ellipse.within(x, z, nearest + 0.01)).isTrue();
        assertThat(ellipse.within(x, z, nearest - 0.01)).isFalse();
    }

    @Provide
    Arbitrary<Double> coordinates() {
        return Arbitraries.doubles().between(-15, 15);
    }
}
