package baylantern.core.cause;

import baylantern.core.rules.CauseRules;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Technique;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.AhrensDieterMarsagliaTsangGammaSampler;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.jspecify.annotations.Nullable;

/**
 * What the weights of causes and the times of signs may be: as the rulebook and the farm's cases say, or drawn as far off as
 * they may be. Within one draw a sign is off by the same at every graft.
 */
final class Draws {

    private final CauseRules rules;
    private final String[] causes;
    private final Map<String, Double> confirmed;
    private final @Nullable UniformRandomProvider luck;
    private final Map<Technique.Group, double[]> before = new EnumMap<>(Technique.Group.class);
    private final Map<String, double[]> off = new HashMap<>();

    Draws(CauseRules rules, String[] causes, Map<String, Double> confirmed, @Nullable SplittableRandom random) {
        this.rules = rules;
        this.causes = causes;
        this.confirmed = confirmed;
        this.luck = random == null ? null : random::nextLong;
    }

    /** The weights before anything is seen; one that never comes in a technique is not learned for it. */
    double[] before(Technique.Group group) {
        return before.computeIfAbsent(group, this::weights);
    }

    private double[] weights(Technique.Group group) {
        double strength = rules.value(FigureName.CAUSE_STRENGTH);
        double[] weight = new double[causes.length];
        Arrays.setAll(weight, c -> {
            CauseRules.CauseRule rule = Known.in(rules.causes(), causes[c]);
            return rule.byGroup().getOrDefault(group.name(), rule.weight());
        });
        double all = Arrays.stream(weight).sum();
        Arrays.setAll(weight, c -> {
            double counts = weight[c] == 0 ? 0 : strength * weight[c] / all + confirmed.getOrDefault(causes[c], 0.0);
            return luck == null || counts == 0
                    ? counts
                    : AhrensDieterMarsagliaTsangGammaSampler.of(luck, counts, 1).sample();
        });
        return weight;
    }

    /** How many times likelier some things make each cause. */
    double[] times(List<Evidence.Item> items) {
        double[] times = new double[causes.length];
        Arrays.fill(times, 1);
        for (Evidence.Item item : items) {
            double[] by = off.computeIfAbsent(item.words(), words -> off());
            for (int c = 0; c < causes.length; c++) {
                double said = item.times(causes[c]);
                times[c] *= said == 1 ? 1 : said * by[c];
            }
        }
        return times;
    }

    private double[] off() {
        double spread = rules.value(FigureName.CAUSE_SPREAD);
        double[] by = new double[causes.length];
        Arrays.setAll(
                by,
                c -> luck == null
                        ? 1
                        : Math.exp(spread
                                * ZigguratSampler.NormalizedGaussian.of(luck).sample()));
        return by;
    }
}
