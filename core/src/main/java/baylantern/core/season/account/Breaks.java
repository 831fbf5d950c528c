package baylantern.core.season.account;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How much likelier flushes begin after rain has broken a dry spell: the rate at which buds swell by age is multiplied by
 * {@code a·exp(b·strength)} (proportional hazards, Cox 1972). Each {@code b} of some counts by how likely it makes the days
 * between which swells were seen; beforehand none counts half of all, and the others less the farther they lie from it.
 * {@code a} keeps as many swells as there were.
 *
 * @param times by the strength of the rain, 0 to 1 in even parts
 */
record Breaks(double[] times) {

    private static final int PARTS = 20;
    private static final double[] TRIED = {0, 0.4, 0.8, 1.2, 1.6, 2, 2.4, 2.8};
    // How much none of it counts beforehand.
    private static final double NONE = 0.5;
    // How far b lies from none beforehand where there is any.
    private static final double USUAL = 2;
    // Trees of a farm meet the same rain, so that their swells say less than as many from apart.
    private static final double COUNTS = 0.7;
    private static final int ROUNDS = 12;
    private static final double LEAST_RATE = 1e-9;

    /**
     * A swell that followed another.
     *
     * @param rates by age alone, of each day from the day after the other to the one by which this was seen
     * @param strength of the rain on the same days, 0 to 1
     * @param sure on so many of the days it had not come for sure
     */
    record Followed(double[] rates, double[] strength, int sure) {

        private static Followed of(Gap gap, AgeTable age, Hurry hurry, Passed passed, SkyDays past) {
            int from = gap.from().day();
            int days = Math.max(gap.to().by(), gap.to().after() + 1) - from;
            double per = age.per() * hurry.season().times(from);
            double[] rates = new double[days];
            double[] strength = new double[days];
            double before = 0;
            for (int i = 0; i < days; i++) {
                int day = from + 1 + i;
                double now = age.rate((passed.by(past, day) - passed.by(past, from)) * per);
                rates[i] = now - before;
                strength[i] = Drivers.breaks(past.drivers(day));
                before = now;
            }
            return new Followed(rates, strength, gap.to().after() - from);
        }
    }

    /** A level for one {@code b}, and how likely they make the swells, as a log. */
    private record Fit(double level, double likely) {

        static Fit of(List<Followed> swells, double[] days, double b) {
            double[] before = new double[swells.size()];
            double[] within = new double[swells.size()];
            for (int i = 0; i < before.length; i++) {
                Followed one = swells.get(i);
                for (int d = 0; d < one.rates.length; d++) {
                    double rate = one.rates[d] * Math.exp(b * one.strength[d]);
                    before[i] += d < one.sure ? rate : 0;
                    within[i] += d < one.sure ? 0 : rate;
                }
                within[i] = Math.max(LEAST_RATE, within[i]);
            }
            double usual = Arrays.stream(days)
                    .map(strength -> Math.exp(b * strength))
                    .average()
                    .orElse(1);
            double level = level(before, within, usual);
            double likely = 0;
            for (int i = 0; i < before.length; i++) {
                likely += Math.log(-Math.expm1(-level * within[i])) - level * before[i];
            }
            return new Fit(level, likely);
        }

        // By turns of expectation and maximisation: as many swells as the rate that was borne until they came. One more
        // came after as much as is borne while the usual rate adds up to 1.
        private static double level(double[] before, double[] within, double usual) {
            double level = 1 / usual;
            for (int round = 0; round < ROUNDS; round++) {
                double borne = usual;
                for (int i = 0; i < before.length; i++) {
                    borne += before[i] + 1 / level - within[i] / Math.expm1(level * within[i]);
                }
                level = (before.length + 1) / borne;
            }
            return level;
        }
    }

    /** Learns from gaps between swells whose rates by age go by what passes of the clock. */
    static Breaks learn(List<Gap> gaps, Hurry hurry, SkyDays past) {
        Passed passed = Passed.of(hurry.past(past));
        Map<Long, AgeTable> ages = new HashMap<>();
        return learn(
                gaps.stream()
                        .map(gap -> Followed.of(
                                gap,
                                ages.computeIfAbsent(
                                        gap.plant(),
                                        plant -> new AgeTable(
                                                hurry.season().levels().next(plant))),
                                hurry,
                                passed,
                                past))
                        .toList(),
                Arrays.stream(past.pastDrivers())
                        .limit(past.known())
                        .mapToDouble(Drivers::breaks)
                        .toArray());
    }

    /**
     * Learns from swells that followed others.
     *
     * @param days the strength of the rain on all days there were
     */
    static Breaks learn(List<Followed> swells, double[] days) {
        List<Fit> fits =
                Arrays.stream(TRIED).mapToObj(b -> Fit.of(swells, days, b)).toList();
        double[] beforehand = beforehand();
        double most = fits.stream().mapToDouble(Fit::likely).max().orElseThrow();
        double[] times = new double[PARTS + 1];
        double sum = 0;
        for (int i = 0; i < TRIED.length; i++) {
            // Against the likeliest: of thousands of swells the likelihoods themselves cannot be told.
            double weight = beforehand[i] * Math.exp(COUNTS * (fits.get(i).likely - most));
            sum += weight;
            for (int part = 0; part <= PARTS; part++) {
                times[part] += weight * fits.get(i).level * Math.exp(TRIED[i] * part / PARTS);
            }
        }
        for (int part = 0; part <= PARTS; part++) {
            times[part] /= sum;
        }
        return new Breaks(times);
    }

    private static double[] beforehand() {
        double[] counts = Arrays.stream(TRIED).map(b -> Math.exp(-b / USUAL)).toArray();
        double others = Arrays.stream(counts).skip(1).sum();
        for (int i = 1; i < counts.length; i++) {
            counts[i] *= (1 - NONE) / others;
        }
        counts[0] = NONE;
        return counts;
    }

    /** By how much the rate is multiplied at a strength of the rain, 0 to 1. */
    double times(double strength) {
        double at = strength * PARTS;
        int low = Math.min(PARTS - 1, (int) at);
        return times[low] + (at - low) * (times[low + 1] - times[low]);
    }

    /** The same summed up day by day, going on from {@code begin}. */
    double[] summed(double begin, double[][] drivers) {
        double[] sums = new double[drivers.length];
        double sum = begin;
        for (int i = 0; i < sums.length; i++) {
            sum += times(Drivers.breaks(drivers[i]));
            sums[i] = sum;
        }
        return sums;
    }
}
