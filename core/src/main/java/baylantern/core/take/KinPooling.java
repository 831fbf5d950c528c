package baylantern.core.take;

import baylantern.core.take.LogOdds.Function;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;

/**
 * Take rates with partial pooling along kinship.
 *
 * <p>Each group lies about its parent on the log-odds of its rate:
 *
 * <pre>
 *   logit p(farm)   every rate alike
 *   logit p(group)  = logit p(parent) + N(0, τ²)        τ of each level unknown, log-normal
 *   taken           ~ Binomial(decided, p(leaf))
 * </pre>
 *
 * <p>The spreads τ are summed out over a grid, every combination with the weight its records give it, and so are all rates
 * of the tree (messages along its branches, exact but for the grid): nothing is plugged in. What is told of a group with
 * members is the rate to expect of one of them, {@code E[logistic(x + N(0, τ²))]}: its range counts how far they differ.
 *
 * <p>Limits: a group alone is its own, and where nobody has a sibling at a level the parent is the same thing; an only member
 * on record and its group show one range; identical groups are as good as pooled; an empty group says what its kin say.
 *
 * <p>After the hierarchical treatment of proportions in Gelman and others, Bayesian Data Analysis (2013), chapter 5, and the
 * sum-product rule on trees, Pearl (1988).
 */
public final class KinPooling {

    private static final int FINE = 5;

    /** Log of how much likelier the likeliest combination is than one that is left out. */
    private static final double NEGLIGIBLE = 12;

    private static final double LEAST_VARIANCE = 1e-3;

    private static final int LEAF_POINTS = (LogOdds.POINTS - 1) * FINE + 1;
    private static final double[] LEAF_TAKEN = leafLogs(new TakeCount(1, 0, 0, 0));
    private static final double[] LEAF_FAILED = leafLogs(new TakeCount(0, 1, 0, 0));
    private static final double[] LEAF_EDGES = IntStream.rangeClosed(0, LEAF_POINTS)
            .mapToDouble(i -> LogOdds.rate(LogOdds.at((i - 0.5) / FINE)))
            .toArray();

    private static double[] leafLogs(TakeCount one) {
        return IntStream.range(0, LEAF_POINTS)
                .mapToDouble(i -> LogOdds.logLikelihood(one, LogOdds.at(i / (double) FINE)))
                .toArray();
    }

    private final TakeTree tree;
    private final KinLevels levels;
    private final Map<Integer, double[][]> rates = new ConcurrentHashMap<>();
    private final Function[] farm;
    private final Map<TakeTree, Belief> beliefs = new ConcurrentHashMap<>();

    /**
     * Reckons the tree.
     *
     * @param leaves counts by path, all paths of one length, for instance [species, variety]
     */
    public KinPooling(Map<List<String>, TakeCount> leaves, KinPrior prior) {
        tree = TakeTree.of(leaves);
        int depth = leaves.keySet().stream().mapToInt(List::size).max().orElse(0);
        levels = new KinLevels(tree, depth, prior);
        gather(tree, new HashMap<>());
        farm = new Function[levels.combinations(0)];
        weigh();
        tree.down = farm;
        spread(tree);
    }

    // Combinations of spreads that the records make all but impossible are left out.
    private void weigh() {
        double most = Double.NEGATIVE_INFINITY;
        for (int c = 0; c < farm.length; c++) {
            farm[c] = new Function(LogOdds.flat().values(), levels.logPrior(c));
            most = Math.max(most, farm[c].times(tree.own[c]).logSum());
        }
        for (int c = 0; c < farm.length; c++) {
            boolean possible = farm[c].times(tree.own[c]).logSum() > most - NEGLIGIBLE;
            farm[c] = possible ? farm[c] : LogOdds.NOTHING;
        }
    }

    /** Belief for the group at a path; a path without grafts gives what its kin say. The empty path is the farm. */
    public Belief belief(List<String> path) {
        return tree.at(path)
                .map(node -> beliefs.computeIfAbsent(node, this::belief))
                .orElseGet(() -> unseen(path));
    }

    /** How many levels there are under the farm. */
    public int depth() {
        return levels.depth();
    }

    /** True where a group is the only one of its parent's with decided grafts. */
    public boolean only(List<String> path) {
        return tree.at(path).map(KinPooling::only).orElse(false);
    }

    private static boolean only(TakeTree node) {
        TakeTree parent = node.parent;
        return parent != null && node.count.decided() > 0 && parent.decidedChildren() == 1;
    }

    /** Counts of the group at a path. */
    public TakeCount count(List<String> path) {
        return tree.at(path).map(node -> node.count).orElse(TakeCount.NONE);
    }

    /** How many grafts the kin at a level count for, 0 or more; level 1 is directly under the farm. */
    public double strength(int level) {
        double[] logs = new double[farm.length];
        for (int c = 0; c < farm.length; c++) {
            Function both = farm[c].times(tree.own[c]);
            logs[c] = both.nothing() ? Double.NEGATIVE_INFINITY : both.logSum();
        }
        double most = Arrays.stream(logs).max().orElse(0);
        int below = levels.combinations(level);
        double whole = 0;
        double variance = 0;
        for (int c = 0; c < farm.length; c++) {
            double weight = Math.exp(logs[c] - most);
            whole += weight;
            variance += weight * Math.pow(levels.spread(level, c / below % levels.tried(level)), 2);
        }
        return KinPrior.strengthAt(Math.max(LEAST_VARIANCE, variance / whole));
    }

