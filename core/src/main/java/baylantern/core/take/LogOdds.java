package baylantern.core.take;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Functions of a rate on an even grid of its log-odds, each kept with its scale so that products never run out. */
final class LogOdds {

    static final int POINTS = 75;
    static final double STEP = 0.2;
    private static final double LEAST = -STEP * (POINTS - 1) / 2;
    private static final double REACH = 3.7;

    static final Function NOTHING = new Function(new double[POINTS], Double.NEGATIVE_INFINITY);

    private LogOdds() {}

    /** A function: {@code values · exp(log)}, the largest value being 1. */
    record Function(double[] values, double log) {

        static Function scaled(double[] values, double log) {
            double most = 0;
            for (double value : values) {
                most = Math.max(most, value);
            }
            double[] scaled = new double[POINTS];
            for (int i = 0; i < POINTS; i++) {
                scaled[i] = most > 0 ? Math.max(values[i] / most, Double.MIN_NORMAL) : 1;
            }
            return new Function(scaled, most > 0 ? log + Math.log(most) : Double.NEGATIVE_INFINITY);
        }

        /** Nothing anywhere: of no weight, and never worked on. */
        boolean nothing() {
            return log == Double.NEGATIVE_INFINITY;
        }

        Function times(Function other) {
            if (nothing() || other.nothing()) {
                return NOTHING;
            }
            double[] product = new double[POINTS];
            for (int i = 0; i < POINTS; i++) {
                product[i] = values[i] * other.values[i];
            }
            return scaled(product, log + other.log);
        }

        Function without(Function factor) {
            double[] quotient = new double[POINTS];
            for (int i = 0; i < POINTS; i++) {
                quotient[i] = values[i] / factor.values[i];
            }
            return scaled(quotient, log - factor.log);
        }

        Function plus(Function other) {
            if (nothing() || other.nothing()) {
                return nothing() ? other : this;
            }
            double most = Math.max(log, other.log);
            double mine = Math.exp(log - most);
            double its = Math.exp(other.log - most);
            double[] sum = new double[POINTS];
            for (int i = 0; i < POINTS; i++) {
                sum[i] = mine * values[i] + its * other.values[i];
            }
            return scaled(sum, most);
        }

        double logSum() {
            double sum = 0;
            for (double value : values) {
                sum += value;
            }
            return log + Math.log(sum);
        }
    }

    static double at(double index) {
        return LEAST + STEP * index;
    }

    static double rate(double logOdds) {
        return 1 / (1 + Math.exp(-logOdds));
    }

    /** One everywhere. */
    static Function one() {
        double[] values = new double[POINTS];
        Arrays.fill(values, 1);
        return new Function(values, 0);
    }

    /** Every rate from 0 to 1 alike: {@code p(1 − p)} on log-odds. */
    static Function flat() {
        double[] values = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            double rate = rate(at(i));
            values[i] = rate * (1 - rate);
        }
        return Function.scaled(values, 0);
    }

    /** How likely a count is under each rate. */
    static Function likelihood(TakeCount count) {
        double[] values = new double[POINTS];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < POINTS; i++) {
            values[i] = logLikelihood(count, at(i));
            most = Math.max(most, values[i]);
        }
        for (int i = 0; i < POINTS; i++) {
            values[i] = Math.exp(values[i] - most);
        }
        return Function.scaled(values, most);
    }

    static double logLikelihood(TakeCount count, double logOdds) {
        return -count.taken() * Math.log1p(Math.exp(-logOdds)) - count.failed() * Math.log1p(Math.exp(logOdds));
    }

    /** How a member lies about its group: normal on log-odds. With no spread it lies where the group does. */
    static final class Kernel {
        private final double[][] rows = new double[POINTS][];
        private final int[] first = new int[POINTS];

        private static final Map<Double, Kernel> KNOWN = new ConcurrentHashMap<>();

        /** Kernels hang on the spread alone, and few spreads are tried. */
        static Kernel of(double spread) {
            return KNOWN.computeIfAbsent(spread, Kernel::new);
        }

        private Kernel(double spread) {
            int reach = (int) Math.ceil(REACH * spread / STEP);
            for (int i = 0; i < POINTS; i++) {
                first[i] = Math.max(0, i - reach);
                rows[i] = new double[Math.min(POINTS, i + reach + 1) - first[i]];
                double sum = 0;
                for (int j = 0; j < rows[i].length; j++) {
                    double z = spread == 0 ? 0 : (first[i] + j - i) * STEP / spread;
                    rows[i][j] = Math.exp(-z * z / 2);
                    sum += rows[i][j];
                }
                for (int j = 0; j < rows[i].length; j++) {
                    rows[i][j] /= sum;
                }
            }
        }

        /** The mean over the members of a group, for each place of the group. */
        double[] toGroup(double[] member) {
            double[] group = new double[POINTS];
            for (int i = 0; i < POINTS; i++) {
                double sum = 0;
                for (int j = 0; j < rows[i].length; j++) {
                    sum += rows[i][j] * member[first[i] + j];
                }
                group[i] = sum;
            }
            return group;
        }

        Function toGroup(Function member) {
            return Function.scaled(toGroup(member.values()), member.log());
        }

        Function toMember(Function group) {
            if (group.nothing()) {
                return group;
            }
            double[] member = new double[POINTS];
            for (int i = 0; i < POINTS; i++) {
                for (int j = 0; j < rows[i].length; j++) {
                    member[first[i] + j] += rows[i][j] * group.values()[i];
                }
            }
            return Function.scaled(member, group.log());
        }
    }
}
