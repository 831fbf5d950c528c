package baylantern.core.take;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;

/**
 * What is believed of how far kin differ, before their records.
 *
 * @param strength so many grafts kin count for; spread of log-odds {@code √(1/(0.21 · (s + 1)))}, 0.21 being p(1 − p) at 0.7
 * @param spread how freely the records may move that, standard deviation of its log
 * @param occasion the same of one occasion among others, where the last level is of occasions; null where it is not
 */
public record KinPrior(
        Figure strength, Figure spread, @Nullable Figure occasion) {

    private static final double VARIANCE = 0.21;
    private static final double[] STEPS = {-1.9, -0.9, 0, 0.9, 2.1};

    /** As the rulebook has it, where all levels are of lasting kinds: species, varieties, techniques. */
    public static KinPrior lasting(Rulebook rules) {
        return new KinPrior(rules.life(FigureName.KIN_STRENGTH), rules.life(FigureName.KIN_SPREAD), null);
    }

    /** As the rulebook has it, where the last level is of seasons. */
    public static KinPrior withSeasons(Rulebook rules) {
        return new KinPrior(
                rules.life(FigureName.KIN_STRENGTH),
                rules.life(FigureName.KIN_SPREAD),
                rules.life(FigureName.OCCASION_STRENGTH));
    }

    /** How far members of a level may lie from their group, on log-odds, evenly in the log. */
    double[] spreads(boolean ofOccasions) {
        double s = (ofOccasions && occasion != null ? occasion : strength).value();
        double middle = Math.sqrt(1 / (VARIANCE * (s + 1)));
        // A strength's log moves the spread's by half.
        return DoubleStream.of(STEPS)
                .map(z -> middle * Math.exp(z * spread.value() / 2))
                .toArray();
    }

    /** Log of how likely each of those is. */
    static double[] logWeights() {
        double[] weights = new double[STEPS.length];
        for (int i = 0; i < STEPS.length; i++) {
            double width = (STEPS[Math.min(i + 1, STEPS.length - 1)] - STEPS[Math.max(i - 1, 0)]) / 2;
            weights[i] = -STEPS[i] * STEPS[i] / 2 + Math.log(width);
        }
        return weights;
    }

    /** So many grafts kin count for at a spread; 0 or more. */
    static double strengthAt(double variance) {
        return Math.max(0, 1 / (VARIANCE * variance) - 1);
    }
}
