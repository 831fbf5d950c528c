package baylantern.app;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

/** Photos as phones send them, and files that only look like some. */
final class TestPhotos {

    private TestPhotos() {}

    /** 400 by 300 points, red at the top left, written by a camera that was held upright and knew where it was. */
    static byte[] jpegHeldUpright() {
        byte[] plain = written("jpeg", 400, 300);
        byte[] told = beside();
        ByteBuffer out = ByteBuffer.allocate(plain.length + told.length + 4);
        out.put(plain, 0, 2).putShort((short) 0xFFE1).putShort((short) (told.length + 2));
        return out.put(told).put(plain, 2, plain.length - 2).array();
    }

    // The camera's own words: turned by a quarter, and a latitude.
    private static byte[] beside() {
        ByteBuffer tiff = ByteBuffer.allocate(120).order(ByteOrder.LITTLE_ENDIAN);
        tiff.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        tiff.put("II*\0".getBytes(StandardCharsets.US_ASCII)).putInt(8);
        tiff.putShort((short) 2);
        tiff.putShort((short) 0x0112).putShort((short) 3).putInt(1).putInt(6);
        tiff.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(38);
        tiff.putInt(0);
        tiff.putShort((short) 2);
        tiff.putShort((short) 1).putShort((short) 2).putInt(2).putInt('S');
        tiff.putShort((short) 2).putShort((short) 5).putInt(3).putInt(68);
        tiff.putInt(0);
        for (int part : new int[] {27, 1, 30, 1, 12, 1}) {
            tiff.putInt(part);
        }
        return tiff.array();
    }

    static byte[] png() {
        return written("png", 60, 40);
    }

    /** One point, in the third of the kinds that are read. */
    static byte[] webp() {
        return Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");
    }

    static byte[] gif() {
        return written("gif", 20, 20);
    }

    /** A file of a few bytes that says it holds a picture of this many points each way. */
    static byte[] bomb(int points) {
        ByteBuffer head = ByteBuffer.allocate(17).put("IHDR".getBytes(StandardCharsets.US_ASCII));
        head.putInt(points).putInt(points).put(new byte[] {8, 2, 0, 0, 0});
        CRC32 crc = new CRC32();
        crc.update(head.array());
        ByteBuffer out = ByteBuffer.allocate(33).putLong(0x89504E470D0A1A0AL).putInt(13);
        return out.put(head.array()).putInt((int) crc.getValue()).array();
    }

    private static byte[] written(String kind, int wide, int high) {
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.GREEN);
        pen.fillRect(0, 0, wide, high);
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, wide / 4, high / 4);
        pen.dispose();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, kind, out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
