package baylantern.app.platform;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;

/**
 * A photo somebody sent. Its size is looked at before it is unpacked, for a small file can hold a huge picture; it is
 * read no larger than is wanted, and one at a time, so that many at once do not fill the memory.
 */
public final class Photo {

    /** The most bytes a photo may have. */
    public static final int MOST_BYTES = 20_000_000;

    private static final long MOST_POINTS = 60_000_000;
    private static final List<String> KINDS = List.of("JPEG", "PNG", "WEBP");
    private static final String WANTED = "a photo as JPEG, PNG or WebP of up to 20 MB";
    private static final float QUALITY = 0.82f;

    private Photo() {}

    /**
     * The photo, upright, its longer side at most as many points as said; what the file told beside the picture, such as the
     * place it was taken at, is left behind.
     */
    public static BufferedImage read(byte[] file, int longest) {
        if (file.length > MOST_BYTES) {
            throw FarmProblem.tooLarge("A photo is at most 20 MB.");
        }
        return scaled(upright(unpacked(file, 2 * longest), turn(file)), longest);
    }

    private static synchronized BufferedImage unpacked(byte[] file, int longest) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw noPicture(null);
            }
            ImageReader reader = readers.next();
            try {
                return unpacked(reader, in, longest);
            } finally {
                reader.dispose();
            }
        } catch (FarmProblem problem) {
            throw problem;
        } catch (IOException | RuntimeException e) {
            throw noPicture(e);
        }
    }

    private static BufferedImage unpacked(ImageReader reader, ImageInputStream in, int longest) throws IOException {
        if (!KINDS.contains(reader.getFormatName().toUpperCase(Locale.ROOT))) {
            throw noPicture(null);
        }
        reader.setInput(in, true, true);
        long wide = reader.getWidth(0);
        long high = reader.getHeight(0);
        if (wide * high > MOST_POINTS) {
            throw FarmProblem.tooLarge("This picture is " + wide + " by " + high
                    + " points: too large to read. Take it smaller, up to 60 million points.");
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int every = (int) Math.max(1, Math.max(wide, high) / longest);
        param.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, param);
    }

    private static FarmProblem noPicture(@Nullable Exception cause) {
        return FarmProblem.wrong(
                "picture",
                cause == null ? "no picture" : "a damaged picture",
                WANTED,
                cause == null
                        ? "This is no picture that can be read: " + WANTED + " is wanted."
                        : "This picture is damaged or cut short: " + WANTED + " is wanted.");
    }

    // How the camera was held, as it wrote it beside the picture: 1 to 8.
    private static int turn(byte[] file) {
        try {
            ExifIFD0Directory told = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return told != null && told.containsTag(ExifDirectoryBase.TAG_ORIENTATION)
                    ? told.getInt(ExifDirectoryBase.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException | IOException | RuntimeException e) {
            return 1;
        }
    }

    private static BufferedImage upright(BufferedImage image, int turn) {
        int w = image.getWidth();
        int h = image.getHeight();
        AffineTransform way = switch (turn) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        boolean lying = turn >= 5 && turn <= 8;
        return drawn(image, lying ? h : w, lying ? w : h, way);
    }

    private static BufferedImage scaled(BufferedImage image, int longest) {
        double by = Math.min(1, longest / (double) Math.max(image.getWidth(), image.getHeight()));
        int w = Math.max(1, (int) Math.round(image.getWidth() * by));
        int h = Math.max(1, (int) Math.round(image.getHeight() * by));
        return drawn(
                image,
                w,
                h,
                AffineTransform.getScaleInstance(w / (double) image.getWidth(), h / (double) image.getHeight()));
    }

    // What a picture leaves transparent is white, as on paper.
    private static BufferedImage drawn(BufferedImage image, int wide, int high, AffineTransform way) {
        BufferedImage out = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = out.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, wide, high);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, way, null);
        pen.dispose();
        return out;
    }

    /** The picture as a JPEG file that tells nothing but the picture. */
    public static byte[] jpeg(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                var out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), param);
            out.flush();
            return bytes.toByteArray();
        } finally {
            writer.dispose();
        }
    }
}
