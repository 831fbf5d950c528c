package baylantern.core.take.push;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;

/**
 * How far the course could be another, had the same sessions given other grafts: drawn anew many times, grafts within each
 * session and sessions among themselves, each time fitted anew.
 *
 * <p>Source: B. Efron, Bootstrap methods: another look at the jackknife, Ann. Statist. 7 (1979), 1–26; in two stages for
 * what shares a session, as A. C. Davison, D. V. Hinkley, Bootstrap Methods and their Application, 1997, §3.8.
 */
public final class PushBand {

    private static final int DRAWS = 200;
    private static final double CLOSE = 1e-5;
    private static final int ROUNDS = 200;

    private final List<PushCurve> drawn;
    private final double mass;

    private PushBand(List<PushCurve> drawn, double mass) {
        this.drawn = drawn;
        this.mass = mass;
    }

    /** A range. */
    public record Range(double low, double high) {}

    /**
     * Draws.
     *
     * @param sessions the grafts of each session
     * @param mass what the range is to hold, such as 0.9
     * @param seed the same seed draws the same
     */
    public static PushBand of(List<List<PushCase>> sessions, double mass, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        // Grafts that cannot be told apart are counted under one number.
        Map<PushCase, Integer> numbers = new LinkedHashMap<>();
        int[][] numbered = sessions.stream()
                .map(session -> session.stream()
                        .mapToInt(one -> numbers.computeIfAbsent(one, k -> numbers.size()))
                        .toArray())
                .toArray(int[][]::new);
        List<PushCase> kinds = List.copyOf(numbers.keySet());
        List<PushCurve> drawn = new ArrayList<>();
        for (int draw = 0; draw < DRAWS; draw++) {
            int[] counts = new int[kinds.size()];
            for (int s = 0; s < numbered.length; s++) {
                int[] session = numbered[random.nextInt(numbered.length)];
                for (int i = 0; i < session.length; i++) {
                    counts[session[random.nextInt(session.length)]]++;
                }
            }
            drawn.add(PushFit.of(weighted(kinds, counts), CLOSE, ROUNDS));
        }
        return new PushBand(List.copyOf(drawn), mass);
    }

    private static Map<PushCase, Double> weighted(List<PushCase> kinds, int[] counts) {
        Map<PushCase, Double> weighted = new LinkedHashMap<>();
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > 0) {
                weighted.put(kinds.get(i), 1.0 * counts[i]);
            }
        }
        return weighted;
    }

    /** The range of what has pushed by a day. */
    public Range pushedBy(double day) {
        return range(curve -> curve.pushedBy(day));
    }

    /** The range of what has died by a day. */
    public Range diedBy(double day) {
        return range(curve -> curve.diedBy(day));
    }

    /** The range of the day by which half have pushed of those that push; NaN where too few tell. */
    public Range median() {
        return range(PushCurve::median);
    }

    private Range range(ToDoubleFunction<PushCurve> of) {
        double[] values = drawn.stream()
                .mapToDouble(of)
                .filter(value -> !Double.isNaN(value))
                .sorted()
                .toArray();
        if (values.length < drawn.size() / 2) {
            return new Range(Double.NaN, Double.NaN);
        }
        double tail = (1 - mass) / 2;
        return new Range(at(values, tail), at(values, 1 - tail));
    }

    private static double at(double[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1.0, Math.floor(share * sorted.length))];
    }
}
