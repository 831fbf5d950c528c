package baylantern.core.season.account;

import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.decomposition.chol.CholeskyDecompositionInner_DDRM;
import org.ejml.dense.row.linsol.chol.LinearSolverChol_DDRM;

/** Weighted rows gathered into normal equations, to be solved with every coefficient drawn to 0. */
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

    /**
     * What was found.
     *
     * @param evidence log of how likely the rows were with these spreads, but for what is the same with all spreads
     */
    record Fit(double[] coefficients, double evidence) {}

    /**
     * The coefficients, each drawn to 0 from a spread above 0, and what speaks for these spreads: the likelihood with all
     * coefficients summed out (MacKay 1992, Bayesian interpolation), ½·bᵀA⁻¹b − ½·ln|A| − ½·ln|P| with P the spreads'
     * squares and A what was gathered plus P⁻¹.
     */
    Fit fit(double[] spreads) {
        int width = spreads.length;
        DMatrixRMaj drawn = new DMatrixRMaj(width, width);
        double evidence = 0;
        for (int i = 0; i < width; i++) {
            for (int j = 0; j <= i; j++) {
                drawn.set(i, j, square.get(j, i));
                drawn.set(j, i, square.get(j, i));
            }
            drawn.add(i, i, 1 / (spreads[i] * spreads[i]));
            evidence -= Math.log(spreads[i]);
        }
        CholeskyDecompositionInner_DDRM cholesky = new CholeskyDecompositionInner_DDRM(true);
        LinearSolverChol_DDRM solver = new LinearSolverChol_DDRM(cholesky);
        if (!solver.setA(drawn)) {
            throw new IllegalStateException("coefficients that are drawn to nothing cannot be told apart");
        }
        DMatrixRMaj found = new DMatrixRMaj(width, 1);
        solver.solve(right, found);
        DMatrixRMaj lower = cholesky.getT();
        for (int i = 0; i < width; i++) {
            evidence -= Math.log(lower.get(i, i));
            evidence += found.get(i) * right.get(i) / 2;
        }
        return new Fit(found.data, evidence);
    }
}
