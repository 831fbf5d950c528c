package baylantern.core.season.account;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How far groups of coefficients may lie from 0, not held for known: what each spread would make of them counts as the
 * evidence for it. So what does not show in the records stays out, and what shows is let in.
 *
 * @param groups by coefficient the group it belongs to, counted from 0
 * @param tried by group the spreads it may have, all above 0
 */
record Spreads(int[] groups, double[][] tried) {

    /** The coefficients, in the mean over all spreads. */
    double[] coefficients(Ridge ridge) {
        List<Ridge.Fit> fits = new ArrayList<>();
        fit(ridge, new double[groups.length], 0, fits);
        double most = fits.stream().mapToDouble(Ridge.Fit::evidence).max().orElseThrow();
        double[] mean = new double[groups.length];
        double sum = 0;
        for (Ridge.Fit one : fits) {
            double weight = Math.exp(one.evidence() - most);
            sum += weight;
            for (int i = 0; i < mean.length; i++) {
                mean[i] += weight * one.coefficients()[i];
            }
        }
        double all = sum;
        return Arrays.stream(mean).map(value -> value / all).toArray();
    }

    private void fit(Ridge ridge, double[] spreads, int group, List<Ridge.Fit> into) {
        if (group == tried.length) {
            into.add(ridge.fit(spreads));
            return;
        }
        for (double spread : tried[group]) {
            for (int i = 0; i < groups.length; i++) {
                spreads[i] = groups[i] == group ? spread : spreads[i];
            }
            fit(ridge, spreads, group + 1, into);
        }
    }
}
