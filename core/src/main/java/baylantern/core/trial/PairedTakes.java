package baylantern.core.trial;

import baylantern.core.take.Belief;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What the arms of a trial took, set beside each other within each lot and maker, so that neither good wood nor a good hand can
 * pass for a good way.
 */
public record PairedTakes(List<Among> among) {

    /** Grafts of one lot by one maker: how many of each arm are decided, and of these took. */
    public record Among(int a, int aTook, int b, int bTook) {

        /** Requires counts that can be. */
        public Among {
            if (aTook < 0 || bTook < 0 || aTook > a || bTook > b) {
                throw new IllegalArgumentException(aTook + " of " + a + ", " + bTook + " of " + b);
            }
        }

        int all() {
            return a + b;
        }

        int took() {
            return aTook + bTook;
        }
    }

    /** How many are decided. */
    public int decided() {
        return among.stream().mapToInt(Among::all).sum();
    }

    /**
     * How far arm A took more than B, in standard errors of two that are the same; 0 where nothing can be told (Mantel and
     * Haenszel 1959, J. Nat. Cancer Inst. 22, 719–748, without the correction for continuity).
     */
    public double apart() {
        double more = 0;
        double variance = 0;
        for (Among one : among) {
            double n = one.all();
            if (n > 1) {
                more += one.aTook() - one.a() * (double) one.took() / n;
                variance += one.a() * (double) one.b() * one.took() * (n - one.took()) / (n * n * (n - 1));
            }
        }
        return variance == 0 ? 0 : more / Math.sqrt(variance);
    }

    /** What arm A took more than B, as a share: the mean of the differences, those with more grafts weighing more. */
    public double points() {
        return points(among);
    }

    private static double points(List<Among> among) {
        double sum = 0;
        double weights = 0;
        for (Among one : among) {
            if (one.a() > 0 && one.b() > 0) {
                sum += (one.aTook() * (double) one.b() - one.bTook() * (double) one.a()) / one.all();
                weights += weight(one);
            }
        }
        return weights == 0 ? 0 : sum / weights;
    }

    private static double weight(Among one) {
        return one.a() * (double) one.b() / one.all();
    }

    /**
     * The range that holds the true difference with a chance of {@code mass}: Sato's variance of the common difference (1989,
     * Biometrics 45, 1323–1324), which holds for many small groups and for few large ones; one take and one failure are added
     * to each arm beforehand (Agresti and Caffo 2000, Am. Statist. 54, 280–288), so that few grafts do not pass for sure.
     */
    public Belief.Range range(double mass) {
        List<Among> more = new ArrayList<>(among);
        more.add(new Among(2, 1, 2, 1));
        double middle = points(more);
        double variance = 0;
        double weights = 0;
        for (Among one : more) {
            if (one.a() > 0 && one.b() > 0) {
                variance += middle * unequal(one) + spread(one);
                weights += weight(one);
            }
        }
        double half = NormalDistribution.of(0, 1).inverseCumulativeProbability((1 + mass) / 2)
                * Math.sqrt(variance)
                / weights;
        return new Belief.Range(Math.max(-1, middle - half), Math.min(1, middle + half));
    }

    private static double unequal(Among one) {
        double a = one.a();
        double b = one.b();
        return (a * a * one.bTook() - b * b * one.aTook() + a * b * (b - a) / 2) / square(one.all());
    }

    private static double spread(Among one) {
        double failedA = one.a() - one.aTook();
        double failedB = one.b() - one.bTook();
        return (one.aTook() * failedB + one.bTook() * failedA) / (2.0 * one.all());
    }

    private static double square(double x) {
        return x * x;
    }
}
