package baylantern.app.platform;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A code or an address as a square code (ISO/IEC 18004) for a camera, dot by dot, drawn and in letters. */
public final class SquareCode {

    private static final int EDGE = 2;

    private final BitMatrix dots;

    private SquareCode(BitMatrix dots) {
        this.dots = dots;
    }

    /** The square code of a text; dots at the edges are left to whoever draws it. */
    public static SquareCode of(String text) {
        try {
            return new SquareCode(new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 0)));
        } catch (WriterException e) {
            throw new IllegalArgumentException(text + " is too long for a square code", e);
        }
    }

    /** How many dots a side has. */
    public int side() {
        return dots.getWidth();
    }

    /** Whether a dot is dark, counted from the top left. */
    public boolean isDark(int x, int y) {
        return dots.get(x, y);
    }

    /** The dark dots as one path, a dot 1 by 1. */
    public String path() {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < side(); y++) {
            for (int x = 0; x < side(); x++) {
                if (isDark(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return path.toString();
    }

    /** In letters for a dark terminal: two rows of dots to a line, light where the code is light. */
    public String letters() {
        StringBuilder all = new StringBuilder();
        for (int y = -EDGE; y < side() + EDGE; y += 2) {
            for (int x = -EDGE; x < side() + EDGE; x++) {
                boolean above = isLight(x, y);
                boolean below = isLight(x, y + 1);
                all.append(above ? below ? '█' : '▀' : below ? '▄' : ' ');
            }
            all.append('\n');
        }
        return all.toString();
    }

    private boolean isLight(int x, int y) {
        return x < 0 || y < 0 || x >= side() || y >= side() || !isDark(x, y);
    }
}
