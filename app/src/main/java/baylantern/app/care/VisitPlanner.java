package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftSchool;
import baylantern.app.bench.GraftService;
import baylantern.app.lineage.LineageService;
import baylantern.app.place.PlantUse;
import baylantern.app.platform.Change;
import baylantern.app.platform.ChangeListener;
import baylantern.app.platform.DayListener;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.core.care.CarePlan;
import baylantern.core.care.CareSubject;
import baylantern.core.care.GraftLife;
import baylantern.core.care.PlannedVisit;
import baylantern.core.care.Sign;
import baylantern.core.lineage.Node;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps how each graft stands and its open visits beside what they follow from: looks, the graft itself, holds, warmth.
 * Both are stored so that lists are quick; they are written within the transaction that changed the facts.
 */
@Component
class VisitPlanner implements ChangeListener, DayListener, PlantUse {

    private static final int BATCH = 1000;
    static final String ISOLATE = "ISOLATE";

    private final CareMapper care;
    private final CareService looks;
    private final GraftService grafts;
    private final LineageService lineage;
    private final Rulebook rules;
    private final CarePlan plan;
    private final FarmClock clock;
    private final long apartDays;

    VisitPlanner(
            CareMapper care,
            CareService looks,
            GraftService grafts,
            LineageService lineage,
            Rulebook rules,
            FarmClock clock) {
        this.care = care;
        this.looks = looks;
        this.grafts = grafts;
        this.lineage = lineage;
        this.rules = rules;
        this.plan = new CarePlan(rules);
        this.clock = clock;
        this.apartDays = (long) rules.life(FigureName.APART_AGAIN).value();
    }

    @Override
    public void farmChanged(Change change) {
        Set<Long> lookedAt = Objects.requireNonNullElse(change.rows(Fact.LOOKS), Set.of());
        plan(lookedAt, this::settle);
        Set<Long> others = new HashSet<>(Objects.requireNonNullElse(change.rows(Fact.GRAFTS), Set.of()));
        boolean any = change.rows(Fact.LOOKS) == null || change.rows(Fact.GRAFTS) == null;
        if (any || change.touches(Fact.WEATHER, Fact.CLIMATE, Fact.SITE)) {
            others.addAll(care.graftsWithVisits());
        }
        if (change.touches(Fact.HOLDS)) {
            others.addAll(wronglyPlanned());
        }
        if (change.touches(Fact.PLANTS)) {
            others.addAll(onPlants(change.rows(Fact.PLANTS)));
        }
        others.removeAll(lookedAt);
        plan(others, this::settleWhereMoved);
    }

    /** The visit of a held graft is always today's. */
    @Override
    @Transactional
    public void dayTurned() {
        plan(care.graftsWithVisit(ISOLATE), this::settleWhereMoved);
    }

    @Override
    public List<String> living(long plantId) {
        return care.livingOn(plantId);
    }

    // What stands on a plant that was taken off is not visited any more; where it comes back the statement names it.
    private List<Long> onPlants(@Nullable Set<Long> plantIds) {
        if (plantIds == null) {
            return care.visitedOnTakenOff();
        }
        return plantIds.isEmpty() ? List.of() : care.graftsOn(plantIds);
    }

    // Held but visited, or released and still set apart.
    private Set<Long> wronglyPlanned() {
        Set<Long> held = lineage.held().stream()
                .filter(node -> node.kind() == Node.Kind.GRAFT)
                .map(Node::id)
                .collect(Collectors.toSet());
        Set<Long> apart = new HashSet<>(care.graftsWithVisit(ISOLATE));
        Set<Long> wrong = new HashSet<>(held);
        wrong.removeAll(apart);
        apart.removeAll(held);
        wrong.addAll(apart);
        return wrong;
    }

    private void plan(Collection<Long> ids, BiConsumer<Graft, GraftLife> settle) {
        List<Long> all = ids.stream().sorted().toList();
        for (int i = 0; i < all.size(); i += BATCH) {
            planSome(grafts.byIds(all.subList(i, Math.min(all.size(), i + BATCH))), settle);
        }
    }

    private void planSome(List<Graft> which, BiConsumer<Graft, GraftLife> settle) {
        if (which.isEmpty()) {
            return;
        }
        List<VisitRow> visits = wanted(which, settle);
        Rows.any(care.deleteVisits(which.stream().map(Graft::id).toList()));
        if (!visits.isEmpty()) {
            Rows.all(care.insertVisits(visits), visits.size());
        }
    }

    /** The visits some grafts want, as follows from their looks; who asks is told how each stands by them. */
    List<VisitRow> wanted(List<Graft> which, BiConsumer<Graft, GraftLife> settle) {
        List<Long> ids = which.stream().map(Graft::id).toList();
        Map<Long, List<LookRow>> seen = looks.looks(ids);
        Map<Long, Map<String, String>> schools = grafts.schools(ids).stream()
                .collect(Collectors.groupingBy(
                        GraftSchool::graftId, Collectors.toMap(GraftSchool::question, GraftSchool::school)));
        Set<Long> takenOff = Set.copyOf(care.onTakenOff(ids));
        List<VisitRow> visits = new ArrayList<>();
        for (Graft graft : which) {
            GraftLife life = looks.life(graft, seen.getOrDefault(graft.id(), List.of()));
            settle.accept(graft, life);
            if (takenOff.contains(graft.id())) {
                continue;
            }
            planned(graft, life, schools.getOrDefault(graft.id(), Map.of()))
                    .forEach(visit -> visits.add(VisitRow.of(graft.id(), visit)));
        }
        return visits;
    }

    // Warmth alone does not change a graft in the eyes of somebody about to answer it.
    private void settleWhereMoved(Graft graft, GraftLife life) {
        if (life.state() != graft.state()) {
            settle(graft, life);
        }
    }

    private void settle(Graft graft, GraftLife life) {
        LocalDate last = life.lastLook().map(look -> look.seenOn()).orElse(null);
        if (!grafts.settle(graft.id(), graft.version(), life.state(), last)) {
            throw FarmProblem.conflict(looks.lastLook(graft));
        }
    }

    private List<PlannedVisit> planned(Graft graft, GraftLife life, Map<String, String> schools) {
        String technique = graft.techniqueKey() == null ? "cleft" : graft.techniqueKey();
        if (life.state().live() && lineage.heldWords(Node.graft(graft.id())) != null) {
            return List.of(isolate(life));
        }
        CareSubject subject = new CareSubject(
                graft.speciesKey(), rules.technique(technique).orElseThrow(), graft.madeOn(), graft.cover(), schools);
        return plan.open(subject, life, looks.healing(graft.speciesKey()));
    }

    // Nothing else is done to a held graft; the visit stays until it is released, and rests while it stands apart.
    private PlannedVisit isolate(GraftLife life) {
        LocalDate today = clock.today();
        LocalDate again = life.steps().stream()
                .filter(step -> step.look().sign() == Sign.APART)
                .map(step -> step.look().seenOn().plusDays(apartDays))
                .reduce((before, after) -> after)
                .orElse(today);
        LocalDate day = again.isBefore(today) ? today : again;
        return new PlannedVisit(ISOLATE, 0, day, day, day.plusDays(1));
    }
}
