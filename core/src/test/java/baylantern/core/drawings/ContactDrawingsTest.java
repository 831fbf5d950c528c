package baylantern.core.drawings;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.fit.Round;
import baylantern.core.fit.contact.ContactModel;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.fit.contact.Joint;
import baylantern.core.fit.contact.Part;
import baylantern.core.fit.contact.Sketch;
import baylantern.core.fit.contact.Sketch.FitShape;
import baylantern.core.rules.Rulebook;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The drawing of each technique is what its model returns; run with LANTERN_DRAW=1 to draw them anew. */
class ContactDrawingsTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FitBench BENCH = new FitBench(RULES);
    private static final double HIGH = 260;
    private static final double WIDE = 300;
    private static final Map<Part, String> FILLS = Map.of(
            Part.STOCK_BARK, "#cdbda8",
            Part.STOCK_WOOD, "#f4ecdc",
            Part.SCION_BARK, "#a9bb8f",
            Part.SCION_WOOD, "#cbd6b6",
            Part.OPENED, "#f7e3cf",
            Part.MEETS, "#f0a202");

    @ParameterizedTest
    @CsvSource({
        "cleft, 11, 9.4",
        "offset-cleft, 16, 9",
        "whip, 9, 8.7",
        "whip-tongue, 11, 10.8",
        "stepped-splice, 10, 9.6",
        "v-tool, 9, 9",
        "veneer, 15, 8",
        "side-splice, 12, 9",
        "bark, 60, 11",
        "t-bud, 10, 6.5",
        "inverted-t, 10, 6.5",
        "chip, 9.5, 8",
        "approach, 12, 11"
    })
    void aJointIsDrawnAsItsModelHasIt(String key, double stockMm, double scionMm) throws IOException {
        Round stock = Round.of(stockMm, null, RULES.fit());
        Round scion = Round.of(scionMm, null, RULES.fit());
        Joint joint = BENCH.joint(key, stock, scion, Wish.NONE, Wrap.CLOCKWISE);
        ContactModel model = BENCH.model(key);
        double level = BENCH.measure(key, joint, Wrap.CLOCKWISE).depth();
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %.0f %.0f\" width=\"%.0f\">\n",
                2 * WIDE,
                HIGH,
                2 * WIDE));
        draw(svg, model.section(joint, level), 0, 1);
        draw(svg, model.face(joint), WIDE, 3);
        keep("contact-" + key, svg.append("</svg>\n").toString());
    }

    // The face is drawn wider than long, as far as it has room, so that the lines can be told apart.
    private static void draw(StringBuilder svg, Sketch sketch, double left, double widest) {
        double half = 1;
        double top = Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (FitShape shape : sketch.shapes()) {
            for (int i = 0; i < shape.points().length; i += 2) {
                half = Math.max(half, Math.abs(shape.points()[i]));
                top = Math.min(top, shape.points()[i + 1]);
                bottom = Math.max(bottom, shape.points()[i + 1]);
            }
        }
        double ky = Math.min((HIGH - 20) / (bottom - top), (WIDE - 30) / (2 * half));
        double kx = Math.min(widest * ky, (WIDE - 30) / (2 * half));
        for (FitShape shape : sketch.shapes()) {
            svg.append("<path d=\"")
                    .append(path(shape, left + WIDE / 2, kx, top, ky))
                    .append("\" ");
            svg.append(paint(shape)).append("/>\n");
        }
    }

    private static String path(FitShape shape, double x, double kx, double top, double ky) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < shape.points().length; i += 2) {
            d.append(String.format(
                    Locale.ROOT,
                    "%s%.1f %.1f",
                    i == 0 ? "M" : "L",
                    x + shape.points()[i] * kx,
                    10 + (shape.points()[i + 1] - top) * ky));
        }
        return shape.closed() ? d.append("Z").toString() : d.toString();
    }

    private static String paint(FitShape shape) {
        if (shape.closed()) {
            String fill = FILLS.get(shape.part());
            return "fill=\"" + fill + "\"" + (shape.part() == Part.MEETS ? " fill-opacity=\"0.5\"" : "");
        }
        return switch (shape.part()) {
            case MEETS -> "fill=\"none\" stroke=\"#f0a202\" stroke-width=\"5\"";
            case CUT -> "fill=\"none\" stroke=\"#12262b\" stroke-width=\"1.4\"";
            default -> "fill=\"none\" stroke=\"#5f8f1d\" stroke-width=\"2.4\"";
        };
    }

    private static void keep(String name, String svg) throws IOException {
        Path file = Path.of("../docs/models/drawings", name + ".svg");
        if ("1".equals(System.getenv("LANTERN_DRAW"))) {
            Files.writeString(file, svg);
        }
        assertThat(Files.readString(file)).isEqualTo(svg);
    }
}
