package baylantern.core.care;

import baylantern.core.rules.Rulebook;
import baylantern.core.rules.VisitKind;
import baylantern.core.rules.VisitRule;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The open visits of a graft, computed afresh from its record, its looks and the warmth. A look answers every visit
 * that was due on its day; repeating visits then count on from that look.
 */
public final class CarePlan {

    private final Rulebook rules;

    public CarePlan(Rulebook rules) {
        this.rules = rules;
    }

    /** Open visits, soonest first; none once the graft has ended. */
    public List<PlannedVisit> open(CareSubject subject, GraftLife life, HealingClock clock) {
        if (!life.state().live()) {
            return List.of();
        }
        List<PlannedVisit> visits = new ArrayList<>();
        for (VisitKind kind : rules.visits()) {
            applying(kind, subject, life)
                    .flatMap(rule -> next(kind, rule, life, clock).stream())
                    .forEach(visits::add);
        }
        visits.sort(Comparator.comparing(PlannedVisit::target).thenComparing(PlannedVisit::kind));
        return List.copyOf(visits);
    }

    private Stream<VisitRule> applying(VisitKind kind, CareSubject subject, GraftLife life) {
        return kind.rules().stream()
                .filter(rule -> rule.group() == subject.technique().group())
                .filter(rule -> rule.covers().isEmpty() || rule.covers().contains(subject.cover()))
                .filter(rule -> rule.schools().isEmpty() || follows(subject.schools(), rule))
                .filter(rule -> !past(rule, life));
    }

    private static boolean follows(Map<String, String> schools, VisitRule rule) {
        return schools.entrySet().stream()
                .anyMatch(school -> rule.schools().contains(school.getKey() + "=" + school.getValue()));
    }

    private static boolean past(VisitRule rule, GraftLife life) {
        return rule.until().map(GraftState::valueOf).map(life.state()::atLeast).orElse(false);
    }

    private Optional<PlannedVisit> next(VisitKind kind, VisitRule rule, GraftLife life, HealingClock clock) {
        Optional<LocalDate> start = life.reached(GraftState.valueOf(rule.after()));
        return start.flatMap(day -> walk(kind, rule, day, life, clock));
    }

    // Goes through the looks in order: each one on or after the earliest day answers the visit of that round.
    private Optional<PlannedVisit> walk(
            VisitKind kind, VisitRule rule, LocalDate start, GraftLife life, HealingClock clock) {
        PlannedVisit visit = broughtForward(round(kind, rule, 0, start, 0, clock), life);
        for (GraftLife.Step step : life.steps()) {
            if (!answers(step, visit, rule)) {
                continue;
            }
            if (rule.every().isEmpty()) {
                return Optional.empty();
            }
            visit = round(
                    kind,
                    rule,
                    visit.round() + 1,
                    step.look().seenOn(),
                    rule.every().get(),
                    clock);
        }
        return Optional.of(visit);
    }

    private static boolean answers(GraftLife.Step step, PlannedVisit visit, VisitRule rule) {
        if (step.look().seenOn().isBefore(visit.earliest())) {
            return false;
        }
        boolean bagOpener = leafOpens(visit)
                && !step.before().atLeast(GraftState.LEAFED)
                && step.after().atLeast(GraftState.LEAFED)
                && step.look().seenOn().equals(visit.earliest());
        return !bagOpener && (visit.round() > 0 || reachedBefore(rule, step));
    }

    private static boolean leafOpens(PlannedVisit visit) {
        return visit.kind().equals("BAG_PEEK") && visit.round() == 0;
    }

    // A look that itself shows the awaited life opens the visit, it cannot answer it.
    private static boolean reachedBefore(VisitRule rule, GraftLife.Step step) {
        return step.before().atLeast(GraftState.valueOf(rule.after()));
    }

    private PlannedVisit round(
            VisitKind kind, VisitRule rule, int number, LocalDate start, double every, HealingClock clock) {
        double slackBefore = rule.aim() - rule.from();
        double slackAfter = rule.to() - rule.aim();
        double aim = number == 0 ? rule.aim() : every;
        return new PlannedVisit(
                kind.key(),
                number,
                clock.after(start, Math.max(0, aim - slackBefore)),
                clock.after(start, aim),
                clock.after(start, aim + slackAfter));
    }

    // Leaves seen: a bag must be opened now, whatever the calendar says.
    private static PlannedVisit broughtForward(PlannedVisit visit, GraftLife life) {
        Optional<LocalDate> leafed = leafOpens(visit) ? life.reached(GraftState.LEAFED) : Optional.empty();
        return leafed.filter(day -> day.isBefore(visit.earliest()))
                .map(day -> new PlannedVisit(visit.kind(), visit.round(), day, day, day.plusDays(2)))
                .orElse(visit);
    }
}
