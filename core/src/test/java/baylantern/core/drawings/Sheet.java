package baylantern.core.drawings;

import java.util.Locale;
import java.util.function.DoubleUnaryOperator;

/** A plain drawing with two axes, written as SVG. */
final class Sheet {

    private static final int WIDTH = 720;
    private static final int HEIGHT = 260;
    private static final int LEFT = 46;
    private static final int BOTTOM = 34;
    private static final int TOP = 16;

    private final double fromX;
    private final double toX;
    private final double fromY;
    private final double toY;
    private final StringBuilder body = new StringBuilder();

    Sheet(double fromX, double toX, double fromY, double toY) {
        this.fromX = fromX;
        this.toX = toX;
        this.fromY = fromY;
        this.toY = toY;
    }

    double x(double value) {
        return LEFT + (value - fromX) / (toX - fromX) * (WIDTH - LEFT - 12);
    }

    double y(double value) {
        return HEIGHT - BOTTOM - (value - fromY) / (toY - fromY) * (HEIGHT - BOTTOM - TOP);
    }

    Sheet curve(String colour, DoubleUnaryOperator f, int points) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i <= points; i++) {
            double at = fromX + (toX - fromX) * i / points;
            path.append(i == 0 ? "M" : "L").append(n(x(at))).append(' ').append(n(y(f.applyAsDouble(at))));
        }
        body.append(say("<path d=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"2\"/>%n", path, colour));
        return this;
    }

    Sheet box(double a, double b, double low, double high, String colour, double opacity) {
        body.append(say(
                "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"%s\" fill-opacity=\"%s\"/>%n",
                n(x(a)), n(y(high)), n(x(b) - x(a)), n(y(low) - y(high)), colour, n(opacity)));
        return this;
    }

    Sheet line(double a, double low, double b, double high, String colour, String dash) {
        body.append(say(
                "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"%s\" stroke-width=\"1.4\" stroke-dasharray=\"%s\"/>%n",
                n(x(a)), n(y(low)), n(x(b)), n(y(high)), colour, dash));
        return this;
    }

    Sheet words(double at, double high, String text) {
        body.append(say("<text x=\"%s\" y=\"%s\">%s</text>%n", n(x(at)), n(y(high)), text));
        return this;
    }

    Sheet acrossTick(double at, String text) {
        body.append(say(
                "<text x=\"%s\" y=\"%s\" text-anchor=\"middle\" fill=\"#47595d\">%s</text>%n",
                n(x(at)), HEIGHT - 12, text));
        return this;
    }

    Sheet upTick(double at, String text) {
        line(fromX, at, toX, at, "#c9d5d1", "none");
        body.append(say(
                "<text x=\"%s\" y=\"%s\" text-anchor=\"end\" fill=\"#47595d\">%s</text>%n",
                LEFT - 6, n(y(at) + 4), text));
        return this;
    }

    String svg(String title) {
        return say(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" font-family=\"sans-serif\" font-size=\"13\">%n"
                        + "<title>%s</title>%n<rect width=\"%d\" height=\"%d\" fill=\"#f1f5f3\"/>%n%s</svg>%n",
                WIDTH, HEIGHT, title, WIDTH, HEIGHT, body);
    }

    private static String n(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static String say(String form, Object... with) {
        return String.format(Locale.ROOT, form.replace("%n", "\n"), with);
    }
}
