package baylantern.core.take.push;

import baylantern.core.rules.Known;
import baylantern.core.take.push.PushCase.End;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The likeliest course of pushing and dying, whatever its form, by self-consistency: each graft's one is spread over the
 * intervals it may lie in as the shares found so far say, and the shares are what comes together. Those who wait at the end
 * may still come to either.
 *
 * <p>Source: as {@link Support}. With days known exactly it is the cumulative incidence of Kaplan and Meier's product.
 */
public final class PushFit {

    private static final double CLOSE = 1e-10;
    private static final int MOST_ROUNDS = 20_000;

    private final Support[] supports;
    private final double[] weights;
    private final int[] cause;
    private final int[] from;
    private final int[] to;
    private final int[] otherFrom;
    private final boolean beyond;

    private PushFit(Map<PushCase, Double> cases) {
        List<PushCase> distinct = List.copyOf(cases.keySet());
        supports = new Support[] {Support.of(distinct, End.PUSHED), Support.of(distinct, End.DIED)};
        int n = distinct.size();
        weights = new double[n];
        cause = new int[n];
        from = new int[n];
        to = new int[n];
        otherFrom = new int[n];
        double last = Math.max(supports[0].last(), supports[1].last());
        boolean after = false;
        for (int i = 0; i < n; i++) {
            PushCase one = distinct.get(i);
            weights[i] = Known.in(cases, one);
            boolean waits = one.end() == End.WAITING;
            cause[i] = waits ? -1 : one.end() == End.PUSHED ? 0 : 1;
            Support own = supports[Math.max(0, cause[i])];
            from[i] = own.firstAfter(one.after(), !waits && one.after() == one.by());
            to[i] = waits ? own.size() : own.endBy(one.by());
            otherFrom[i] = waits ? supports[1].firstAfter(one.after(), false) : 0;
            after |= waits && one.after() >= last;
        }
        beyond = after;
    }

    /** The course that makes these cases likeliest; nothing pushed and nothing died where there are none. */
    public static PushCurve of(List<PushCase> cases) {
        Map<PushCase, Double> counted = new LinkedHashMap<>();
        cases.forEach(one -> counted.merge(one, 1.0, Double::sum));
        return of(counted, CLOSE, MOST_ROUNDS);
    }

    /** The same of cases with weights, to a coarser closeness where many are wanted. */
    static PushCurve of(Map<PushCase, Double> weighted, double close, int rounds) {
        return new PushFit(weighted).fit(close, rounds);
    }

    private PushCurve fit(double close, int rounds) {
        double[][] shares = {new double[supports[0].size()], new double[supports[1].size()]};
        double all = Arrays.stream(weights).sum();
        double left = beyond ? 1 : 0;
        double even = 1.0 / Math.max(1, shares[0].length + shares[1].length + left);
        Arrays.fill(shares[0], even);
        Arrays.fill(shares[1], even);
        left *= even;
        for (int round = 0; round < rounds && all > 0; round++) {
            double[][] before = {sums(shares[0]), sums(shares[1])};
            double[][] gain = {new double[shares[0].length + 1], new double[shares[1].length + 1]};
            double leftGain = 0;
            for (int i = 0; i < weights.length; i++) {
                boolean waits = cause[i] < 0;
                int k = Math.max(0, cause[i]);
                double mass = before[k][to[i]] - before[k][from[i]];
                if (waits) {
                    mass += before[1][shares[1].length] - before[1][otherFrom[i]] + left;
                }
                double each = mass > 0 ? weights[i] / mass : 0;
                gain[k][from[i]] += each;
                gain[k][to[i]] -= each;
                if (waits) {
                    gain[1][otherFrom[i]] += each;
                    leftGain += each;
                }
            }
            double moved = Math.abs(left - left * leftGain / all);
            left = left * leftGain / all;
            for (int k = 0; k < 2; k++) {
                double running = 0;
                for (int j = 0; j < shares[k].length; j++) {
                    running += gain[k][j];
                    double now = shares[k][j] * running / all;
                    moved = Math.max(moved, Math.abs(now - shares[k][j]));
                    shares[k][j] = now;
                }
            }
            if (moved < close) {
                break;
            }
        }
        return new PushCurve(steps(0, shares[0]), steps(1, shares[1]), all > 0 ? left : 1);
    }

    private static double[] sums(double[] shares) {
        double[] sums = new double[shares.length + 1];
        for (int j = 0; j < shares.length; j++) {
            sums[j + 1] = sums[j] + shares[j];
        }
        return sums;
    }

    private List<PushCurve.Step> steps(int k, double[] shares) {
        PushCurve.Step[] steps = new PushCurve.Step[shares.length];
        for (int j = 0; j < shares.length; j++) {
            steps[j] = new PushCurve.Step(supports[k].after(j), supports[k].by(j), shares[j]);
        }
        return Arrays.stream(steps).filter(step -> step.share() > CLOSE).toList();
    }
}
