package baylantern.core.season.account;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FlushRules;
import baylantern.core.season.flush.CanopyShares;
import java.util.List;

/**
 * What a twig of a tree looks like at each part of the way from swell to swell: as the rulebook has it, with twigs
 * behind the first fifth and slips of the eye, corrected by what the farm's looks have shown.
 */
final class CanopyTable {

    private static final int BINS = 25;
    private static final double PRIOR_LOOKS = 12;
    private static final double BEHIND = 0.05;
    private static final double EYE_SLIP = 0.03;
    private static final int STAGES = BudStage.values().length;

    private final double[][] shares = new double[BINS][STAGES];

    CanopyTable(FlushRules rules, List<TreeRecord> trees, SkyDays past) {
        for (int bin = 0; bin < BINS; bin++) {
            prior(rules, bin);
        }
        for (TreeRecord tree : trees) {
            learn(tree, past);
        }
        for (double[] bin : shares) {
            double sum = 0;
            for (double share : bin) {
                sum += share;
            }
            for (int i = 0; i < STAGES; i++) {
                bin[i] = Math.log(Math.max(1e-3, bin[i] / sum));
            }
        }
    }

    private void prior(FlushRules rules, int bin) {
        int parts = 20;
        for (int within = 0; within < parts; within++) {
            double phase = (bin + (within + 0.5) / parts) / BINS;
            for (int twig = 0; twig < 5; twig++) {
                double own = phase - BEHIND * (twig - 0.5) / 2;
                BudStage stage = own < 0 ? BudStage.R : rules.stageAt(own);
                double weight = PRIOR_LOOKS / parts / 5;
                shares[bin][stage.ordinal()] += weight * (1 - 2 * EYE_SLIP);
                shares[bin][(stage.ordinal() + 1) % STAGES] += weight * EYE_SLIP;
                shares[bin][(stage.ordinal() + STAGES - 1) % STAGES] += weight * EYE_SLIP;
            }
        }
    }

    private void learn(TreeRecord tree, SkyDays past) {
        for (int i = 0; i + 1 < tree.swells().size(); i++) {
            double from = past.warmth(tree.swells().get(i).day());
            double whole = past.warmth(tree.swells().get(i + 1).day()) - from;
            for (TreeRecord.Look look : tree.looks()) {
                if (whole > 0
                        && look.day() >= tree.swells().get(i).by()
                        && look.day() <= tree.swells().get(i + 1).after()) {
                    double[] bin = shares[bin((past.warmth(look.day()) - from) / whole)];
                    look.canopy().shares().forEach((stage, share) -> bin[stage.ordinal()] += share);
                }
            }
        }
    }

    static int bin(double phase) {
        return Math.max(0, Math.min(BINS - 1, (int) (phase * BINS)));
    }

    /** How likely a canopy is at a part of the way, as one twig of it would be. */
    double likely(CanopyShares canopy, double phase) {
        double[] bin = shares[bin(phase)];
        double log = 0;
        for (var share : canopy.shares().entrySet()) {
            log += share.getValue() * bin[share.getKey().ordinal()];
        }
        return Math.exp(log);
    }

    /** The same for every bin, to be asked many times. */
    double[] likely(CanopyShares canopy) {
        double[] all = new double[BINS];
        for (int i = 0; i < BINS; i++) {
            all[i] = likely(canopy, (i + 0.5) / BINS);
        }
        return all;
    }
}
