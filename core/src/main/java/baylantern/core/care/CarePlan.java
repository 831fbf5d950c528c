package baylantern.core.care;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.VisitKind;
import baylantern.core.rules.VisitRule;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The open visits of a graft, computed afresh from its record, its looks and the warmth. A look answers every visit
 * that was due on its day; repeating visits then count on from that look. A look that itself shows what a visit waits for
 * opens it, it cannot answer it.
 */
public final class CarePlan {

    private static final String DONE = "done ";

    private final Rulebook rules;

    public CarePlan(Rulebook rules) {
        this.rules = rules;
    }

    /** What a graft is, how it fared and the warmth it lives in. */
    record Case(CareSubject subject, GraftLife life, HealingClock clock, Optional<ScionGrowth> growth) {}

    /** Where a count starts: which look showed it, −1 for the making, and its day. */
    record Start(int look, LocalDate day) {}

    /** What became of one rule: the visit that is open, or which look answered its only one. */
    record Stand(Optional<PlannedVisit> open, Optional<Start> answered) {}

    /** Open visits, soonest first; none once the graft has ended. */
    public List<PlannedVisit> open(CareSubject subject, GraftLife life, HealingClock clock) {
        if (!life.state().live()) {
            return List.of();
        }
        Case graft = caseOf(subject, life, clock);
        List<PlannedVisit> visits = new ArrayList<>();
        for (VisitKind kind : rules.visits()) {
            // Where two rules ask for the same, it is done once, when the first asks.
            applying(kind, subject)
                    .filter(rule -> !past(rule, life))
                    .flatMap(rule -> stand(kind, rule, graft).open().stream())
                    .min(Comparator.comparing(PlannedVisit::target))
                    .ifPresent(visits::add);
        }
        visits.sort(Comparator.comparing(PlannedVisit::target).thenComparing(PlannedVisit::kind));
        return List.copyOf(visits);
    }

    /** True where an established graft was not visited so long after the last day that the visit has lost its sense. */
    public boolean lapsed(PlannedVisit visit, GraftLife life, LocalDate today) {
        long days = (long) rules.life(FigureName.LAPSE_DAYS).value();
        return life.state() == GraftState.ESTABLISHED
                && visit.latest().plusDays(days).isBefore(today);
    }

    /** True where a look has answered this kind of visit. */
    public boolean done(String kind, CareSubject subject, GraftLife life, HealingClock clock) {
        return answered(kind, caseOf(subject, life, clock)).isPresent();
    }

    private Case caseOf(CareSubject subject, GraftLife life, HealingClock clock) {
        return new Case(subject, life, clock, ScionGrowth.of(life.lengths(), rules.life(FigureName.GROWTH), clock));
    }

    private Stream<VisitRule> applying(VisitKind kind, CareSubject subject) {
        return kind.rules().stream()
                .filter(rule -> rule.groups().contains(subject.technique().group()))
                .filter(rule -> applies(rule.where(), subject));
    }

    private boolean applies(VisitRule.Where where, CareSubject subject) {
        Double stockMm = subject.stand().stockMm();
        return any(where.covers(), subject.cover())
                && any(where.species(), subject.speciesKey())
                && !where.not().contains(subject.speciesKey())
                && (where.settings().isEmpty() || subject.stand().setting().isAnyOf(where.settings()))
                && (where.stockFromMm() == 0 || (stockMm != null && stockMm >= where.stockFromMm()))
                && (where.schools().isEmpty() || follows(subject, where));
    }

    private static boolean any(java.util.Set<String> wanted, String has) {
        return wanted.isEmpty() || wanted.contains(has);
    }

    // Of a graft that does not say which school it follows, the usual one is taken.
    private boolean follows(CareSubject subject, VisitRule.Where where) {
        return rules.schools().stream().anyMatch(question -> {
            String usual = question.standardFor(
                    subject.speciesKey(), subject.technique().key());
            String school = subject.schools().getOrDefault(question.key(), usual);
            return where.schools().contains(question.key() + "=" + school);
        });
    }

    private static boolean past(VisitRule rule, GraftLife life) {
        return rule.when().until().map(until -> shows(until, life)).orElse(false);
    }

    private static boolean shows(String what, GraftLife life) {
        return life(what).map(life.state()::atLeast).orElseGet(() -> life.found(Trace.valueOf(what)));
    }

    private static Optional<GraftState> life(String name) {
        return Stream.of(GraftState.values()).filter(s -> s.name().equals(name)).findFirst();
    }

    private Optional<Start> start(String after, Case graft) {
        if (after.startsWith(DONE)) {
            return answered(after.substring(DONE.length()), graft);
        }
        Integer look = life(after)
                .map(graft.life()::reachedBy)
                .orElseGet(() -> life(after).isPresent() ? null : graft.life().foundBy(Trace.valueOf(after)));
        return Optional.ofNullable(look).map(i -> new Start(i, graft.life().dayOf(i)));
    }

    private Optional<Start> answered(String key, Case graft) {
        VisitKind kind = rules.visit(key);
        return applying(kind, graft.subject())
                .flatMap(rule -> stand(kind, rule, graft).answered().stream())
                .findFirst();
    }

    private Stand stand(VisitKind kind, VisitRule rule, Case graft) {
        Optional<Start> sized = new SizedVisit(rule, graft).start();
        Optional<Start> start = sized.isPresent() ? sized : start(rule.when().after(), graft);
        return start.map(at -> walk(kind, rule, at, graft)).orElse(new Stand(Optional.empty(), Optional.empty()));
    }

    // Goes through the looks in order: each one on or after the earliest day answers the visit of that round.
    private Stand walk(VisitKind kind, VisitRule rule, Start start, Case graft) {
        PlannedVisit visit = new SizedVisit(rule, graft)
                .visit(kind.key())
                .orElseGet(() -> round(kind, rule, 0, start.day(), rule.when().aim(), graft));
        List<GraftLife.Step> steps = graft.life().steps();
        for (int i = start.look() + 1; i < steps.size(); i++) {
            LocalDate seen = steps.get(i).look().seenOn();
            if (seen.isBefore(visit.earliest())) {
                continue;
            }
            if (rule.when().every().isEmpty()) {
                return new Stand(Optional.empty(), Optional.of(new Start(i, seen)));
            }
            visit = round(
                    kind, rule, visit.round() + 1, seen, rule.when().every().get(), graft);
        }
        return new Stand(Optional.of(visit), Optional.empty());
    }

    private static PlannedVisit round(
            VisitKind kind, VisitRule rule, int number, LocalDate start, double aim, Case graft) {
        VisitRule.When when = rule.when();
        VisitDays days = VisitDays.of(when.unit(), graft.clock(), graft.subject());
        return new PlannedVisit(
                kind.key(),
                number,
                days.after(start, Math.max(0, aim - (when.aim() - when.from()))),
                days.after(start, aim),
                days.after(start, aim + (when.to() - when.aim())));
    }
}
