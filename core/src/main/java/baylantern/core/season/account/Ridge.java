package baylantern.core.season.account;

import java.util.Arrays;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.decomposition.chol.CholeskyDecompositionInner_DDRM;
import org.ejml.dense.row.linsol.chol.LinearSolverChol_DDRM;

/** Weighted rows gathered into normal equations, to be solved with every coefficient drawn to what it is beforehand. */
final class Ridge {

    private final DMatrixRMaj square;
    private final DMatrixRMaj right;
    private final double[] beforehand;

    /** Gathers rows of this width, all coefficients 0 beforehand. */
    Ridge(int width) {
        this(new double[width]);
    }

    /** Gathers rows of as many coefficients as these, which they are beforehand. */
    Ridge(double[] beforehand) {
        this(
                new DMatrixRMaj(beforehand.length, beforehand.length),
                new DMatrixRMaj(beforehand.length, 1),
                beforehand.clone());
    }

    // Of the square the half above the diagonal is read, the other is its mirror; both tell of what is beyond
    // beforehand.
    private Ridge(DMatrixRMaj square, DMatrixRMaj right, double[] beforehand) {
        this.square = square;
        this.right = right;
        this.beforehand = beforehand;
    }

    /** Adds a row: its square times {@code weight}, it times {@code pull} on the right. */
    void add(double[] row, double weight, double pull) {
        double held = 0;
        for (int i = 0; i < row.length; i++) {
            held += row[i] * beforehand[i];
        }
        double beyond = pull - weight * held;
        for (int i = 0; i < row.length; i++) {
            double by = row[i] * weight;
            int line = i * row.length;
            for (int j = i; j < row.length; j++) {
                square.data[line + j] += by * row[j];
            }
            right.data[i] += row[i] * beyond;
        }
    }

    /** How many coefficients there are. */
    int width() {
        return right.numRows;
    }

    /**
     * What was found.
     *
     * @param evidence log of how likely the rows were with these spreads, but for what is the same with all spreads
     */
    record Fit(double[] coefficients, double evidence) {}

    /** The coefficients, of which it was found how far each is from what it is beforehand. */
    double[] whole(DMatrixRMaj beyond) {
        double[] whole = beforehand.clone();
        for (int i = 0; i < whole.length; i++) {
            whole[i] += beyond.data[i];
        }
        return whole;
    }

    /**
     * The coefficients, each drawn to what it is beforehand from a spread above 0, and what speaks for these spreads: the likelihood with all
     * coefficients summed out (MacKay 1992, Bayesian interpolation), ½·bᵀA⁻¹b − ½·ln|A| − ½·ln|P| with P the spreads'
     * squares and A what was gathered plus P⁻¹.
     */
    Fit fit(double[] spreads) {
        Settled settled = settled(spreads);
        return new Fit(whole(settled.alone), settled.evidence);
    }

    /**
     * The first so many coefficients, drawn from a spread above 0, settled whatever the others are; all counted from what they
     * are beforehand.
     *
     * @param alone they themselves were the others 0
     * @param by by how much less they are for each unit of another
     * @param rest what the rows then say of the others
     * @param evidence as of {@link Fit}, what the first contribute to it
     */
    record Settled(DMatrixRMaj alone, DMatrixRMaj by, Ridge rest, double evidence) {

        /** All coefficients, the others being these. */
        DMatrixRMaj with(DMatrixRMaj others) {
            if (others.numRows == 0) {
                return alone;
            }
            DMatrixRMaj all = new DMatrixRMaj(alone.numRows + others.numRows, 1);
            DMatrixRMaj own = alone.copy();
            CommonOps_DDRM.multAdd(-1, by, others, own);
            CommonOps_DDRM.insert(own, all, 0, 0);
            CommonOps_DDRM.insert(others, all, own.numRows, 0);
            return all;
        }
    }

    /** Settles the first so many, all drawn from the same spread. */
    Settled settled(int first, double spread) {
        double[] spreads = new double[first];
        Arrays.fill(spreads, spread);
        return settled(spreads);
    }

    private Settled settled(double[] spreads) {
        int width = width();
        int first = spreads.length;
        DMatrixRMaj drawn = CommonOps_DDRM.extract(square, 0, first, 0, first);
        CommonOps_DDRM.symmUpperToFull(drawn);
        double evidence = 0;
        for (int i = 0; i < first; i++) {
            drawn.add(i, i, 1 / (spreads[i] * spreads[i]));
            evidence -= Math.log(spreads[i]);
        }
        CholeskyDecompositionInner_DDRM cholesky = new CholeskyDecompositionInner_DDRM(true);
        LinearSolverChol_DDRM solver = new LinearSolverChol_DDRM(cholesky);
        if (!solver.setA(drawn)) {
            throw new IllegalStateException("coefficients that are drawn to nothing cannot be told apart");
        }
        DMatrixRMaj alone = new DMatrixRMaj(first, 1);
        DMatrixRMaj pulled = CommonOps_DDRM.extract(right, 0, first, 0, 1);
        solver.solve(pulled, alone);
        evidence += CommonOps_DDRM.dot(alone, pulled) / 2;
        DMatrixRMaj lower = cholesky.getT();
        for (int i = 0; i < first; i++) {
            evidence -= Math.log(lower.get(i, i));
        }
        DMatrixRMaj by = new DMatrixRMaj(first, width - first);
        if (width == first) {
            return new Settled(alone, by, new Ridge(0), evidence);
        }
        DMatrixRMaj between = CommonOps_DDRM.extract(square, 0, first, first, width);
        solver.solve(between, by);
        Ridge rest = new Ridge(
                CommonOps_DDRM.extract(square, first, width, first, width),
                CommonOps_DDRM.extract(right, first, width, 0, 1),
                new double[width - first]);
        CommonOps_DDRM.multAddTransA(-1, between, by, rest.square);
        CommonOps_DDRM.multAddTransA(-1, between, alone, rest.right);
        return new Settled(alone, by, rest, evidence);
    }
}
