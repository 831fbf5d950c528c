package baylantern.core.day.crew;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.commons.statistics.distribution.GammaDistribution;

/**
 * When a day may be done, and how long a cut face may wait: the team run many times, each with paces drawn from what is
 * believed of them and each single time from a gamma of mean 1. Seeded: the same day gives the same answer.
 *
 * @param finish minutes after the day begins: 5, 50 and 95 of a hundred
 * @param longestFace the longest wait of a cut face, minutes, in half of the runs and in 95 of a hundred
 * @param typical the run that was done in the middle of all
 */
public record Forecast(Range finish, Range longestFace, Flow typical) {

    private static final int RUNS = 200;
    private static final int PARTS = 512;
    private static final long SEED = 5;

    /** Of a hundred runs, 5 lie under low and 95 under high. */
    public record Range(double low, double mid, double high) {

        static Range of(double[] values) {
            double[] sorted = values.clone();
            Arrays.sort(sorted);
            return new Range(at(sorted, 0.05), at(sorted, 0.5), at(sorted, 0.95));
        }

        private static double at(double[] sorted, double share) {
            return sorted[(int) Math.round(share * (sorted.length - 1))];
        }
    }

    /** A person with what is believed of their pace. */
    public record Known(Hand hand, Pace pace) {}

    /** Foretells a day; {@code spreadShape} is the shape of one graft's time. */
    public static Forecast of(
            List<Known> team, List<Pause> pauses, double faceMinutes, List<Stint> stints, double spreadShape) {
        Random luck = new Random(SEED);
        double[] parts = parts(spreadShape);
        List<Flow> flows = new ArrayList<>();
        double[] finish = new double[RUNS];
        double[] longest = new double[RUNS];
        for (int i = 0; i < RUNS; i++) {
            List<Hand> hands = new ArrayList<>();
            for (Known known : team) {
                hands.add(known.hand().at(known.pace().quantile(0.001 + 0.998 * luck.nextDouble())));
            }
            Flow flow = new Crew(hands, pauses, faceMinutes).run(stints, () -> parts[luck.nextInt(PARTS)]);
            flows.add(flow);
            finish[i] = flow.finish();
            longest[i] = flow.longestFace();
        }
        flows.sort(Comparator.comparingDouble(Flow::finish));
        return new Forecast(Range.of(finish), Range.of(longest), flows.get(RUNS / 2));
    }

    // Equal parts of the gamma by their middles: a draw is then a look into a table.
    private static double[] parts(double shape) {
        GammaDistribution gamma = GammaDistribution.of(shape, 1 / shape);
        return IntStream.range(0, PARTS)
                .mapToDouble(i -> gamma.inverseCumulativeProbability((i + 0.5) / PARTS))
                .toArray();
    }
}
