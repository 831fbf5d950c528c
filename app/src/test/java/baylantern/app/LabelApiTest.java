package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.day.label.LabelSheet;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Label sheets as they come out of a printer: rendered at 150 dpi, read back by the decoder of another library. */
class LabelApiTest extends ApiTest {

    private static final int DPI = 150;
    private static final float POINTS_PER_MM = 72f / 25.4f;

    @BeforeEach
    void farm() {
        http.smallFarm();
        http.post("/api/grafts", grafts(1, 2, 3));
    }

    private Map<String, Object> grafts(long... stems) {
        Map<String, Object> grafts = Http.graftOf(0, "cleft", http.today(), stems);
        grafts.remove("lotId");
        return grafts;
    }

    private byte[] pdf(String query) {
        Http.Answer answer = http.get("/api/labels.pdf?" + query);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.bytes();
    }

    private static BufferedImage page(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(0, DPI);
        }
    }

    /** Each label cut out of its sheet, as a scanner sees it. */
    private static List<String> read(BufferedImage page, LabelSheet sheet, int labels) throws NotFoundException {
        List<String> codes = new ArrayList<>();
        for (int i = 0; i < labels; i++) {
            LabelSheet.Spot spot = sheet.spot(i);
            BufferedImage label = page.getSubimage(
                    px(spot.xMm()),
                    px(spot.yMm()),
                    px(sheet.label().widthMm()),
                    px(sheet.label().heightMm()));
            BinaryBitmap bits = new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(label)));
            codes.add(new MultiFormatReader().decode(bits).getText());
        }
        return codes;
    }

    private static int px(double mm) {
        return (int) (mm / 25.4 * DPI);
    }

    @Test
    void thePrinterStandInPrintsStripsThatScanAndSaysWhenItsRollIsShort() throws Exception {
        List<String> codes = List.of("AV-1", "AV-2");
        Map<String, Object> entry = Map.of("codes", codes, "kind", "TAG", "parts", List.of("STOCK"));
        http.post("/api/printer/roll", Map.of());
        Http.Answer printed = http.post("/api/printer", entry);
        assertThat(printed.status()).as(printed.text()).isEqualTo(200);
        assertThat(printed.json().get("left").asInt()).isEqualTo(98);
        byte[] png = http.get("/api/printer/strips/"
                        + printed.json().get("printed").get(0).asString())
                .bytes();
        BufferedImage strip = ImageIO.read(new java.io.ByteArrayInputStream(png));
        BufferedImage first = strip.getSubimage(0, 0, strip.getWidth(), strip.getHeight() / 2);
        assertThat(new MultiFormatReader()
                        .decode(new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(first))))
                        .getText())
                .isEqualTo("AV-1");
        List<String> many = java.util.Collections.nCopies(99, "AV-1");
        Http.Answer tooMany = http.post("/api/printer", Map.of("codes", many, "kind", "TAG", "parts", List.of()));
        assertThat(tooMany.status()).isEqualTo(409);
        assertThat(tooMany.text()).contains("has 98 labels left on its roll: put in a new one");
        assertThat(http.get("/api/printer").json().get("left").asInt()).isEqualTo(98);
        assertThat(http.get("/api/printer/strips/nothing").status()).isEqualTo(404);
    }

    @Test
    void eightWhoPrintAtOnceNeverTakeMoreThanTheRollHolds() throws Exception {
        http.post("/api/printer/roll", Map.of());
        Map<String, Object> thirty =
                Map.of("codes", java.util.Collections.nCopies(30, "AV-1"), "kind", "SLAT", "parts", List.of("STOCK"));
        List<Http.Answer> asked = AtOnce.of(8, () -> http.post("/api/printer", thirty));
        assertThat(asked.stream().filter(a -> a.status() == 200)).hasSize(3);
        assertThat(asked.stream().filter(a -> a.status() == 409)).hasSize(5);
        assertThat(http.get("/api/printer").json().get("left").asInt()).isEqualTo(10);
        assertThat(http.post("/api/printer", Map.of("kind", "SLAT", "parts", List.of()))
                        .status())
                .isEqualTo(422);
        assertThat(http.post("/api/printer", Map.of("codes", List.of("XX-1"), "kind", "SLAT", "parts", List.of()))
                        .text())
                .contains("is no code of this farm");
    }

    @Test
    void labelsOfEverySizeAreReadBackFromThePaper() throws Exception {
        for (LabelSheet.Kind kind : LabelSheet.Kind.values()) {
            for (LabelSheet.Paper paper : LabelSheet.Paper.values()) {
                BufferedImage page = page(pdf("day=" + http.today() + "&kind=" + kind + "&paper=" + paper));
                assertThat(read(page, kind.on(paper), 3))
                        .as(kind + " " + paper)
                        .allMatch(code -> code.startsWith("PB-"));
            }
        }
        BufferedImage own = page(pdf("codes=AV-1&widthMm=40&heightMm=14&columns=3&rows=4&gapXMm=2&leftMm=8&topMm=8"));
        LabelSheet sheet = new LabelSheet(
                LabelSheet.Paper.A4,
                new LabelSheet.Size(40, 14),
                new LabelSheet.Grid(3, 4),
                new LabelSheet.Offset(8, 8),
                new LabelSheet.Offset(2, 0));
        assertThat(read(own, sheet, 1)).containsExactly("AV-1");
    }

    /** Where each piece of text ends, points from the left. */
    private static final class Ends extends PDFTextStripper {

        private final List<Float> ends = new ArrayList<>();
        private final StringBuilder words = new StringBuilder();

        @Override
        protected void writeString(String text, List<TextPosition> positions) {
            TextPosition last = positions.get(positions.size() - 1);
            ends.add(last.getXDirAdj() + last.getWidthDirAdj());
            words.append(text).append('\n');
        }
    }

    @Test
    void noTextRunsOverItsLabelAndTheFontIsInTheFile() throws IOException {
        String longName = "Pale Buoy of the long terrace above the harbour with the red ő lantern";
        http.post("/api/varieties", Map.of("speciesKey", "avocado", "name", longName));
        long id = http.get("/api/varieties")
                .json()
                .valueStream()
                .filter(v -> v.get("name").asString().equals(longName))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        http.post(
                "/api/plants/paste",
                Map.of("lines", "AV-9 9", "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1));
        Map<String, Object> graft = grafts(4);
        graft.put("varietyId", id);
        assertThat(http.post("/api/grafts", graft).status()).isEqualTo(200);
        byte[] pdf = pdf("day=" + http.today() + "&kind=TAG");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            Ends ends = new Ends();
            ends.setSortByPosition(true);
            ends.getText(document);
            float left = (210 - 4 * 50) / 2f;
            assertThat(ends.ends).isNotEmpty().allSatisfy(end -> {
                float within = (end / POINTS_PER_MM - left) % 50;
                assertThat(within).as(ends.words.toString()).isBetween(10f, 49f);
            });
            for (PDPage page : document.getPages()) {
                page.getResources().getFontNames().forEach(name -> {
                    try {
                        assertThat(page.getResources().getFont(name).isEmbedded())
                                .isTrue();
                    } catch (IOException e) {
                        throw new java.io.UncheckedIOException(e);
                    }
                });
            }
        }
    }

    private static byte[] photo(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, "jpg", out)).isTrue();
        return out.toByteArray();
    }

    @Test
    void aPhotoOfALabelIsReadAndWhatShowsNoneIsSaid() throws IOException {
        BufferedImage one = page(pdf("codes=AV-2&kind=STAKE"));
        Http.Answer read = http.file("/api/scans", photo(one));
        assertThat(read.json().get("codes").valueStream().map(c -> c.asString()))
                .containsExactly("AV-2");
        BufferedImage two = page(pdf("codes=AV-2,AV-1&kind=STAKE"));
        assertThat(http.file("/api/scans", photo(two)).json().get("codes").size())
                .isEqualTo(2);
        Http.Answer none = http.file("/api/scans", photo(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB)));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.text()).contains("No square code of a label is to be seen");
        assertThat(http.file("/api/scans", "no picture".getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void whatCannotBePrintedIsSaid() {
        assertThat(http.get("/api/labels.pdf?codes=AV-1&columns=9").text()).contains("the paper is 210 mm wide");
        assertThat(http.get("/api/labels.pdf?codes=XX-9").text()).contains("is no code of this farm");
        assertThat(http.get("/api/labels.pdf").status()).isEqualTo(422);
        assertThat(http.get("/api/labels.pdf?codes=AV-1&parts=colour").status()).isEqualTo(422);
        assertThat(http.get("/api/labels.pdf?codes=AV-1&kind=FLAG").status()).isBetween(400, 422);
    }

    /** A photo is seldom straight: the sheet turned, darker, and not sharp. */
    private static BufferedImage turned(BufferedImage sheet, double degrees) {
        int side = Math.max(sheet.getWidth(), sheet.getHeight());
        BufferedImage photo = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
        java.awt.Graphics2D pen = photo.createGraphics();
        pen.setColor(new java.awt.Color(120, 110, 90));
        pen.fillRect(0, 0, side, side);
        pen.setRenderingHint(
                java.awt.RenderingHints.KEY_INTERPOLATION, java.awt.RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.rotate(Math.toRadians(degrees), side / 2.0, side / 2.0);
        pen.drawImage(sheet.getSubimage(0, 0, sheet.getWidth() / 2, sheet.getHeight() / 4), side / 4, side / 3, null);
        pen.setColor(new java.awt.Color(0, 0, 0, 70));
        pen.fillRect(0, 0, side, side);
        pen.dispose();
        return photo;
    }

    @Test
    void aCrookedPhotoInTheShadeIsReadToo() throws IOException {
        BufferedImage sheet = page(pdf("codes=AV-3&kind=STAKE"));
        for (double degrees : new double[] {0, 8, 25, 90, 171, 300}) {
            Http.Answer read = http.file("/api/scans", photo(turned(sheet, degrees)));
            assertThat(read.text()).as("turned by " + degrees).contains("AV-3");
        }
    }

    /** A few bytes that say they are a picture of so many points. */
    private static byte[] saidToBe(int wide, int high) throws IOException {
        ByteArrayOutputStream chunk = new ByteArrayOutputStream();
        java.io.DataOutputStream header = new java.io.DataOutputStream(chunk);
        header.writeBytes("IHDR");
        header.writeInt(wide);
        header.writeInt(high);
        header.write(new byte[] {8, 2, 0, 0, 0});
        java.util.zip.CRC32 sum = new java.util.zip.CRC32();
        sum.update(chunk.toByteArray());
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        java.io.DataOutputStream out = new java.io.DataOutputStream(png);
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        out.writeInt(13);
        out.write(chunk.toByteArray());
        out.writeInt((int) sum.getValue());
        return png.toByteArray();
    }

    @Test
    void aPictureThatSaysItIsHugeIsNotUnpacked() throws IOException {
        Http.Answer huge = http.file("/api/scans", saidToBe(60_000, 60_000));
        assertThat(huge.status()).isBetween(413, 422);
        assertThat(huge.text()).contains("too large to read");
        assertThat(http.file("/api/scans", saidToBe(300, 300)).text()).contains("damaged or cut short");
    }
}
