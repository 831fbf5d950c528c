package baylantern.core.season.account;

import baylantern.core.rules.FlushRules;
import java.util.List;
import org.apache.commons.numbers.gamma.LogGamma;

/**
 * How much the length of a flush goes by the swell that follows it, as the looks of a farm show: what a few shares would
 * make of them counts as the evidence for each (a Dirichlet prior on the stages of each part of the way, summed out).
 */
final class ToNext {

    private static final double[] SHARES = {0, 0.25, 0.5, 0.75, 1};
    // Leaves ripen by their own warmth; that they wait for the next flush must show.
    private static final double[] BEFOREHAND = {0.3, 0.25, 0.2, 0.15, 0.1};
    // Looks at one flush tell much the same.
    private static final double COUNTS = 0.5;
    private static final double LEAST = 1e-3;

    private ToNext() {}

    /** The mean of the shares, each by how likely the looks make it, 0 to 1. */
    static double of(FlushRules rules, List<LookedAt> looks) {
        double[][] prior = CanopyTable.prior(rules);
        double[] logs = new double[SHARES.length];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < logs.length; i++) {
            logs[i] = Math.log(BEFOREHAND[i]) + COUNTS * evidence(prior, CanopyTable.counted(SHARES[i], looks));
            most = Math.max(most, logs[i]);
        }
        double sum = 0;
        double mean = 0;
        for (int i = 0; i < logs.length; i++) {
            double likely = Math.exp(logs[i] - most);
            sum += likely;
            mean += likely * SHARES[i];
        }
        return mean / sum;
    }

    private static double evidence(double[][] prior, double[][] counts) {
        double log = 0;
        for (int bin = 0; bin < counts.length; bin++) {
            double count = 0;
            double held = 0;
            for (int i = 0; i < counts[bin].length; i++) {
                double of = CanopyTable.PRIOR_LOOKS * Math.max(LEAST, prior[bin][i]);
                log += LogGamma.value(of + counts[bin][i]) - LogGamma.value(of);
                count += counts[bin][i];
                held += of;
            }
            log += LogGamma.value(held) - LogGamma.value(held + count);
        }
        return log;
    }
}
