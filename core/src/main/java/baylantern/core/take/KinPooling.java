package baylantern.core.take;

import baylantern.core.rules.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.numbers.gamma.LogBeta;

/**
 * Take rates with partial pooling along kinship.
 *
 * <p>A group starts from what its kin say: the other groups under the same parent, on top of what the parent's own kin
 * say in the same way, on top of a flat start. That start is weighed down to at most <em>s</em> grafts, since kin are
 * alike but not the same:
 *
 * <pre>
 *   kin(g)    = start(parent) + (K, N − K)               K of N taken among g's kin, g itself left out
 *   start(g)  = Beta with the mean of kin(g) and the strength 1 / (1/s + 1/strength of kin(g))
 *   belief(g) = start(g) + (k, n − k)
 * </pre>
 *
 * <p>The harmonic sum adds two uncertainties: how far a group lies from its kin (s) and how well the kin are known.
 * The strength <em>s</em> of each level is the one under which the groups' own counts are likeliest, each predicted
 * from its kin (beta-binomial, leave-one-out), times a log-normal prior from the rulebook. Groups that differ widely
 * give a small <em>s</em>, alike groups a large one. Limits: one group alone is its own; identical groups are as good
 * as pooled; an empty group says what its kin say.
 *
 * <p>After the empirical Bayes treatment of proportions in Gelman and others, Bayesian Data Analysis (2013), chapter 5;
 * the deviation is that each group is left out of its own start, so that nothing is counted twice.
 */
public final class KinPooling {

    private static final double LEAST_STRENGTH = 1;
    private static final double MOST_STRENGTH = 10_000;
    private static final int STEPS = 60;

    private final TakeTree tree;
    private final List<Double> strengths = new ArrayList<>();

    /**
     * Fits the strength of every level.
     *
     * @param leaves counts by path, all paths of one length, for instance [species, variety]
     * @param strength prior for the strength, in grafts
     * @param spread its standard deviation on the log scale
     */
    public KinPooling(Map<List<String>, TakeCount> leaves, Figure strength, Figure spread) {
        this.tree = TakeTree.of(leaves);
        int depth = leaves.keySet().stream().mapToInt(List::size).max().orElse(0);
        for (int level = 1; level <= depth; level++) {
            strengths.add(fit(tree.level(level), strength.value(), spread.value()));
        }
    }

    /** Belief for the group at a path; a path without grafts gives what its kin say. The empty path is the farm. */
    public Belief belief(List<String> path) {
        return tree.at(path)
                .map(node -> start(node, node.depth).after(node.count.taken(), node.count.failed()))
                .orElseGet(() -> unseen(path));
    }

    /** Counts of the group at a path. */
    public TakeCount count(List<String> path) {
        return tree.at(path).map(node -> node.count).orElse(TakeCount.NONE);
    }

    /** How many grafts the kin at a level count for at most; level 1 is directly under the farm. */
    public double strength(int level) {
        return strengths.get(level - 1);
    }

    // A new group under the nearest known forebear: everything under that forebear is its kin.
    private Belief unseen(List<String> path) {
        for (int length = path.size() - 1; length >= 0; length--) {
            var forebear = tree.at(path.subList(0, length));
            if (forebear.isPresent() && forebear.get().depth < strengths.size()) {
                TakeTree node = forebear.get();
                return lean(start(node, node.depth), node.count, strengths.get(node.depth));
            }
        }
        return Belief.FLAT;
    }

    private Belief start(TakeTree node, int depth) {
        if (node.parent == null) {
            return Belief.FLAT;
        }
        return lean(start(node.parent, depth - 1), node.kin(), strengths.get(depth - 1));
    }

    private static Belief lean(Belief start, TakeCount kin, double strength) {
        Belief told = start.after(kin.taken(), kin.failed());
        if (told.equals(Belief.FLAT)) {
            return told;
        }
        double weight = 1 / (1 / strength + 1 / (told.alpha() + told.beta()));
        return new Belief(weight * told.mean(), weight * (1 - told.mean()));
    }

    private double fit(List<TakeTree> groups, double centre, double spread) {
        double best = centre;
        double bestScore = Double.NEGATIVE_INFINITY;
        double ratio = Math.pow(MOST_STRENGTH / LEAST_STRENGTH, 1.0 / STEPS);
        double strength = LEAST_STRENGTH;
        for (int step = 0; step <= STEPS; step++, strength *= ratio) {
            double score = logPrior(strength, centre, spread) + logLikelihood(groups, strength);
            if (score > bestScore) {
                bestScore = score;
                best = strength;
            }
        }
        return best;
    }

    private static double logPrior(double strength, double centre, double spread) {
        double z = Math.log(strength / centre) / spread;
        return -z * z / 2;
    }

    private double logLikelihood(List<TakeTree> groups, double strength) {
        double sum = 0;
        for (TakeTree group : groups) {
            if (group.kin().decided() > 0 && group.count.decided() > 0) {
                Belief above = group.parent == null ? Belief.FLAT : start(group.parent, group.depth - 1);
                Belief prior = lean(above, group.kin(), strength);
                sum += logBetaBinomial(group.count, prior);
            }
        }
        return sum;
    }

    // Without the binomial coefficient, which does not depend on the strength.
    private static double logBetaBinomial(TakeCount count, Belief prior) {
        return LogBeta.value(prior.alpha() + count.taken(), prior.beta() + count.failed())
                - LogBeta.value(prior.alpha(), prior.beta());
    }
}
