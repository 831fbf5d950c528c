package baylantern.core.cause;

import baylantern.core.care.Trace;
import baylantern.core.cause.CauseWeights.Reason;
import baylantern.core.cause.CauseWeights.Weight;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * Weighs the causes of the failures of one session together.
 *
 * <pre>
 *   before          w(c) ∝ strength · weight(c) + confirmed(c)
 *   of the session  s    ~ w(c) · times(c | what the session shares)
 *   of a graft      c    = s with the shared part of the chance, else ~ the same as s; then · times(c | its own record)
 *   signs           P(sign | c)
 * </pre>
 *
 * <p>What the session shares counts once, for the cause of the session, however many grafts failed. The sum over the
 * session's cause is exact. Ranges come of drawing the weights and the times anew, as far off as the rulebook says they may
 * be. No cause of a single failure is told above the rulebook's most.
 */
public final class CauseModel {

    private static final int DRAWS = 200;
    private static final long SEED = 16;
    private static final double TAIL = 0.05;
    private static final double SAYS_LITTLE = 0.12;
    private static final double TELLS_NOTHING = 0.01;

    private final CauseRules rules;
    private final Evidence evidence;
    private final String[] causes;
    private final Map<String, Double> confirmed;

    /**
     * A model that has learned.
     *
     * @param confirmed how many cases of each cause the farm has confirmed
     */
    public CauseModel(CauseRules rules, Map<String, Double> confirmed) {
        this.rules = rules;
        this.evidence = new Evidence(rules);
        this.causes = rules.causes().keySet().toArray(String[]::new);
        this.confirmed = Map.copyOf(confirmed);
    }

    /**
     * The weights of each failure of a session, in the order given.
     *
     * @param shared what is on record of all of them: keys of circumstances
     */
    public List<CauseWeights> weigh(List<CauseCase> failures, Collection<String> shared) {
        List<Evidence.Item> ofAll = evidence.circumstances(shared);
        double[][] told = shares(failures, ofAll, draws(null));
        double[][][] drawn = new double[DRAWS][][];
        SplittableRandom random = new SplittableRandom(SEED);
        for (int d = 0; d < DRAWS; d++) {
            drawn[d] = shares(failures, ofAll, draws(random.split()));
        }
        List<CauseWeights> weights = new ArrayList<>();
        for (int i = 0; i < failures.size(); i++) {
            weights.add(weights(failures.get(i), i, ofAll, told, drawn));
        }
        return weights;
    }

    /** The shares alone, without their ranges, in the order of the rulebook's causes. */
    double[][] told(List<CauseCase> failures, Collection<String> shared) {
        return shares(failures, evidence.circumstances(shared), draws(null));
    }

    private Draws draws(@Nullable SplittableRandom random) {
        return new Draws(rules, causes, confirmed, random);
    }

    private CauseWeights weights(
            CauseCase one, int at, List<Evidence.Item> ofAll, double[][] told, double[][][] drawn) {
        List<Evidence.Item> items = new ArrayList<>(evidence.signs(one));
        items.addAll(evidence.circumstances(one.own()));
        items.addAll(ofAll);
        List<Weight> weights = new ArrayList<>();
        for (int c = 0; c < causes.length; c++) {
            int cause = c;
            double[] shares = Arrays.stream(drawn)
                    .mapToDouble(draw -> draw[at][cause])
                    .sorted()
                    .toArray();
            double share = told[at][c];
            weights.add(new Weight(
                    causes[c],
                    share,
                    Math.min(share, shares[(int) (TAIL * DRAWS)]),
                    Math.max(share, shares[(int) ((1 - TAIL) * DRAWS)]),
                    reasons(causes[c], items)));
        }
        weights.sort(Comparator.comparingDouble(Weight::share).reversed());
        return new CauseWeights(weights, next(one, told[at]));
    }

    private static List<Reason> reasons(String cause, List<Evidence.Item> items) {
        return items.stream()
                .map(item -> new Reason(item.words(), item.times(cause)))
                .filter(reason -> Math.abs(Math.log(reason.times())) > SAYS_LITTLE)
                .sorted(Comparator.comparingDouble((Reason reason) -> -Math.abs(Math.log(reason.times())))
                        .thenComparing(Reason::words))
                .toList();
    }

