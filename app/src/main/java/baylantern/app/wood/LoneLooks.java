package baylantern.app.wood;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.season.WarmthService;
import baylantern.core.rules.Figure;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.WoodRules;
import baylantern.core.rules.WoodRules.MeasureRule;
import baylantern.core.wood.StickGrade;
import baylantern.core.wood.StickGrader;
import baylantern.core.wood.StickLook;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What each look at a stick means by itself, for a device without contact: a stick is as good as its worst look, and what each
 * takes off its score adds up.
 */
@Service
class LoneLooks {

    private static final double LEAST = 0;
    private static final double MOST = 1000;

    private final Rulebook rules;
    private final WarmthService warmth;
    private final FarmClock clock;

    LoneLooks(Rulebook rules, WarmthService warmth, FarmClock clock) {
        this.rules = rules;
        this.warmth = warmth;
        this.clock = clock;
    }

    /**
     * One look and what it means.
     *
     * @param look what is looked at or measured
     * @param state what it shows; null where it is measured
     * @param from from this measure on, mm or buds; null where it is seen
     * @param until up to this measure, itself not in it but for the last
     */
    record Lone(
            String look,
            @Nullable String state,
            @Nullable Double from,
            @Nullable Double until,
            StickGrade grade) {}

    /**
     * All looks there are.
     *
     * @param lastResort under this score, 0 to 1, a stick is a last resort at best
     */
    record StickTable(double lastResort, List<Lone> alone) {}

    /** All of them for sticks of a species, cut or on their tree. */
    StickTable of(String speciesKey, boolean cut) {
        if (rules.species(speciesKey).isEmpty()) {
            throw FarmProblem.unknown("species", speciesKey);
        }
        WoodRules wood = rules.wood();
        List<Lone> alone = new ArrayList<>();
        wood.looks()
                .forEach((look, rule) -> rule.states()
                        .keySet()
                        .forEach(state -> alone.add(new Lone(
                                look,
                                state,
                                null,
                                null,
                                grade(speciesKey, new StickLook(Map.of(look, state), Map.of(), cut))))));
        wood.kind(speciesKey).measures().forEach((look, range) -> {
            MeasureRule rule = wood.measures().get(look);
            if (rule != null) {
                alone.addAll(measures(speciesKey, look, range, rule.far(), cut));
            }
        });
        return new StickTable(StickGrader.LAST_RESORT, alone);
    }

    // A measure means the same everywhere between two of these limits; the middle tells what.
    private List<Lone> measures(String species, String look, Figure range, double far, boolean cut) {
        double[] limits = {
            LEAST,
            range.low() * far,
            range.low(),
            Math.nextUp(range.high()),
            Math.min(MOST, Math.nextUp(range.high() / far)),
            MOST
        };
        List<Lone> bands = new ArrayList<>();
        for (int i = 1; i < limits.length; i++) {
            double middle = (limits[i - 1] + limits[i]) / 2;
            bands.add(new Lone(
                    look,
                    null,
                    limits[i - 1],
                    limits[i],
                    grade(species, new StickLook(Map.of(), Map.of(look, middle), cut))));
        }
        return bands;
    }

    private StickGrade grade(String species, StickLook look) {
        return new StickGrader(rules.wood(), species).grade(look, clock.today(), warmth.healing(species));
    }
}
