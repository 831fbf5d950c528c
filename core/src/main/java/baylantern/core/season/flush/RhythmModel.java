package baylantern.core.season.flush;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Learns the warmth between swells: species prior, then the farm's trees of that species, then the plant itself; a
 * two-level normal model on the log scale with known spreads, updated in closed form (Gelman and others, Bayesian data
 * analysis, 2013, section 5.4).
 *
 * <p>Plant mean θ ~ N(m, τ²), farm mean m ~ N(ln prior, s₀²), each interval y ~ N(θ, σ²/k + v), where v comes from the days
 * between notes and k is how many flushes lie in it: an interval about twice or three times the expected is taken as so
 * many flushes, of which the ones between were not seen.
 */
public final class RhythmModel {

    private static final double[] SEEN_CHANCE = {0.9, 0.09, 0.01};
    private static final int PASSES = 3;

    private final double priorLog;
    private final double farmVariance;
    private final double plantVariance;
    private final double cycleVariance;
    private final Map<Interval, Integer> cycles = new HashMap<>();
    private Map<Long, Heard> byPlant = new HashMap<>();
    private double precision;
    private double weighted;
    private int farmCycles;

    /** What a plant's own intervals say: the sum of precisions and of precision × log interval. */
    private record Heard(double precision, double weighted, int count) {

        static final Heard NOTHING = new Heard(0, 0, 0);

        Heard plus(double log, double variance) {
            return new Heard(precision + 1 / variance, weighted + log / variance, count + 1);
        }

        Heard minus(double log, double variance) {
            return new Heard(precision - 1 / variance, weighted - log / variance, count - 1);
        }
    }

    /** Learns from every interval seen on the farm's trees of one species. */
    public RhythmModel(Figure swellToSwell, FlushRules rules, List<Interval> intervals) {
        this.priorLog = Math.log(swellToSwell.value());
        this.farmVariance = square(rules.value(FigureName.FARM_SPREAD));
        this.plantVariance = square(rules.value(FigureName.PLANT_SPREAD));
        this.cycleVariance = square(rules.value(FigureName.CYCLE_SPREAD));
        for (int pass = 0; pass < PASSES; pass++) {
            learn(intervals);
        }
    }

    private void learn(List<Interval> intervals) {
        Map<Interval, Integer> counted = new HashMap<>();
        intervals.forEach(interval -> counted.put(interval, likeliest(interval)));
        cycles.clear();
        cycles.putAll(counted);
        Map<Long, Heard> heard = new HashMap<>();
        for (Interval interval : intervals) {
            heard.merge(
                    interval.plant(),
                    Heard.NOTHING.plus(log(interval), variance(interval)),
                    (a, b) -> a.plus(log(interval), variance(interval)));
        }
        byPlant = heard;
        precision = 1 / farmVariance;
        weighted = priorLog / farmVariance;
        farmCycles = intervals.size();
        heard.values().forEach(one -> {
            precision += toFarm(one);
            weighted += toFarm(one) * one.weighted() / one.precision();
        });
    }

    // How precisely one plant's mean tells the farm's.
    private double toFarm(Heard one) {
        return one.count() == 0 ? 0 : 1 / (plantVariance + 1 / one.precision());
    }

    private int likeliest(Interval interval) {
        Rhythm rhythm = plant(interval.plant());
        int best = 1;
        double most = Double.NEGATIVE_INFINITY;
        for (int k = 1; k <= SEEN_CHANCE.length; k++) {
            double spread = Math.sqrt(rhythm.meanVariance() + cycleVariance / k + interval.dateVariance());
            double likely = NormalDistribution.of(rhythm.logMean() + Math.log(k), spread)
                            .logDensity(Math.log(interval.warmth()))
                    + Math.log(SEEN_CHANCE[k - 1]);
            if (likely > most) {
                most = likely;
                best = k;
            }
        }
        return best;
    }

    private double log(Interval interval) {
        return Math.log(interval.warmth() / cycles(interval));
    }

    private double variance(Interval interval) {
        return cycleVariance / cycles(interval) + interval.dateVariance();
    }

    /** How many flushes lie in an interval the model has learned from; 1 for others. */
    public int cycles(Interval interval) {
        return cycles.getOrDefault(interval, 1);
    }

    /** The rhythm of a plant; the farm's, or the species prior, where nothing was seen on it. */
    public Rhythm plant(long plant) {
        return rhythm(byPlant.getOrDefault(plant, Heard.NOTHING), precision, weighted, farmCycles);
    }

    /** The rhythm of an interval's plant as it would be had that interval not been seen. */
    public Rhythm without(Interval interval) {
        Heard all = byPlant.getOrDefault(interval.plant(), Heard.NOTHING);
        Heard rest = all.minus(log(interval), variance(interval));
        Heard left = rest.count() == 0 ? Heard.NOTHING : rest;
        double otherPrecision = precision - toFarm(all) + toFarm(left);
        double otherWeighted = weighted
                - toFarm(all) * all.weighted() / all.precision()
                + (left.count() == 0 ? 0 : toFarm(left) * left.weighted() / left.precision());
        return rhythm(left, otherPrecision, otherWeighted, farmCycles - 1);
    }

    /** The species prior alone. */
    public Rhythm prior() {
        return new Rhythm(priorLog, farmVariance + plantVariance, cycleVariance, 0, 0);
    }

    private Rhythm rhythm(Heard own, double farmPrecision, double farmWeighted, int seen) {
        if (farmPrecision == 0) {
            return prior();
        }
        double farmMean = farmWeighted / farmPrecision;
        double variance = 1 / (own.precision() + 1 / plantVariance);
        double towardsOwn = own.precision() * variance;
        double mean = own.weighted() * variance + (1 - towardsOwn) * farmMean;
        double unsure = variance + square(1 - towardsOwn) / farmPrecision;
        return new Rhythm(mean, unsure, cycleVariance, own.count(), seen);
    }

    private static double square(double x) {
        return x * x;
    }
}
