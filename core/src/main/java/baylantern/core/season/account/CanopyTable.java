package baylantern.core.season.account;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FlushRules;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.Stages;
import java.util.List;

/**
 * What a twig of a tree looks like at each part of the way from swell to swell: as the rulebook has it, with twigs
 * behind the first fifth and slips of the eye, corrected by what the farm's looks have shown.
 */
final class CanopyTable {

    private static final int BINS = 25;
    /** How many looks in each part of the way what is held beforehand is worth. */
    static final double PRIOR_LOOKS = 12;

    // Where stages lie is one thing for all bins together, so fewer looks a bin tell it.
    private static final double PRIOR_LOOKS_OF_STAGES = 3;
    private static final double BEHIND = 0.05;
    private static final double EYE_SLIP = 0.03;
    private static final int STAGES = BudStage.values().length;

    private final double[][] logs = new double[BINS][STAGES];
    private final Stages stages;

    /** Learned from looks, with the length of a flush going by the swell that follows it so much, 0 to 1. */
    CanopyTable(FlushRules rules, double toNext, List<LookedAt> looks) {
        Stages beforehand = Stages.of(rules);
        double[][] prior = prior(beforehand);
        double[][] looked = counted(toNext, looks);
        for (int bin = 0; bin < BINS; bin++) {
            double[] shares = shares(prior[bin], PRIOR_LOOKS, looked[bin]);
            for (int i = 0; i < STAGES; i++) {
                logs[bin][i] = Math.log(Math.max(1e-3, shares[i]));
            }
        }
        this.stages = beforehand.lengthened(longer(prior, looked));
    }

    /** What looks showed by part of the way and stage. */
    static double[][] counted(double toNext, List<LookedAt> looks) {
        double[][] counts = new double[BINS][STAGES];
        for (LookedAt look : looks) {
            double[] bin = counts[bin(look.way(toNext))];
            look.canopy().shares().forEach((stage, share) -> bin[stage.ordinal()] += share);
        }
        return counts;
    }

    /** What is held beforehand, by part of the way and stage; each part sums to 1. */
    static double[][] prior(FlushRules rules) {
        return prior(Stages.of(rules));
    }

    private static double[][] prior(Stages stages) {
        double[][] prior = new double[BINS][STAGES];
        int parts = 20;
        double weight = 1.0 / parts / 5;
        for (int bin = 0; bin < BINS; bin++) {
            for (int within = 0; within < parts; within++) {
                double phase = (bin + (within + 0.5) / parts) / BINS;
                for (int twig = 0; twig < 5; twig++) {
                    double own = phase - BEHIND * (twig - 0.5) / 2;
                    int stage = (own < 0 ? BudStage.R : stages.at(own)).ordinal();
                    prior[bin][stage] += weight * (1 - 2 * EYE_SLIP);
                    prior[bin][(stage + 1) % STAGES] += weight * EYE_SLIP;
                    prior[bin][(stage + STAGES - 1) % STAGES] += weight * EYE_SLIP;
                }
            }
        }
        return prior;
    }

    private static double[] shares(double[] prior, double worth, double[] looked) {
        double all = worth;
        for (double share : looked) {
            all += share;
        }
        double[] shares = new double[STAGES];
        for (int i = 0; i < STAGES; i++) {
            shares[i] = (worth * prior[i] + looked[i]) / all;
        }
        return shares;
    }

    // A stage is as long as twigs show it, in the mean over the way; slips and twigs behind are in both and cancel.
    private static double[] longer(double[][] prior, double[][] looked) {
        double[] longer = new double[STAGES];
        for (int bin = 0; bin < BINS; bin++) {
            double[] shares = shares(prior[bin], PRIOR_LOOKS_OF_STAGES, looked[bin]);
            for (int i = 0; i < STAGES; i++) {
                longer[i] += (shares[i] - prior[bin][i]) / BINS;
            }
        }
        return longer;
    }

    static int bin(double phase) {
        return Math.max(0, Math.min(BINS - 1, (int) (phase * BINS)));
    }

    /** Where each stage lies on the way here. */
    Stages stages() {
        return stages;
    }

    /** How likely a canopy is at a part of the way, as one twig of it would be. */
    double likely(CanopyShares canopy, double phase) {
        double[] bin = logs[bin(phase)];
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
