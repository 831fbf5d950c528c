package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.app.lineage.LineageService;
import baylantern.app.place.PlantUse;
import baylantern.app.platform.BeforeDoor;
import baylantern.app.platform.Change;
import baylantern.app.platform.ChangeListener;
import baylantern.app.platform.DayListener;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Program;
import baylantern.app.platform.Rows;
import baylantern.core.care.GraftLife;
import baylantern.core.care.PlannedVisit;
import baylantern.core.care.Sign;
import baylantern.core.care.WeatherCare;
import baylantern.core.lineage.Node;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Mark;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps how each graft stands and its open visits beside what they follow from: looks, the graft itself, holds, warmth.
 * Both are stored so that lists are quick; they are written within the transaction that changed the facts.
 */
@Component
class VisitPlanner implements ChangeListener, DayListener, BeforeDoor, PlantUse {

    static final String ISOLATE = "ISOLATE";

    private final CareMapper care;
    private final CareService looks;
    private final GraftLives lives;
    private final GraftService grafts;
    private final GraftCare graftCare;
    private final LineageService lineage;
    private final ClosedBooks books;
    private final Rulebook rules;
    private final FarmClock clock;

    VisitPlanner(
            CareMapper care,
            CareService looks,
            GraftLives lives,
            GraftService grafts,
            GraftCare graftCare,
            LineageService lineage,
            ClosedBooks books,
            Rulebook rules,
            FarmClock clock) {
        this.care = care;
        this.looks = looks;
        this.lives = lives;
        this.grafts = grafts;
        this.graftCare = graftCare;
        this.lineage = lineage;
        this.books = books;
        this.rules = rules;
        this.clock = clock;
    }

    @Override
    public void farmChanged(Change change) {
        Set<Long> lookedAt = Objects.requireNonNullElse(change.rows(Fact.LOOKS), Set.of());
        plan(lookedAt, this::settle);
        Set<Long> others = new HashSet<>(Objects.requireNonNullElse(change.rows(Fact.GRAFTS), Set.of()));
        boolean any = change.rows(Fact.LOOKS) == null || change.rows(Fact.GRAFTS) == null;
        if (any || change.touches(Fact.WEATHER, Fact.CLIMATE, Fact.SITE, Fact.FIGURES)) {
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
        if (change.touches(Fact.FIGURES)) {
            Rows.one(care.planned(by()));
        }
    }

    /** By what visits are planned here: the rules and their figures, and the program that reads them. */
    private String by() {
        return Mark.of(rules.visitsMark() + Program.mark());
    }

    /** The visit of a held graft is always today's; what the forecast asks for, and what lapses, goes by the days. */
    @Override
    @Transactional
    public void dayTurned() {
        Set<Long> wanting = new TreeSet<>(care.graftsWithVisit(ISOLATE));
        wanting.addAll(care.graftsLate(
                clock.today().minusDays((long) rules.life(FigureName.LAPSE_DAYS).value())));
        WeatherCare.KINDS.forEach(kind -> wanting.addAll(care.graftsWithVisit(kind)));
        plan(wanting, this::settleWhereMoved);
    }

    @Override
    public Turn turn() {
        return Turn.IN_ORDER;
    }

    /** A farm whose visits were planned by other rules, or by another program, is planned anew. */
    @Override
    @Transactional
    public void beforeDoor() {
        String now = by();
        if (!now.equals(care.plannedBy())) {
            plan(care.graftsWithVisits(), this::settleWhereMoved);
            Rows.one(care.planned(now));
        }
    }

    @Override
    public List<String> living(long plantId) {
        return care.livingOn(plantId);
    }

    // What stands on a plant that was taken off is not visited any more; one potted or planted wants other care.
    private List<Long> onPlants(@Nullable Set<Long> plantIds) {
        if (plantIds == null) {
            return care.graftsWithVisits();
        }
        return each(each(plantIds, care::stemsOf), care::graftsOnStems);
    }

    private static List<Long> each(Collection<Long> ids, Function<List<Long>, List<Long>> find) {
        return Rows.portions(List.copyOf(ids)).stream()
                .flatMap(some -> find.apply(some).stream())
                .toList();
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
        Rows.portions(ids.stream().sorted().toList()).forEach(some -> planSome(grafts.byIds(some), settle));
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
        Map<Long, GraftLife> known = lives.of(which);
        GraftCare.Known beside = graftCare.known(ids);
        Set<Long> takenOff = Set.copyOf(care.onTakenOff(ids));
        List<VisitRow> visits = new ArrayList<>();
        for (Graft graft : which) {
            GraftLife life = Known.in(known, graft.id());
            settle.accept(graft, life);
            if (takenOff.contains(graft.id()) || books.closed(graft.id())) {
                continue;
            }
            planned(graft, life, beside).forEach(visit -> visits.add(VisitRow.of(graft.id(), visit)));
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

    private List<PlannedVisit> planned(Graft graft, GraftLife life, GraftCare.Known known) {
        return life.state().live() && lineage.heldWords(Node.graft(graft.id())) != null
                ? List.of(isolate(life))
                : graftCare.open(graft, life, known);
    }

    // Nothing else is done to a held graft; the visit stays until it is released, and rests while it stands apart.
    private PlannedVisit isolate(GraftLife life) {
        LocalDate today = clock.today();
        long apartDays = (long) rules.life(FigureName.APART_AGAIN).value();
        LocalDate again = life.steps().stream()
                .filter(step -> step.look().sign() == Sign.APART)
                .map(step -> step.look().seenOn().plusDays(apartDays))
                .reduce((before, after) -> after)
                .orElse(today);
        LocalDate day = again.isBefore(today) ? today : again;
        return new PlannedVisit(ISOLATE, 0, day, day, day.plusDays(1));
    }
}
