package baylantern.e2e;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** A graft as a phone would see it, drawn: the stock, the tie, and a scion with so many leaves. */
final class DrawnPhoto {

    private static final int WIDE = 900;
    private static final int HIGH = 1200;

    private DrawnPhoto() {}

    static byte[] of(int leaves) {
        BufferedImage photo = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = photo.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(new Color(0xC9D3C4));
        pen.fillRect(0, 0, WIDE, HIGH);
        pen.setColor(new Color(0x8A7A62));
        pen.fillRect(0, 1040, WIDE, 160);
        stem(pen, 0x6B5640, 74, 1060, 620);
        stem(pen, 0x7F8F4A, 52, 640, 330);
        stem(pen, 0xE9E4D4, 82, 690, 560);
        for (int leaf = 0; leaf < leaves; leaf++) {
            leaf(pen, 370 + 45 * leaf, leaf % 2 == 0 ? 1 : -1);
        }
        pen.dispose();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(photo, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void stem(Graphics2D pen, int colour, float thick, int from, int to) {
        pen.setColor(new Color(colour));
        pen.setStroke(new BasicStroke(thick, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        pen.draw(new Line2D.Double(WIDE / 2.0, from, WIDE / 2.0 + (1060 - to) / 40.0, to));
    }

    private static void leaf(Graphics2D pen, int high, int side) {
        pen.setColor(new Color(side > 0 ? 0x4F7D3A : 0x8C5A3C));
        var turned = pen.getTransform();
        pen.translate(WIDE / 2.0 + 14, high);
        pen.rotate(side > 0 ? -0.5 : Math.PI + 0.5);
        pen.fill(new Ellipse2D.Double(10, -42, 260, 84));
        pen.setTransform(turned);
    }
}
