package baylantern.core.season.account;

/** Least squares drawn towards nothing, by Cholesky's decomposition. */
final class Ridge {

    private Ridge() {}

    /** The coefficients of rows that tell {@code left} best, each row with a precision, all with a prior one about 0. */
    static double[] solve(double[][] rows, double[] left, double[] precision, double prior) {
        int n = rows.length == 0 ? 4 : rows[0].length;
        double[][] a = new double[n][n];
        double[] b = new double[n];
        for (int i = 0; i < rows.length; i++) {
            add(a, b, rows[i], precision[i], left[i] * precision[i]);
        }
        for (int i = 0; i < n; i++) {
            a[i][i] += prior;
        }
        return solve(a, b);
    }

    /** Adds a row: its square times {@code weight} to the matrix, it times {@code pull} to the right side. */
    static void add(double[][] a, double[] b, double[] row, double weight, double pull) {
        for (int i = 0; i < row.length; i++) {
            double by = row[i] * weight;
            for (int j = 0; j <= i; j++) {
                a[i][j] += by * row[j];
            }
            b[i] += row[i] * pull;
        }
    }

    /** Solves a x = b for a positive definite matrix of which the lower half is filled; both are overwritten. */
    static double[] solve(double[][] a, double[] b) {
        int n = b.length;
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = a[i][j];
                for (int k = 0; k < j; k++) {
                    sum -= a[i][k] * a[j][k];
                }
                a[i][j] = i == j ? Math.sqrt(Math.max(1e-12, sum)) : sum / a[j][j];
            }
        }
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < i; k++) {
                b[i] -= a[i][k] * b[k];
            }
            b[i] /= a[i][i];
        }
        for (int i = n - 1; i >= 0; i--) {
            for (int k = i + 1; k < n; k++) {
                b[i] -= a[k][i] * b[k];
            }
            b[i] /= a[i][i];
        }
        return b;
    }
}
