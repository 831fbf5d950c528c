package baylantern.core.fit.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.fit.Round;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.fit.contact.Sketch.FitShape;
import baylantern.core.rules.Rulebook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is drawn has the areas and lengths of what it draws; areas by the shoelace formula, to a hundredth. */
class DrawnToScaleTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FitBench BENCH = new FitBench(RULES);
    private static final Round STOCK = Round.of(12, null, RULES.fit());
    private static final Round SCION = Round.of(10, null, RULES.fit());

    private static Joint joint(String key, Round stock, Round scion) {
        return BENCH.joint(key, stock, scion, Wish.NONE, Wrap.CLOCKWISE);
    }

    private static double area(FitShape shape) {
        double[] p = shape.points();
        double sum = 0;
        for (int i = 0; i < p.length; i += 2) {
            int next = (i + 2) % p.length;
            sum += p[i] * p[next + 1] - p[next] * p[i + 1];
        }
        return Math.abs(sum) / 2;
    }

    private static double area(Sketch sketch, Part part) {
        return sketch.shapes().stream()
                .filter(s -> s.part() == part && s.closed())
                .mapToDouble(DrawnToScaleTest::area)
                .sum();
    }

    private static double circle(double radius) {
        return Math.PI * radius * radius;
    }

    /** The part of a circle on one side of a line at distance d from its middle. */
    private static double segment(double radius, double d) {
        return radius * radius * Math.acos(d / radius) - d * Math.sqrt(radius * radius - d * d);
    }

    @Test
    void aSplitStemLosesNothingOfItsWood() {
        Sketch section = BENCH.model("cleft").section(joint("cleft", STOCK, SCION), 10);
        assertThat(area(section, Part.STOCK_BARK)).isCloseTo(circle(6), within(0.01 * circle(6)));
        assertThat(area(section, Part.STOCK_WOOD)).isCloseTo(circle(STOCK.cambiumMm()), within(0.01 * circle(6)));
    }

    @Test
    void aWedgeIsAsThickAsItsDepthSays() {
        Joint joint = joint("cleft", STOCK, SCION);
        double level = 15;
        double d = joint.placing().depthMm() * (1 - level / joint.placing().cutMm());
        Sketch section = BENCH.model("cleft").section(joint, level);
        double slab = circle(5) - 2 * segment(5, d);
        assertThat(area(section, Part.SCION_BARK)).isCloseTo(slab, within(0.01 * slab));
    }

    @ParameterizedTest
    @ValueSource(strings = {"whip", "whip-tongue"})
    void theTwoHalvesOfASlopeMakeOneStem(String key) {
        Round same = Round.of(9, null, RULES.fit());
        Sketch section = BENCH.model(key).section(joint(key, same, same), 12);
        assertThat(area(section, Part.STOCK_BARK) + area(section, Part.SCION_BARK))
                .isCloseTo(circle(4.5), within(0.01 * circle(4.5)));
    }

    @Test
    void aVeneerTakesOffTheStockWhatItsDepthSays() {
        Joint joint = joint("veneer", Round.of(15, null, RULES.fit()), Round.of(8, null, RULES.fit()));
        Sketch section = BENCH.model("veneer").section(joint, 20);
        double left = circle(7.5) - segment(7.5, 7.5 - joint.placing().depthMm());
        assertThat(area(section, Part.STOCK_BARK)).isCloseTo(left, within(0.01 * left));
    }

    @Test
    void anEllipseOnTheSlopeHasItsArea() {
        Round same = Round.of(9, null, RULES.fit());
        Joint joint = joint("whip", same, same);
        FitShape wood = BENCH.model("whip").face(joint).shapes().stream()
                .filter(s -> s.part() == Part.STOCK_WOOD && s.closed())
                .reduce((a, b) -> b)
                .orElseThrow();
        double expected =
                Math.PI * same.cambiumMm() * same.cambiumMm() * joint.placing().cutMm() / (2 * 4.5);
        assertThat(area(wood)).isCloseTo(expected, within(0.01 * expected));
    }

    @Test
    void whatGlowsOnABudIsTheAreaThatMeets() {
        for (String key : new String[] {"t-bud", "inverted-t", "chip"}) {
            Joint joint = joint(key, Round.of(9.5, null, RULES.fit()), Round.of(7.5, null, RULES.fit()));
            Contact contact = BENCH.model(key).contact(joint);
            assertThat(area(BENCH.model(key).face(joint), Part.MEETS))
                    .as(key)
                    .isCloseTo(contact.met(), within(0.03 * contact.met()));
        }
    }

    @Test
    void aGapBesideASpotIsTheGapBetweenTheLines() {
        Joint joint = joint("cleft", Round.of(16, null, RULES.fit()), Round.of(9, null, RULES.fit()));
        double level = 30;
        Sketch section = BENCH.model("cleft").section(joint, level);
        double d = joint.placing().depthMm() * (1 - level / joint.placing().cutMm());
        double half = Math.sqrt(Math.pow(joint.scion().cambiumMm(), 2) - d * d);
        double left = Math.abs(joint.placing().offsetMm() - half + joint.stock().cambiumMm());
        assertThat(section.spots()).hasSize(4);
        assertThat(section.spots().stream()
                        .mapToDouble(Sketch.MeetSpot::gapMm)
                        .max()
                        .orElseThrow())
                .isCloseTo(left, within(1e-6));
        assertThat(section.spots().stream().filter(Sketch.MeetSpot::meets)).hasSize(2);
    }

    @Test
    void rulersTellTheStemAndTheCut() {
        for (var technique : RULES.techniques()) {
            Round stock = Round.of(technique.stockMm().value(), null, RULES.fit());
            Round scion = Round.of(
                    Math.max(4, technique.stockMm().value() * technique.ratio().value()), null, RULES.fit());
            Joint joint = joint(technique.key(), stock, scion);
            Sketch.Ruler across =
                    BENCH.model(technique.key()).section(joint, 10).rulers().get(0);
            assertThat(Math.abs(across.x2() - across.x1())).as(technique.key()).isCloseTo(across.mm(), within(1e-9));
            Sketch.Ruler along =
                    BENCH.model(technique.key()).face(joint).rulers().get(0);
            assertThat(along.y2() - along.y1()).isCloseTo(along.mm(), within(1e-9));
        }
    }
}
