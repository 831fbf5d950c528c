package baylantern.app.day;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Photo;
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
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** Reads the square codes of labels from a photo, as a phone takes it. */
@Service
class ScanService {

    /** So wide a picture shows a label well enough, and is read at once. */
    private static final int WIDE = 1600;

    private static final int LONGEST = 60;

    /** Codes in a photo, from left to right; more than one where it shows several labels. */
    record Scanned(List<String> codes) {}

    Scanned read(byte[] picture) {
        BufferedImage image = Photo.read(picture, 2 * WIDE);
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
