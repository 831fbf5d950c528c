package baylantern.core.season.hindcast;

import baylantern.core.season.account.Account;
import baylantern.core.season.account.Foretelling;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What past forecasts of a species taught: how much each account is worth here, how much a look counts, and how wide
 * ranges must be.
 */
public final class Lessons {

    private static final double SPECIES_CASES = 2;
    private static final double TREE_CASES = 20;
    private static final double USUAL_TRUST_HEAD = 0.5;

    private final int[] trust = new int[Account.values().length];
    private final double[] species;
    private final Map<Long, double[]> trees = new HashMap<>();
    private final Widths widths;

    /**
     * Lessons of some cases; without cases those held beforehand.
     *
     * @param tails how much is to lie beyond each end of a range
     * @param now the day as of which they are learned, counted from the epoch
     */
    Lessons(List<LookCase> cases, Tails tails, int now) {
        Arrays.fill(trust, Foretelling.USUAL_TRUST);
        for (Account account : Account.values()) {
            trust[account.ordinal()] = trustIn(account, cases);
        }
        Map<Long, List<Stacking.Scored>> byTree = new HashMap<>();
        List<Stacking.Scored> all = new ArrayList<>();
        for (LookCase one : cases) {
            Stacking.Scored scored = one.scored(trust);
            all.add(scored);
            byTree.computeIfAbsent(one.plant(), k -> new ArrayList<>()).add(scored);
        }
        species = Stacking.weights(
                Arrays.stream(Account.values()).mapToDouble(Account::beforehand).toArray(), SPECIES_CASES, all);
        byTree.forEach((plant, own) -> trees.put(plant, Stacking.weights(species, TREE_CASES, own)));
        List<Widths.Miss> misses = new ArrayList<>();
        for (LookCase one : cases) {
            Days days = together(one.plant(), one.told());
            misses.add(new Widths.Miss(
                    new Widths.Range(days.at(0.1), days.at(0.5), days.at(0.9)),
                    one.placed(days::by),
                    one.came().open(),
                    one.day(),
                    one.counts()));
        }
        widths = new Widths(misses, tails, now);
    }

    // The one by which the account would have foretold best.
    private static int trustIn(Account account, List<LookCase> cases) {
        List<LookCase> spoken = cases.stream().filter(one -> one.spoke(account)).toList();
        int best = Foretelling.USUAL_TRUST;
        double most = Double.NEGATIVE_INFINITY;
        for (int tried = 0; tried < Foretelling.TRUSTS.size(); tried++) {
            double score = tried == Foretelling.USUAL_TRUST ? USUAL_TRUST_HEAD : 0;
            for (LookCase one : spoken) {
                score += one.counts() * Math.log(one.scoredOf(account, tried));
            }
            if (score > most) {
                most = score;
                best = tried;
            }
        }
        return best;
    }

    private double[] weightsOf(long plant) {
        return trees.getOrDefault(plant, species);
    }

    /** How much each of the accounts that speak is worth for a tree, summing to 1. */
    public Map<Account, Double> weights(long plant, Collection<Account> speaking) {
        Map<Account, Double> weights = new EnumMap<>(Account.class);
        double[] own = weightsOf(plant);
        double all =
                speaking.stream().mapToDouble(account -> own[account.ordinal()]).sum();
        for (Account account : speaking) {
            weights.put(account, own[account.ordinal()] / all);
        }
        return weights;
    }

    /** The accounts' chances together, weighed for a tree. */
    public Days together(long plant, Map<Account, double[][]> told) {
        double[] weights = weightsOf(plant);
        Pool pool = new Pool();
        told.forEach((account, chances) -> pool.add(chances[trust[account.ordinal()]], weights[account.ordinal()]));
        return pool.together();
    }

    /** How wide ranges must be. */
    public Widths widths() {
        return widths;
    }
}
