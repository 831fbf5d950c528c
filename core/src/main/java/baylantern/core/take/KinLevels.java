package baylantern.core.take;

import baylantern.core.take.LogOdds.Kernel;

/** The spreads tried at each level, and how their combinations are numbered: the last level changes fastest. */
final class KinLevels {

    private static final double[] NONE = {0};

    private final double[][] spreads;
    private final Kernel[][] kernels;
    private final boolean occasions;

    KinLevels(TakeTree tree, int depth, KinPrior prior) {
        occasions = prior.occasion() != null;
        spreads = new double[depth][];
        kernels = new Kernel[depth][];
        for (int level = 1; level <= depth; level++) {
            boolean ofOccasions = occasions && level == depth;
            boolean told = ofOccasions || tree.level(level - 1).stream().anyMatch(node -> node.decidedChildren() > 1);
            spreads[level - 1] = told ? prior.spreads(ofOccasions) : NONE;
            kernels[level - 1] = new Kernel[spreads[level - 1].length];
            for (int i = 0; i < kernels[level - 1].length; i++) {
                kernels[level - 1][i] = Kernel.of(spreads[level - 1][i]);
            }
        }
    }

    int depth() {
        return spreads.length;
    }

    /** Levels of lasting kinds; what lies under them are occasions. */
    int lasting() {
        return occasions ? depth() - 1 : depth();
    }

    /** How many spreads are tried at a level, 1 being directly under the farm. */
    int tried(int level) {
        return spreads[level - 1].length;
    }

    double spread(int level, int index) {
        return spreads[level - 1][index];
    }

    Kernel kernel(int level, int index) {
        return kernels[level - 1][index];
    }

    /** How many combinations there are of the spreads below a depth, the farm being 0. */
    int combinations(int depth) {
        int count = 1;
        for (int level = depth + 1; level <= depth(); level++) {
            count *= tried(level);
        }
        return count;
    }

    /** Log of how likely a combination of all levels is before the records. */
    double logPrior(int combination) {
        double[] weights = KinPrior.logWeights();
        double sum = 0;
        int rest = combination;
        for (int level = depth(); level >= 1; level--) {
            sum += tried(level) == 1 ? 0 : weights[rest % tried(level)];
            rest /= tried(level);
        }
        return sum;
    }

    /** The rate to expect of a member at the last level, for each place of a group at a depth, by combination. */
    double[][] rates(int depth) {
        double[] own = new double[LogOdds.POINTS];
        for (int i = 0; i < own.length; i++) {
            own[i] = LogOdds.rate(LogOdds.at(i));
        }
        double[][] below = {own};
        for (int level = depth(); level > depth; level--) {
            double[][] here = new double[tried(level) * below.length][];
            for (int t = 0; t < tried(level); t++) {
                for (int c = 0; c < below.length; c++) {
                    here[t * below.length + c] = kernel(level, t).toGroup(below[c]);
                }
            }
            below = here;
        }
        return below;
    }
}
