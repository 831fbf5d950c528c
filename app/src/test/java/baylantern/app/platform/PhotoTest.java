package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Photos as cameras hold and write them. */
class PhotoTest {

    private static final int WIDE = 320;
    private static final int HIGH = 200;

    // Green, red in the quarter at the top left.
    private static byte[] jpeg(int turn) throws IOException {
        BufferedImage image = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.GREEN);
        pen.fillRect(0, 0, WIDE, HIGH);
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, WIDE / 2, HIGH / 2);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        byte[] plain = out.toByteArray();
        ByteBuffer told = ByteBuffer.allocate(32).order(ByteOrder.LITTLE_ENDIAN);
        told.put("Exif\0\0II*\0".getBytes(StandardCharsets.US_ASCII)).putInt(8).putShort((short) 1);
        told.putShort((short) 0x0112).putShort((short) 3).putInt(1).putInt(turn).putInt(0);
        ByteBuffer all = ByteBuffer.allocate(plain.length + 36);
        all.put(plain, 0, 2).putShort((short) 0xFFE1).putShort((short) 34);
        return all.put(told.array()).put(plain, 2, plain.length - 2).array();
    }

    /** Where the red corner lies once the photo stands upright, as the eight ways of holding a camera are numbered. */
    @ParameterizedTest
    @CsvSource({
        "1, 320, left, top", "2, 320, right, top", "3, 320, right, bottom", "4, 320, left, bottom",
        "5, 200, left, top", "6, 200, right, top", "7, 200, right, bottom", "8, 200, left, bottom"
    })
    void itStandsUprightHoweverItWasHeld(int turn, int wide, String side, String end) throws IOException {
        BufferedImage upright = Photo.read(jpeg(turn), 1000);
        assertThat(upright.getWidth()).isEqualTo(wide);
        assertThat(upright.getHeight()).isEqualTo(WIDE + HIGH - wide);
        int x = side.equals("left") ? 10 : wide - 10;
        int y = end.equals("top") ? 10 : upright.getHeight() - 10;
        assertThat(new Color(upright.getRGB(x, y)).getRed()).isGreaterThan(200);
        assertThat(new Color(upright.getRGB(wide - x, upright.getHeight() - y)).getGreen())
                .isGreaterThan(200);
    }

    @Test
    void itIsNoLargerThanWantedAndNeverMadeLarger() throws IOException {
        assertThat(Photo.read(jpeg(1), 160).getWidth()).isEqualTo(160);
        assertThat(Photo.read(jpeg(6), 160).getHeight()).isEqualTo(160);
        assertThat(Photo.read(jpeg(1), 5000).getWidth()).isEqualTo(WIDE);
        byte[] again = Photo.jpeg(Photo.read(jpeg(1), 100));
        assertThat(ImageIO.read(new ByteArrayInputStream(again)).getWidth()).isEqualTo(100);
        assertThat(new String(again, StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
    }

    @Test
    void whatIsCutShortSaysSo() throws IOException {
        byte[] whole = jpeg(1);
        byte[] cut = java.util.Arrays.copyOf(whole, whole.length / 4);
        assertThatThrownBy(() -> Photo.read(cut, 1000)).isInstanceOf(FarmProblem.class);
        assertThatThrownBy(() -> Photo.read(new byte[] {1, 2, 3}, 1000)).hasMessageContaining("no picture");
    }
}
