package baylantern.core.take.gain;

import java.util.Arrays;
import org.ejml.data.DMatrixRMaj;

/**
 * What a session adds to Newton's step: the weight and slope of its own luck, and how that hangs together with the
 * coefficients its grafts have.
 */
final class SessionBlock {

    private final double weight;
    private final double slope;
    private final int[] at;
    private final double[] cross;

    private SessionBlock(double weight, double slope, int[] at, double[] cross) {
        this.weight = weight;
        this.slope = slope;
        this.at = at;
        this.cross = cross;
    }

    /** Takes the session out of the coefficients' equations; only the lower triangle is written. */
    void takeOut(DMatrixRMaj h, DMatrixRMaj gradient) {
        for (int i = 0; i < at.length; i++) {
            double share = cross[i] / weight;
            gradient.add(at[i], 0, -share * slope);
            for (int j = 0; j <= i; j++) {
                h.add(Math.max(at[i], at[j]), Math.min(at[i], at[j]), -share * cross[j]);
            }
        }
    }

    /** How far its luck moves once the coefficients have. */
    double step(double[] ofB) {
        double left = slope;
        for (int i = 0; i < at.length; i++) {
            left -= cross[i] * ofB[at[i]];
        }
        return left / weight;
    }

    /** How sure its luck is: {@code 1/d + h'Vh / d²}. */
    double variance(DMatrixRMaj covariance) {
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            for (int j = 0; j < at.length; j++) {
                sum += cross[i] * cross[j] * covariance.get(at[i], at[j]);
            }
        }
        return 1 / weight + sum / (weight * weight);
    }

    /** Gathers a session, graft by graft; used again for the next. */
    static final class Filling {

        private double weight;
        private double slope;
        private final double[] cross;
        private final boolean[] has;
        private int[] at = new int[16];
        private int count;

        Filling(int columns) {
            cross = new double[columns];
            has = new boolean[columns];
        }

        void clear() {
            for (int i = 0; i < count; i++) {
                cross[at[i]] = 0;
                has[at[i]] = false;
            }
            count = 0;
            weight = 0;
            slope = 0;
        }

        void add(double moreWeight, double moreSlope) {
            weight += moreWeight;
            slope += moreSlope;
        }

        void cross(int column, double by) {
            if (!has[column]) {
                has[column] = true;
                at = count == at.length ? Arrays.copyOf(at, 2 * count) : at;
                at[count++] = column;
            }
            cross[column] += by;
        }

        SessionBlock block(double precision, double luck) {
            int[] columns = Arrays.copyOf(at, count);
            double[] sums =
                    Arrays.stream(columns).mapToDouble(column -> cross[column]).toArray();
            return new SessionBlock(weight + precision, slope - precision * luck, columns, sums);
        }
    }
}
