package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.core.care.GraftLife;
import baylantern.core.care.GraftState;
import baylantern.core.care.Look;
import baylantern.core.care.PlannedVisit;
import baylantern.core.care.Trace;
import baylantern.core.rules.Known;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What the care of ended grafts was, as their looks tell it. */
@Service
public class CareRecord {

    private final GraftLives lives;
    private final GraftCare care;

    CareRecord(GraftLives lives, GraftCare care) {
        this.lives = lives;
        this.care = care;
    }

    /**
     * The care of an ended graft.
     *
     * @param late kinds of visit that were past their last day when it was found dead; none where nobody had looked before,
     *     for then nothing is known
     * @param found what was found at it
     * @param pushed true where it had pushed
     * @param endedOn the day it was found dead, that of its making where no look says so
     */
    public record Told(Set<String> late, Set<Trace> found, boolean pushed, LocalDate endedOn) {}

    /** The care of some grafts, by graft. */
    public Map<Long, Told> of(List<Graft> grafts) {
        Map<Long, GraftLife> known = lives.of(grafts);
        GraftCare.Known beside = care.known(grafts.stream().map(Graft::id).toList());
        Map<Long, Told> told = new HashMap<>();
        for (Graft graft : grafts) {
            told.put(graft.id(), told(graft, Known.in(known, graft.id()), beside));
        }
        return told;
    }

    private Told told(Graft graft, GraftLife life, GraftCare.Known beside) {
        Set<Trace> found = life.steps().stream()
                .flatMap(step -> step.look().found().stream())
                .collect(Collectors.toUnmodifiableSet());
        List<Look> before = life.steps().stream()
                .map(GraftLife.Step::look)
                .takeWhile(look -> look.sign().shows() != GraftState.FAILED)
                .toList();
        LocalDate ended = life.steps().stream()
                .filter(step -> step.after() == GraftState.FAILED)
                .map(step -> step.look().seenOn())
                .findFirst()
                .orElse(graft.madeOn());
        GraftLife until = lives.of(graft, before);
        Set<String> late = before.isEmpty()
                ? Set.of()
                : care.open(graft, until, beside).stream()
                        .filter(visit -> visit.latest().isBefore(ended))
                        .map(PlannedVisit::kind)
                        .collect(Collectors.toSet());
        return new Told(late, found, until.state().atLeast(GraftState.PUSHED), ended);
    }
}