    // Upward: what its grafts say of each group, for every combination of the spreads below it.
    private void gather(TakeTree node, Map<TakeCount, Function> likelihoods) {
        Function[] own = new Function[levels.combinations(node.depth)];
        if (node.depth == levels.depth()) {
            own[0] = likelihoods.computeIfAbsent(
                    new TakeCount(node.count.taken(), node.count.failed(), 0, 0), LogOdds::likelihood);
        } else {
            Arrays.fill(own, LogOdds.one());
            for (TakeTree child : node.children.values()) {
                gather(child, likelihoods);
                child.up = toParent(child);
                for (int c = 0; c < own.length; c++) {
                    own[c] = own[c].times(child.up[c]);
                }
            }
        }
        node.own = own;
    }

    private Function[] toParent(TakeTree child) {
        int tried = levels.tried(child.depth);
        Function[] up = new Function[tried * child.own.length];
        for (int t = 0; t < tried; t++) {
            for (int c = 0; c < child.own.length; c++) {
                up[t * child.own.length + c] = levels.kernel(child.depth, t).toGroup(child.own[c]);
            }
        }
        return up;
    }

    // Downward: what all the rest says of each group.
    private void spread(TakeTree node) {
        for (TakeTree child : node.children.values()) {
            Function[] rest = new Function[node.down.length];
            for (int c = 0; c < rest.length; c++) {
                rest[c] = node.down[c].times(node.own[c].without(child.up[c]));
            }
            child.down = toMember(rest, child.depth);
            spread(child);
        }
    }

    private Function[] toMember(Function[] group, int depth) {
        int tried = levels.tried(depth);
        Function[] member = new Function[levels.combinations(depth)];
        for (int c = 0; c < member.length; c++) {
            for (int t = 0; t < tried; t++) {
                Function next = levels.kernel(depth, t).toMember(group[t * member.length + c]);
                member[c] = t == 0 ? next : member[c].plus(next);
            }
        }
        return member;
    }

    private Belief belief(TakeTree asked) {
        TakeTree node = asked;
        while (node.depth < levels.lasting() && node.decidedChildren() == 1) {
            node = node.decidedChild();
        }
        TakeTree parent = node.parent;
        if (parent != null && node.depth > levels.lasting() && only(node)) {
            node = parent;
        }
        return node.depth == levels.depth() ? leaf(node) : told(node.down, node.own, node.depth);
    }

    private Belief told(Function[] down, Function[] own, int depth) {
        double[][] rate = rates.computeIfAbsent(depth, levels::rates);
        Function[] both = new Function[down.length];
        double most = Double.NEGATIVE_INFINITY;
        for (int c = 0; c < both.length; c++) {
            both[c] = down[c].times(own[c]);
            most = Math.max(most, both[c].log());
        }
        GridBelief belief = new GridBelief();
        for (int c = 0; c < both.length; c++) {
            double scale = Math.exp(both[c].log() - most);
            if (scale > 1e-9) {
                lay(both[c].values(), rate[c], scale, belief);
            }
        }
        return belief;
    }

    // A point's probability lies evenly over half the way to its neighbours.
    private static void lay(double[] values, double[] rate, double scale, GridBelief belief) {
        int last = values.length - 1;
        for (int i = 0; i <= last; i++) {
            double from = i == 0 ? rate[0] : (rate[i - 1] + rate[i]) / 2;
            double to = i == last ? rate[last] : (rate[i] + rate[i + 1]) / 2;
            belief.add(from, to, scale * values[i]);
        }
    }

    // Many grafts make a leaf narrower than the grid: what the rest says is smooth, its own counts are exact.
    private static Belief leaf(TakeTree node) {
        double[] rest = node.down[0].values();
        double[] restLogs = Arrays.stream(rest).map(Math::log).toArray();
        double[] logs = new double[LEAF_POINTS];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < LEAF_POINTS; i++) {
            int at = Math.min(i / FINE, LogOdds.POINTS - 2);
            double part = i / (double) FINE - at;
            logs[i] = (1 - part) * restLogs[at]
                    + part * restLogs[at + 1]
                    + node.count.taken() * LEAF_TAKEN[i]
                    + node.count.failed() * LEAF_FAILED[i];
            most = Math.max(most, logs[i]);
        }
        GridBelief belief = new GridBelief();
        for (int i = 0; i < LEAF_POINTS; i++) {
            belief.add(LEAF_EDGES[i], LEAF_EDGES[i + 1], Math.exp(logs[i] - most));
        }
        return belief;
    }

    // A new group under the nearest known forebear.
    private Belief unseen(List<String> path) {
        for (int length = path.size() - 1; length >= 0; length--) {
            Optional<TakeTree> forebear = tree.at(path.subList(0, length));
            if (forebear.isPresent() && length < levels.depth()) {
                TakeTree node = forebear.get();
                Function[] all = new Function[node.down.length];
                for (int c = 0; c < all.length; c++) {
                    all[c] = node.down[c].times(node.own[c]);
                }
                Function[] member = toMember(all, length + 1);
                Function[] nothing = new Function[member.length];
                Arrays.fill(nothing, LogOdds.one());
                return told(member, nothing, length + 1);
            }
        }
        return BetaBelief.FLAT;
    }
}
