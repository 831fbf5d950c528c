package baylantern.app.day;

import baylantern.app.platform.FarmProblem;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.NotFoundException;
import com.google.zxing.Result;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.qrcode.QRCodeMultiReader;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Reads the square codes of labels from a photo, as a phone takes it. */
@Service
class ScanService {

    private static final int MOST_BYTES = 15_000_000;
    private static final long MOST_PIXELS = 120_000_000;

    /** So wide a picture shows a label well enough, and is read at once. */
    private static final int WIDE = 1600;

    private static final int LONGEST = 60;

    /** Codes in a photo, from left to right; more than one where it shows several labels. */
    record Scanned(List<String> codes) {}

    Scanned read(byte[] picture) {
        if (picture.length > MOST_BYTES) {
            throw FarmProblem.tooLarge("A photo is at most 15 MB.");
        }
        BufferedImage image = image(picture);
        for (int wide : new int[] {WIDE, WIDE / 2, WIDE * 2}) {
            List<String> codes = codes(scaled(image, wide));
            if (!codes.isEmpty()) {
                return new Scanned(codes);
            }
        }
        throw FarmProblem.wrong(
                "picture",
                "a photo without a code",
                "a photo of a label",
                "No square code of a label is to be seen in this photo: go nearer, into better light, and hold it flat.");
    }

    private static List<String> codes(BufferedImage image) {
        BinaryBitmap bits = new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(image)));
        try {
            Result[] found = new QRCodeMultiReader().decodeMultiple(bits, Map.of(DecodeHintType.TRY_HARDER, true));
            return Arrays.stream(found)
                    .sorted((a, b) -> Float.compare(a.getResultPoints()[0].getX(), b.getResultPoints()[0].getX()))
                    .map(Result::getText)
                    .filter(text -> text.length() <= LONGEST)
                    .distinct()
                    .toList();
        } catch (NotFoundException e) {
            return List.of();
        }
    }

    // The size is looked at before the picture is unpacked: a small file can hold a huge one.
    private static BufferedImage image(byte[] picture) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw noPicture(null);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                long wide = reader.getWidth(0);
                long high = reader.getHeight(0);
                if (wide * high > MOST_PIXELS) {
                    throw FarmProblem.tooLarge(
                            "This picture is " + wide + " by " + high + " points: too large to read.");
                }
                ImageReadParam param = reader.getDefaultReadParam();
                int every = (int) Math.max(1, Math.max(wide, high) / (2 * WIDE));
                param.setSourceSubsampling(every, every, 0, 0);
                return reader.read(0, param);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof FarmProblem problem) {
                throw problem;
            }
            throw noPicture(e);
        }
    }

    private static FarmProblem noPicture(@Nullable Exception cause) {
        return FarmProblem.wrong(
                "picture",
                cause == null ? "no picture" : "a damaged picture",
                "a photo as JPEG or PNG",
                "This is no picture that can be read: a photo as JPEG or PNG is wanted.");
    }

    private static BufferedImage scaled(BufferedImage image, int wide) {
        double by = Math.min(2, wide / (double) Math.max(image.getWidth(), image.getHeight()));
        int w = Math.max(1, (int) (image.getWidth() * by));
        int h = Math.max(1, (int) (image.getHeight() * by));
        BufferedImage grey = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D pen = grey.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, 0, 0, w, h, null);
        pen.dispose();
        return grey;
    }
}
