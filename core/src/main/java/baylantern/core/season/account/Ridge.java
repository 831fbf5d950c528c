package baylantern.core.season.account;

import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/** Weighted rows gathered into normal equations, with a prior that draws every coefficient to some value. */
final class Ridge {

    private final DMatrixRMaj square;
    private final DMatrixRMaj right;

    /** Gathers rows of this width. */
    Ridge(int width) {
        this.square = new DMatrixRMaj(width, width);
        this.right = new DMatrixRMaj(width, 1);
    }

    /** Adds a row: its square times {@code weight}, it times {@code pull} on the right. */
    void add(double[] row, double weight, double pull) {
        // Half of it: the other half is its mirror.
        for (int i = 0; i < row.length; i++) {
            double by = row[i] * weight;
            int line = i * row.length;
            for (int j = i; j < row.length; j++) {
                square.data[line + j] += by * row[j];
            }
            right.data[i] += row[i] * pull;
        }
    }

    /** Draws a coefficient to {@code away} from nothing, with a spread. */
    void draw(int coefficient, double away, double spread) {
        double precision = 1 / (spread * spread);
        square.add(coefficient, coefficient, precision);
        right.add(coefficient, 0, away * precision);
    }

    /** The coefficients; every one must have been drawn to something. */
    double[] solve() {
        for (int i = 0; i < square.numRows; i++) {
            for (int j = 0; j < i; j++) {
                square.set(i, j, square.get(j, i));
            }
        }
        DMatrixRMaj found = new DMatrixRMaj(right.numRows, 1);
        if (!CommonOps_DDRM.solveSPD(square, right, found)) {
            throw new IllegalStateException("coefficients that are drawn to nothing cannot be told apart");
        }
        return found.data;
    }
}
