package baylantern.core.fit.contact;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** Where functions cross zero. */
final class Roots {

    private static final int CELLS = 120;
    private static final int HALVINGS = 48;

    private Roots() {}

    /** Real roots of a·z² + b·z + c, none for a constant. */
    static double[] quadratic(double a, double b, double c) {
        if (a == 0) {
            return b == 0 ? new double[0] : new double[] {-c / b};
        }
        double under = b * b - 4 * a * c;
        if (!(under >= 0)) {
            return new double[0];
        }
        // The larger of the two sums first, so that nothing cancels.
        double q = -(b + Math.copySign(Math.sqrt(under), b)) / 2;
        return q == 0 ? new double[] {0} : new double[] {q / a, c / q};
    }

    /** Changes of sign of f between from and to; a pair of them nearer than a cell of 1/120 may be missed. */
    static List<Double> scanned(DoubleUnaryOperator f, double from, double to) {
        List<Double> found = new ArrayList<>();
        double step = (to - from) / CELLS;
        double left = from;
        double fLeft = f.applyAsDouble(left);
        for (int i = 1; i <= CELLS; i++) {
            double right = from + i * step;
            double fRight = f.applyAsDouble(right);
            if (fLeft * fRight < 0) {
                found.add(bisect(f, left, right, fLeft));
            } else if (Double.isNaN(fLeft) != Double.isNaN(fRight)) {
                found.add(edge(f, left, right, Double.isNaN(fLeft)));
            }
            left = right;
            fLeft = fRight;
        }
        return found;
    }

    private static double bisect(DoubleUnaryOperator f, double left, double right, double fLeft) {
        double a = left;
        double b = right;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (a + b) / 2;
            if (f.applyAsDouble(middle) * fLeft > 0) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return (a + b) / 2;
    }

    // Where f begins or ceases to exist.
    private static double edge(DoubleUnaryOperator f, double left, double right, boolean leftMissing) {
        double a = left;
        double b = right;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (a + b) / 2;
            if (Double.isNaN(f.applyAsDouble(middle)) == leftMissing) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return (a + b) / 2;
    }
}
