package baylantern.app.day;

import baylantern.app.platform.SquareCode;
import baylantern.core.day.label.LabelSheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Draws labels on sheets: a square code at the left, beside it what it stands for; text that is too long is made smaller, then cut. */
final class LabelPdf {

    private static final float POINTS = 72f / 25.4f;
    private static final double EDGE_MM = 1.5;
    private static final double MOST_CODE_MM = 20;
    private static final double QUIET_MODULES = 2;
    private static final float LARGEST_PT = 15;
    private static final float SMALLEST_PT = 5;
    private static final double NARROW_MM = 40;
    private static final float LEADING = 1.18f;
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private LabelPdf() {}

    /** A label: what its square code says, and its lines, the first the most important. */
    record Label(String code, List<String> lines) {}

    /** The sheets as a PDF with its font in it. */
    static byte[] of(LabelSheet sheet, List<Label> labels) {
        return written((document, font) -> {
            for (int first = 0; first < labels.size(); first += sheet.perPage()) {
                int last = Math.min(labels.size(), first + sheet.perPage());
                try (PDPageContentStream pen =
                        page(document, sheet.paper().widthMm(), sheet.paper().heightMm())) {
                    for (int i = first; i < last; i++) {
                        new Drawn(pen, font, sheet.label(), sheet.paper().heightMm(), sheet.spot(i))
                                .draw(labels.get(i));
                    }
                }
            }
        });
    }

    /** Each label on a strip of its own, as a label printer cuts them. */
    static byte[] strips(LabelSheet.Size size, List<Label> labels) {
        return written((document, font) -> {
            for (Label label : labels) {
                try (PDPageContentStream pen = page(document, size.widthMm(), size.heightMm())) {
                    new Drawn(pen, font, size, size.heightMm(), new LabelSheet.Spot(0, 0, 0)).draw(label);
                }
            }
        });
    }

    private static PDPageContentStream page(PDDocument document, double wideMm, double highMm) throws IOException {
        PDPage paper = new PDPage(new PDRectangle((float) wideMm * POINTS, (float) highMm * POINTS));
        document.addPage(paper);
        return new PDPageContentStream(document, paper);
    }

    /** What is drawn into a document. */
    private interface Drawing {
        void into(PDDocument document, PDType0Font font) throws IOException;
    }

    private static byte[] written(Drawing drawing) {
        try (PDDocument document = new PDDocument();
                InputStream ttf = Objects.requireNonNull(PDDocument.class.getResourceAsStream(FONT))) {
            drawing.into(document, PDType0Font.load(document, ttf, true));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One label at its place on a page so high; upper left corner, in mm. */
    private record Drawn(
            PDPageContentStream pen, PDType0Font font, LabelSheet.Size size, double pageHighMm, LabelSheet.Spot at) {

        void draw(Label label) throws IOException {
            double high = size.heightMm() - 2 * EDGE_MM;
            double square = Math.min(Math.min(high, MOST_CODE_MM), size.widthMm() / 2);
            square(label.code(), square);
            text(label.lines(), square + 2 * EDGE_MM, size.widthMm() - square - 3 * EDGE_MM, high);
        }

        private void square(String code, double sizeMm) throws IOException {
            SquareCode dots = SquareCode.of(code);
            double module = sizeMm / (dots.side() + 2 * QUIET_MODULES);
            double left = at.xMm() + EDGE_MM + QUIET_MODULES * module;
            double top = at.yMm() + (size.heightMm() - sizeMm) / 2 + QUIET_MODULES * module;
            for (int y = 0; y < dots.side(); y++) {
                for (int x = 0; x < dots.side(); x++) {
                    if (dots.isDark(x, y)) {
                        pen.addRect(
                                (float) (left + x * module) * POINTS,
                                up(top + (y + 1) * module),
                                (float) module * POINTS * 1.02f,
                                (float) module * POINTS * 1.02f);
                    }
                }
            }
            pen.fill();
        }

        // On a narrow label what stands in one line elsewhere has a line of its own.
        private void text(List<String> said, double leftMm, double wideMm, double highMm) throws IOException {
            List<String> lines = wideMm >= NARROW_MM
                    ? said
                    : said.stream()
                            .flatMap(line -> Stream.of(line.split(" · ")))
                            .toList();
            float size = (float) Math.min(LARGEST_PT, highMm * POINTS / (lines.size() * LEADING));
            double top = at.yMm() + EDGE_MM;
            for (int i = 0; i < lines.size(); i++) {
                String line = known(lines.get(i));
                float own = fitting(line, size * (i == 0 ? 1 : 0.86f), wideMm);
                pen.beginText();
                pen.setFont(font, own);
                pen.newLineAtOffset((float) (at.xMm() + leftMm) * POINTS, up(top) - size * (0.92f + LEADING * i));
                pen.showText(cut(line, own, wideMm));
                pen.endText();
            }
        }

        private float fitting(String line, float size, double wideMm) throws IOException {
            double needed = width(line, size);
            double there = wideMm * POINTS;
            return needed <= there
                    ? size
                    : Math.max(Math.min(size, SMALLEST_PT), (float) (size * there / needed) - 0.05f);
        }

        private String cut(String line, float size, double wideMm) throws IOException {
            String shown = line;
            while (shown.length() > 1 && width(shown, size) > wideMm * POINTS) {
                shown = shown.substring(0, shown.length() - 2).strip() + "…";
            }
            return shown;
        }

        private double width(String line, float size) throws IOException {
            return font.getStringWidth(line) / 1000 * size;
        }

        // A letter the font does not have would stop the sheet.
        private String known(String line) {
            StringBuilder known = new StringBuilder();
            line.codePoints().forEach(letter -> {
                String one = Character.toString(letter);
                known.append(writes(one) ? one : "?");
            });
            return known.toString();
        }

        private boolean writes(String letter) {
            try {
                font.encode(letter);
                return true;
            } catch (IOException | IllegalArgumentException e) {
                return false;
            }
        }

        private float up(double fromTopMm) {
            return (float) (pageHighMm - fromTopMm) * POINTS;
        }
    }
}
