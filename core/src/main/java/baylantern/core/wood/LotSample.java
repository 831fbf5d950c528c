package baylantern.core.wood;

import baylantern.core.rules.WoodRules.Grade;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A lot judged by some of its sticks. Its grade is the best that a wanted share of the sticks reach, held down by age:
 * under the good share of viability it is a last resort, under the last share it is left.
 *
 * @param grade null where no stick was looked at
 * @param counts sticks by grade
 * @param byAge true where age decides the grade, not the sample
 */
public record LotSample(@Nullable Grade grade, Map<Grade, Integer> counts, boolean byAge) {

    /**
     * Judges a lot.
     *
     * @param share share of the sticks that must reach the grade, 0 to 1
     * @param viability 0 to 1
     */
    public static LotSample of(List<Grade> sticks, double share, double viability, double good, double last) {
        Map<Grade, Integer> counts = new EnumMap<>(Grade.class);
        sticks.forEach(g -> counts.merge(g, 1, Integer::sum));
        Grade sampled = sticks.isEmpty() ? null : reached(counts, share * sticks.size());
        Grade aged = viability < last ? Grade.X : viability < good ? Grade.C : Grade.A;
        if (aged == Grade.A) {
            return new LotSample(sampled, counts, false);
        }
        boolean byAge = sampled == null || aged.ordinal() > sampled.ordinal();
        return new LotSample(byAge ? aged : sampled, counts, byAge);
    }

    // A share of a count may come out a hair over a whole number.
    private static final double ROUNDING = 1e-9;

    private static Grade reached(Map<Grade, Integer> counts, double wanted) {
        int sum = 0;
        for (Grade grade : Grade.values()) {
            sum += counts.getOrDefault(grade, 0);
            if (sum >= wanted - ROUNDING) {
                return grade;
            }
        }
        return Grade.X;
    }
}
