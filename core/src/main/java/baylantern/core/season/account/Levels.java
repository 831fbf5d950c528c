package baylantern.core.season.account;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * A value of trees learned on two levels, in closed form: a farm's mean about a prior, a tree's mean about the farm's,
 * single values about the tree's (Gelman and others, Bayesian data analysis, 2013, section 5.4). How far single values
 * scatter is learned too, from what is left over, with a prior worth some values.
 */
final class Levels {

    private static final int PRIOR_VALUES = 8;
    private static final int PASSES = 3;
    private static final double HIDING_SHARE = 0.05;
    private static final double NONSENSE_SHARE = 0.03;
    private static final double NONSENSE_TIMES = 3;

    private final Prior prior;
    private final Map<Long, double[]> byPlant = new HashMap<>();
    // By the value itself: two trees may show the same.
    private final Map<Value, Double> singles = new IdentityHashMap<>();
    private final int seen;
    private double scatter;
    private double farmPrecision;
    private double farmMean;

    /**
     * What is believed beforehand: a mean and the spreads of farms, of trees on a farm, of a tree's single values.
     *
     * @param hides how much higher a value lies that is two of them, infinite where none can be
     */
    record Prior(double mean, double farmSpread, double plantSpread, double scatter, double hides) {

        /** Of a time from swell to swell, on the log scale: where a flush hid it is twice as long. */
        static Prior between(double mean, double farmSpread, double plantSpread, double scatter) {
            return new Prior(mean, farmSpread, plantSpread, scatter, Math.log(2));
        }
    }

    /** One value seen on a tree, with the variance that comes from not seeing it well. */
    record Value(long plant, double value, double variance) {}

    /** What is believed of a tree: the next value and its spread. */
    record Belief(double mean, double spread, int own) {

        /** A value drawn by a standard normal. */
        double drawn(double normal) {
            return mean + spread * normal;
        }
    }

    Levels(Prior prior, List<Value> values) {
        this.prior = prior;
        this.seen = values.size();
        this.scatter = prior.scatter * prior.scatter;
        for (int pass = 0; pass < PASSES; pass++) {
            learn(values);
            judge(values);
            double sum = PRIOR_VALUES * prior.scatter * prior.scatter;
            double count = PRIOR_VALUES;
            for (Value value : values) {
                double off = value.value - plantMean(value.plant)[0];
                double single = single(value);
                double[] own = byPlant.get(value.plant);
                // A mean drawn towards its own values leaves too little over.
                double kept = own == null ? 1 : Math.max(0.3, 1 - 1 / (own[2] + scatter / square(prior.plantSpread)));
                sum += single * (Math.min(off * off / kept, 5 * scatter) - Math.min(value.variance, off * off / kept));
                count += single;
            }
            scatter = Math.max(square(prior.scatter / 3), sum / count);
        }
        learn(values);
    }

    private double single(Value value) {
        return singles.getOrDefault(value, 1.0);
    }

    private void judge(List<Value> values) {
        for (Value value : values) {
            double off = value.value - plantMean(value.plant)[0];
            double variance = scatter + value.variance;
            double single = (1 - HIDING_SHARE - NONSENSE_SHARE) * density(off, variance);
            double hiding = HIDING_SHARE * density(off - prior.hides, variance);
            double nonsense = NONSENSE_SHARE * density(off, square(NONSENSE_TIMES) * variance);
            singles.put(value, single / (single + hiding + nonsense));
        }
    }

    private static double density(double off, double variance) {
        return Math.exp(-off * off / 2 / variance) / Math.sqrt(variance);
    }

    private void learn(List<Value> values) {
        byPlant.clear();
        for (Value value : values) {
            double[] own = byPlant.computeIfAbsent(value.plant, k -> new double[3]);
            double precision = single(value) / (scatter + value.variance);
            own[0] += precision;
            own[1] += precision * value.value;
            own[2] += single(value);
        }
        farmPrecision = 1 / square(prior.farmSpread);
        double weighted = prior.mean * farmPrecision;
        for (double[] own : byPlant.values()) {
            double precision = 1 / (square(prior.plantSpread) + 1 / own[0]);
            farmPrecision += precision;
            weighted += precision * own[1] / own[0];
        }
        farmMean = weighted / farmPrecision;
    }

    private double[] plantMean(long plant) {
        double[] own = byPlant.get(plant);
        double between = square(prior.plantSpread);
        if (own == null) {
            return new double[] {farmMean, between + 1 / farmPrecision};
        }
        double variance = 1 / (own[0] + 1 / between);
        double towards = own[0] * variance;
        return new double[] {
            own[1] * variance + (1 - towards) * farmMean, variance + square(1 - towards) / farmPrecision
        };
    }

    /** How far single values of a tree scatter. */
    double scatter() {
        return Math.sqrt(scatter);
    }

    /** What is believed of the next value of a tree. */
    Belief next(long plant) {
        double[] mean = plantMean(plant);
        double[] own = byPlant.get(plant);
        return new Belief(mean[0], Math.sqrt(mean[1] + scatter), own == null ? 0 : (int) Math.round(own[2]));
    }

    /** How many values were learned from. */
    int seen() {
        return seen;
    }

    /** The mean of a tree. */
    double mean(long plant) {
        return plantMean(plant)[0];
    }

    private static double square(double x) {
        return x * x;
    }
}
