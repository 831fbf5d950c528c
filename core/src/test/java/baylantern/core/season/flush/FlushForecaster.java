package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Draws a plant's next flushes: intervals from what is believed of its rhythm, weather from the runs, both held against
 * the stage seen last.
 *
 * <p>With the last swell at warmth c and the last note at warmth n, an interval I puts the note at phase (n − c)/I. Only
 * intervals that put it into the stage seen are drawn: a normal on the log scale, cut to those bounds. Where hardly any
 * fits, or no swell is known, the stage alone is the anchor: a phase within it, and an interval as believed.
 */
public final class FlushForecaster {

    private static final double EYE_SLACK = 0.02;
    private static final double LEAST_FIT = 0.02;
    private static final int MOST_SWELLS = 40;

    private final WarmthRuns warmth;
    private final FlushRules rules;

    public FlushForecaster(WarmthRuns warmth, FlushRules rules) {
        this.warmth = warmth;
        this.rules = rules;
    }

    /** The outlook of a plant with these notes; empty where it has none. Same seed, same outlook. */
    public Optional<Outlook> forecast(Rhythm rhythm, List<Swell> swells, List<BudNote> notes, long seed) {
        return notes.stream()
                .max(Comparator.comparing(BudNote::day))
                .map(last -> outlook(rhythm, lastBefore(swells, last.day()), last, seed));
    }

    private static Optional<Swell> lastBefore(List<Swell> swells, LocalDate day) {
        return swells.stream().filter(s -> !s.day().isAfter(day)).max(Comparator.comparing(Swell::day));
    }

    private Outlook outlook(Rhythm rhythm, Optional<Swell> swell, BudNote last, long seed) {
        boolean alone = swell.isEmpty() || !fits(rhythm, swell.get(), last);
        SplittableRandom random = new SplittableRandom(seed);
        double[][] swells = new double[warmth.runs()][];
        for (int run = 0; run < swells.length; run++) {
            double[] begun =
                    alone ? fromStage(rhythm, last, run, random) : fromSwell(rhythm, swell.get(), last, run, random);
            swells[run] = goOn(begun, rhythm, warmth.end(run), random);
        }
        return new Outlook(warmth, rules, swells, alone);
    }

    private boolean fits(Rhythm rhythm, Swell swell, BudNote last) {
        double elapsed = warmth.at(0, last.day()) - warmth.at(0, swell.day());
        Bounds bounds = bounds(leading(last.canopy()), elapsed);
        NormalDistribution next = rhythm.next();
        return next.cumulativeProbability(bounds.high()) - next.cumulativeProbability(bounds.low()) > LEAST_FIT;
    }

    /** Bounds of the log interval. */
    private record Bounds(double low, double high) {}

    private Bounds bounds(BudStage stage, double elapsed) {
        boolean rest = stage == BudStage.M || stage == BudStage.R;
        double from = Math.max(0, (rest ? rules.from(BudStage.M) : rules.from(stage)) - EYE_SLACK);
        double until = rest ? 1 : rules.until(stage) + EYE_SLACK;
        double low = elapsed <= 0 ? Double.NEGATIVE_INFINITY : Math.log(elapsed / until);
        double high = from == 0 ? Double.POSITIVE_INFINITY : Math.log(elapsed / from);
        return new Bounds(low, Math.max(low, high));
    }

    private double[] fromSwell(Rhythm rhythm, Swell swell, BudNote last, int run, SplittableRandom random) {
        double half = swell.halfGapDays();
        LocalDate day = swell.day().plusDays(Math.round((2 * random.nextDouble() - 1) * half));
        LocalDate begun = day.isAfter(last.day()) ? last.day() : day;
        double start = warmth.at(run, begun);
        Bounds bounds = bounds(drawn(last, random), warmth.at(run, last.day()) - start);
        NormalDistribution next = rhythm.next();
        double low = next.cumulativeProbability(bounds.low());
        double high = next.cumulativeProbability(bounds.high());
        double share = high - low > LEAST_FIT / 10 ? low + (high - low) * random.nextDouble() : (low + high) / 2;
        double clear = Math.max(1e-6, Math.min(1 - 1e-6, share));
        return new double[] {start, start + Math.exp(next.inverseCumulativeProbability(clear))};
    }

    private double[] fromStage(Rhythm rhythm, BudNote last, int run, SplittableRandom random) {
        BudStage stage = drawn(last, random);
        boolean rest = stage == BudStage.M || stage == BudStage.R;
        double from = rest ? rules.from(BudStage.M) : rules.from(stage);
        double until = rest ? 1 : rules.until(stage);
        double phase = from + (until - from) * random.nextDouble();
        double interval = Math.exp(rhythm.next().inverseCumulativeProbability(clear(random)));
        double start = warmth.at(run, last.day()) - phase * interval;
        return new double[] {start, start + interval};
    }

    // One twig of the canopy: stages in proportion to their shares.
    private BudStage drawn(BudNote last, SplittableRandom random) {
        CanopyShares canopy = last.canopy();
        List<BudStage> telling = telling(canopy);
        double left =
                random.nextDouble() * telling.stream().mapToDouble(canopy::of).sum();
        for (BudStage stage : telling) {
            left -= canopy.of(stage);
            if (left < 0) {
                return stage;
            }
        }
        return telling.get(telling.size() - 1);
    }

    // Once a flush has begun, twigs still at rest are only late, and say nothing of where the tree stands.
    private List<BudStage> telling(CanopyShares canopy) {
        boolean begun = canopy.active() >= rules.value(FigureName.SWELL_SHARE);
        return canopy.present().stream()
                .filter(stage -> !begun || stage.active())
                .toList();
    }

    private BudStage leading(CanopyShares canopy) {
        return telling(canopy).stream()
                .max(Comparator.comparingDouble(canopy::of))
                .orElseThrow();
    }

    // Later intervals share one plant mean and differ by flush.
    private double[] goOn(double[] begun, Rhythm rhythm, double end, SplittableRandom random) {
        double[] all = java.util.Arrays.copyOf(begun, MOST_SWELLS);
        double mean = rhythm.logMean() + Math.sqrt(rhythm.meanVariance()) * random.nextGaussian();
        int count = 2;
        while (count < MOST_SWELLS && (all[count - 1] <= end || count < Outlook.FLUSHES + 2)) {
            double log = mean + Math.sqrt(rhythm.cycleVariance()) * random.nextGaussian();
            all[count] = all[count - 1] + Math.exp(log);
            count++;
        }
        return java.util.Arrays.copyOf(all, count);
    }

    private static double clear(SplittableRandom random) {
        return Math.max(1e-6, Math.min(1 - 1e-6, random.nextDouble()));
    }
}
