package baylantern.core.season.account;

import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * How far groups of coefficients may lie from what they are beforehand, not held for known: what each spread would make of them counts as the
 * evidence for it. So what does not show in the records stays out, and what shows is let in. Group by group is settled
 * given those after it, so that what the first spreads make of the rows is worked out once for all that follow.
 *
 * @param groups in the order of the coefficients, all of them in one
 */
record Spreads(List<Group> groups) {

    /**
     * Coefficients that lie as far from it as each other.
     *
     * @param tried the spreads they may have, all above 0
     */
    record Group(int size, double... tried) {}

    /** The coefficients in the mean over some spreads, and the log of how likely these made the rows. */
    private record Mean(double evidence, DMatrixRMaj coefficients) {}

    /** The coefficients, in the mean over all spreads. */
    double[] coefficients(Ridge ridge) {
        return ridge.whole(over(ridge, groups).coefficients);
    }

    private static Mean over(Ridge ridge, List<Group> left) {
        if (left.isEmpty()) {
            return new Mean(0, new DMatrixRMaj(0, 1));
        }
        Group own = left.get(0);
        DMatrixRMaj sum = new DMatrixRMaj(ridge.width(), 1);
        double all = Double.NEGATIVE_INFINITY;
        for (double spread : own.tried) {
            Ridge.Settled settled = ridge.settled(own.size, spread);
            Mean after = over(settled.rest(), left.subList(1, left.size()));
            double evidence = settled.evidence() + after.evidence;
            double either = Math.max(all, evidence) + Math.log1p(Math.exp(-Math.abs(all - evidence)));
            CommonOps_DDRM.scale(Math.exp(all - either), sum);
            CommonOps_DDRM.addEquals(sum, Math.exp(evidence - either), settled.with(after.coefficients));
            all = either;
        }
        return new Mean(all, sum);
    }
}
