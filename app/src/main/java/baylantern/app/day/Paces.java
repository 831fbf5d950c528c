package baylantern.app.day;

import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.core.day.crew.Pace;
import baylantern.core.day.crew.Role;
import baylantern.core.day.crew.Stint;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** How fast each hand works, learned from the times between one logged graft and the next of the same block. */
@Service
class Paces {

    private static final double MILLIS = 1000;

    private final RunMapper runs;
    private final Rulebook rules;
    private final Derived<Map<Long, Pace>> paces;

    Paces(RunMapper runs, Rulebook rules, Changes changes) {
        this.runs = runs;
        this.rules = rules;
        this.paces = changes.derive(this::learn, Fact.RUNS);
    }

    /** The pace of a person, the usual one where nothing of theirs was timed. */
    Pace of(@Nullable Long personId) {
        Pace own = personId == null ? null : paces.get().get(personId);
        return own != null ? own : learned(List.of());
    }

    /** Usual seconds of a technique. */
    Stint.Seconds usual(Technique technique) {
        boolean bud = technique.group() == Technique.Group.BUD;
        return new Stint.Seconds(
                rules.day(FigureName.PREPARE_S),
                rules.day(bud ? FigureName.CUT_BUD_S : FigureName.CUT_STICK_S),
                rules.day(bud ? FigureName.WRAP_BUD_S : FigureName.WRAP_STICK_S),
                rules.day(FigureName.LABEL_S));
    }

    private Map<Long, Pace> learn() {
        Map<Long, List<Double>> ratios = new HashMap<>();
        RunMapper.TimeRow last = null;
        for (RunMapper.TimeRow time : runs.times()) {
            if (last != null && follows(last, time)) {
                double seconds = Duration.between(last.doneAt(), time.doneAt()).toMillis() / MILLIS;
                double ratio = seconds / seconds(time);
                if (ratio > 0 && ratio < rules.day(FigureName.PAUSE_TIMES)) {
                    ratios.computeIfAbsent(time.personId(), p -> new ArrayList<>())
                            .add(ratio);
                }
            }
            last = time;
        }
        Map<Long, Pace> learned = new HashMap<>();
        ratios.forEach((person, own) -> learned.put(person, learned(own)));
        return learned;
    }

    private static boolean follows(RunMapper.TimeRow last, RunMapper.TimeRow next) {
        return last.personId() == next.personId()
                && last.onDay().equals(next.onDay())
                && last.block().equals(next.block());
    }

    // Who only cuts has the next one ready sooner than who does all of it.
    private double seconds(RunMapper.TimeRow time) {
        Stint.Seconds usual = usual(rules.technique(time.techniqueKey()).orElseThrow());
        return time.role() == Role.CUT ? usual.prepare() + usual.cut() : usual.whole();
    }

    private Pace learned(List<Double> ratios) {
        return Pace.learned(rules.day(FigureName.PACE_SHAPE), rules.day(FigureName.PACE_STRENGTH), ratios);
    }
}
