package baylantern.app.device;

import baylantern.app.day.LabelPrinter;
import baylantern.app.platform.LanternSettings;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.springframework.stereotype.Component;

/** A stand-in for a label printer: what it prints is a file in the farm's folder, and its roll holds 100 labels. */
@Component
class SimulatedPrinter implements LabelPrinter {

    private static final int ROLL = 100;
    private static final int REMEMBERED = 10;
    private static final int SHOWN = 8;
    private static final int DPI = 120;
    private static final int BETWEEN_PX = 6;

    private final Path folder;
    private final Deque<String> printed = new ArrayDeque<>();
    private int left = ROLL;
    private int number;

    SimulatedPrinter(LanternSettings settings) {
        this.folder = Path.of(settings.data()).resolve("printed");
    }

    @Override
    public synchronized Standing standing() {
        return new Standing(left, List.copyOf(printed));
    }

    @Override
    public synchronized String print(byte[] strips, int labels) throws OutOfLabels {
        if (labels > left) {
            throw new OutOfLabels(left);
        }
        String name = "strip-" + ++number;
        try {
            Files.createDirectories(folder);
            Files.write(folder.resolve(name + ".pdf"), strips);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        left -= labels;
        printed.addFirst(name);
        if (printed.size() > REMEMBERED) {
            printed.removeLast();
        }
        return name;
    }

    @Override
    public synchronized void newRoll() {
        left = ROLL;
    }

    @Override
    public synchronized Optional<byte[]> picture(String name) {
        if (!printed.contains(name)) {
            return Optional.empty();
        }
        try (PDDocument strips = Loader.loadPDF(Files.readAllBytes(folder.resolve(name + ".pdf")))) {
            return Optional.of(png(strips));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    // The first labels, one below the other, as they hang out of the printer.
    private static byte[] png(PDDocument strips) throws IOException {
        PDFRenderer renderer = new PDFRenderer(strips);
        int shown = Math.min(SHOWN, strips.getNumberOfPages());
        BufferedImage first = renderer.renderImageWithDPI(0, DPI);
        BufferedImage all = new BufferedImage(
                first.getWidth(), shown * (first.getHeight() + BETWEEN_PX), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = all.createGraphics();
        pen.setColor(Color.LIGHT_GRAY);
        pen.fillRect(0, 0, all.getWidth(), all.getHeight());
        for (int i = 0; i < shown; i++) {
            pen.drawImage(
                    i == 0 ? first : renderer.renderImageWithDPI(i, DPI),
                    0,
                    i * (first.getHeight() + BETWEEN_PX),
                    null);
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(all, "png", out);
        return out.toByteArray();
    }
}