    // For each failure the share of each cause, summed over what the session's cause may be.
    private double[][] shares(List<CauseCase> failures, List<Evidence.Item> ofAll, Draws draws) {
        int n = failures.size();
        double part = n < 2 ? 0 : rules.value(FigureName.CAUSE_SHARED);
        double[] session = null;
        double[][] own = new double[n][];
        double[][] seen = new double[n][];
        double[][] base = new double[n][];
        double[] common = draws.times(ofAll);
        for (int i = 0; i < n; i++) {
            CauseCase one = failures.get(i);
            base[i] = summedToOne(times(draws.before(one.group()), common));
            session = session == null ? base[i] : session;
            own[i] = draws.times(evidence.circumstances(one.own()));
            seen[i] = draws.times(evidence.signs(one));
        }
        double[] weight = sessions(session, part, base, own, seen);
        double[][] shares = new double[n][];
        for (int i = 0; i < n; i++) {
            double[] share = new double[causes.length];
            for (int s = 0; s < causes.length; s++) {
                double[] now = summedToOne(times(given(s, part, base[i], own[i]), seen[i]));
                for (int c = 0; c < causes.length; c++) {
                    share[c] += weight[s] * now[c];
                }
            }
            shares[i] = capped(share);
        }
        return shares;
    }

    // How likely each cause is that of the session.
    private double[] sessions(
            double @Nullable [] session, double part, double[][] base, double[][] own, double[][] seen) {
        double[] logs = new double[causes.length];
        for (int s = 0; s < causes.length; s++) {
            double log = session == null || session[s] == 0 ? Double.NEGATIVE_INFINITY : Math.log(session[s]);
            for (int i = 0; i < base.length; i++) {
                log += Math.log(sum(times(given(s, part, base[i], own[i]), seen[i])));
            }
            logs[s] = log;
        }
        double most = Arrays.stream(logs).max().orElse(0);
        return summedToOne(Arrays.stream(logs).map(log -> Math.exp(log - most)).toArray());
    }

    // How likely each cause of a graft is before its signs, where the session has this one.
    private static double[] given(int session, double part, double[] base, double[] own) {
        double[] given = new double[base.length];
        for (int c = 0; c < base.length; c++) {
            given[c] = ((c == session ? part : 0) + (1 - part) * base[c]) * own[c];
        }
        return summedToOne(given);
    }

    private double[] capped(double[] share) {
        double most = rules.value(FigureName.CAUSE_MOST);
        double[] capped = summedToOne(share);
        for (int c = 0; c < capped.length; c++) {
            if (capped[c] > most) {
                double rest = 1 - capped[c];
                double to = 1 - most;
                for (int other = 0; other < capped.length; other++) {
                    capped[other] = other == c ? most : rest > 0 ? capped[other] * to / rest : to / (capped.length - 1);
                }
                return capped;
            }
        }
        return capped;
    }

    private static double[] times(double[] a, double[] b) {
        double[] times = new double[a.length];
        Arrays.setAll(times, c -> a[c] * b[c]);
        return times;
    }

    private static double sum(double[] values) {
        return Arrays.stream(values).sum();
    }

    private static double[] summedToOne(double[] values) {
        double all = sum(values);
        double[] shares = new double[values.length];
        Arrays.setAll(shares, c -> all > 0 ? values[c] / all : 1.0 / values.length);
        return shares;
    }

    // The sign whose answer, seen or not, is expected to leave least in doubt.
    @Nullable
    Trace next(CauseCase one, double[] share) {
        Trace best = null;
        double most = TELLS_NOTHING;
        for (Trace sign : Trace.all(Trace.Of.CAUSE)) {
            if (one.seen().contains(sign) || one.unseen().contains(sign)) {
                continue;
            }
            double gain = entropy(share) - expected(sign, share);
            if (gain > most) {
                most = gain;
                best = sign;
            }
        }
        return best;
    }

    private double expected(Trace sign, double[] share) {
        CauseRules.SignRule rule = Known.in(rules.signs(), sign.name());
        double[] with = Arrays.stream(causes).mapToDouble(rule::seenWith).toArray();
        double[] seen = times(share, with);
        double[] unseen = times(share, Arrays.stream(with).map(p -> 1 - p).toArray());
        return sum(seen) * entropy(summedToOne(seen)) + sum(unseen) * entropy(summedToOne(unseen));
    }

    /** How much is in doubt, in nats. */
    static double entropy(double[] share) {
        return Arrays.stream(share)
                .filter(p -> p > 0)
                .map(p -> -p * Math.log(p))
                .sum();
    }
}
