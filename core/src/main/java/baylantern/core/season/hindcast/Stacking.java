package baylantern.core.season.hindcast;

import java.util.Arrays;
import java.util.List;

/**
 * Weights of accounts by how well each foretold what came: those that give the mixture the highest log score on cases
 * none of them had seen (stacking of predictive distributions, Yao and others 2018), drawn towards weights held
 * beforehand. The score is concave in the weights, so that the turns of expectation and maximisation reach its top. An
 * account that had nothing to say in a case neither wins nor loses by it (Freund and others 1997, Using and combining
 * predictors that specialize).
 */
final class Stacking {

    /** Stands for the chance given by an account that had nothing to say. */
    static final double SILENT = -1;

    private static final int TURNS = 60;

    private Stacking() {}

    /** What each account gave the day that came, or {@link #SILENT}, and how much the case counts, 0 to 1. */
    record Scored(double[] chances, double counts) {

        boolean spoke(int account) {
            return chances[account] >= 0;
        }

        /** What weights give the day, those that spoke alone. */
        double mixed(double[] weights) {
            double sum = 0;
            double heard = 0;
            for (int i = 0; i < weights.length; i++) {
                if (spoke(i)) {
                    sum += weights[i] * chances[i];
                    heard += weights[i];
                }
            }
            return sum / heard;
        }
    }

    /** The best weights, summing to 1; {@code strength} says how many cases the prior weights are worth. */
    static double[] weights(double[] prior, double strength, List<Scored> cases) {
        double[] weights = prior.clone();
        for (int turn = 0; turn < TURNS; turn++) {
            double[] shares = new double[prior.length];
            double sum = strength;
            for (int i = 0; i < prior.length; i++) {
                shares[i] = strength * prior[i];
            }
            for (Scored one : cases) {
                double mixed = one.mixed(weights);
                for (int i = 0; i < weights.length; i++) {
                    shares[i] += one.counts * weights[i] * (one.spoke(i) ? one.chances[i] / mixed : 1);
                }
                sum += one.counts;
            }
            for (int i = 0; i < weights.length; i++) {
                weights[i] = shares[i] / sum;
            }
        }
        return weights;
    }

    /** The log score of weights on cases, in the mean. */
    static double score(double[] weights, List<Scored> cases) {
        double sum = 0;
        double counts = 0;
        for (Scored one : cases) {
            sum += one.counts * Math.log(one.mixed(weights));
            counts += one.counts;
        }
        return counts == 0 ? 0 : sum / counts;
    }

    static double[] even(int n) {
        double[] even = new double[n];
        Arrays.fill(even, 1.0 / n);
        return even;
    }
}
