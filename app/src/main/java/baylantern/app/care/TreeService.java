package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.app.lineage.MoveService;
import baylantern.app.lineage.ParentService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantEntry;
import baylantern.app.place.PlantKind;
import baylantern.app.place.PlantService;
import baylantern.app.place.Spot;
import baylantern.app.platform.Changes;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.TrailService;
import baylantern.core.care.GraftState;
import baylantern.core.care.Look;
import baylantern.core.care.Sign;
import baylantern.core.care.Trace;
import baylantern.core.lineage.Node;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes trees of grafts: the stock becomes a plant of the variety that grows on it, and an offcut a plant of its own. */
@Service
class TreeService {

    private final CareMapper care;
    private final CareService looks;
    private final LookAsked asked;
    private final GraftService grafts;
    private final GraftLives lives;
    private final PlantService plants;
    private final PlaceService places;
    private final MoveService moves;
    private final ParentService parents;
    private final TrailService trail;
    private final Changes changes;
    private final Rulebook rules;
    private final FarmClock clock;

    TreeService(
            CareMapper care,
            CareService looks,
            LookAsked asked,
            GraftService grafts,
            GraftLives lives,
            PlantService plants,
            PlaceService places,
            MoveService moves,
            ParentService parents,
            TrailService trail,
            Changes changes,
            Rulebook rules,
            FarmClock clock) {
        this.care = care;
        this.looks = looks;
        this.asked = asked;
        this.grafts = grafts;
        this.lives = lives;
        this.plants = plants;
        this.places = places;
        this.moves = moves;
        this.parents = parents;
        this.trail = trail;
        this.changes = changes;
        this.rules = rules;
        this.clock = clock;
    }

    /** What came of it; the act takes all of it back. */
    record Grown(long actId, String sentence, Plant plant) {}

    /** A graft is planted out or potted on for good: its stock is a tree of its variety from that day. */
    @Transactional
    Grown tree(String code, TreeEntry entry) {
        Graft graft = grafts.byCode(code);
        Plant stock = plants.plant(graft.on().plantId());
        LocalDate day = day(graft, entry.day());
        refuse(graft, stock, entry);
        Spot to = places.chosenSpot(entry.spotId());
        boolean told = graft.state() == GraftState.PLANTED_OUT;
        Look look = Look.of(day, Sign.PLANTED_OUT);
        if (!told && !Boolean.TRUE.equals(entry.sure())) {
            asked.about(look, List.of(graft));
        }
        String sentence = sentence(graft, stock, to);
        long act = trail.follow(sentence);
        if (!told) {
            looks.write(graft, look, entry.personId(), "", act);
        }
        moves.moved(stock, to, day);
        plants.bears(stock, entry.kind(), graft.varietyId(), day);
        trail.done();
        changes.settle();
        return new Grown(act, sentence, plants.plant(stock.id()));
    }

    private void refuse(Graft graft, Plant stock, TreeEntry entry) {
        if (stock.gone() != null) {
            throw FarmProblem.conflict(stock.code() + " was " + stock.gone().words() + " on "
                    + stock.gone().on() + ".");
        }
        if (stock.kind() != PlantKind.SEEDLING_STOCK) {
            throw FarmProblem.conflict(stock.code() + " is a tree already"
                    + (stock.varietyName() == null ? "." : ": " + stock.varietyName() + "."));
        }
        if (entry.kind() == PlantKind.SEEDLING_STOCK) {
            throw FarmProblem.wrong(
                    "kind", entry.kind(), "FIELD_TREE or MOTHER_TREE", "A graft grows into a tree, not into a stock.");
        }
        if (graft.version() != entry.version()) {
            throw FarmProblem.conflict(looks.lastLook(graft) + " Look at it again before you answer.");
        }
        if (!graft.state().atLeast(GraftState.MADE)) {
            throw FarmProblem.wrong(
                    "state",
                    graft.state(),
                    "a graft that lives",
                    graft.code() + " is written down as " + graft.state().words()
                            + ". If that was a mistake, correct the answer first.");
        }
    }

    private LocalDate day(Graft graft, @Nullable LocalDate told) {
        LocalDate day = Objects.requireNonNullElse(told, clock.today());
        if (day.isAfter(clock.today()) || day.isBefore(graft.madeOn())) {
            throw FarmProblem.wrong(
                    "day",
                    day,
                    graft.madeOn() + " to " + clock.today(),
                    "It was made on " + graft.madeOn() + "; it became a tree after that and up to today.");
        }
        return day;
    }

    private String sentence(Graft graft, Plant stock, Spot to) {
        List<String> others = grafts.byIds(care.graftsOn(stock.id())).stream()
                .filter(g -> g.id() != graft.id() && g.state().atLeast(GraftState.MADE))
                .map(g -> g.code() + ", " + g.varietyName())
                .toList();
        return graft.code() + " is a tree now: " + stock.code() + ", " + graft.varietyName() + ", at " + to.name()
                + (others.isEmpty() ? "" : "; it also carries " + String.join(" and ", others));
    }

    /**
     * What a tree grew from.
     *
     * @param graftCode the graft that made it what it is, null where it was not grafted here
     */
    record Tree(
            Plant plant,
            @Nullable String graftCode,
            @Nullable LocalDate graftedOn,
            @Nullable Fruit firstFruit) {}

    /** When a tree is expected to fruit first. */
    record Fruit(LocalDate earliest, LocalDate likely, LocalDate latest) {}

    /** What the tree of a code grew from, and when it may fruit first. */
    Tree grown(String code) {
        Plant tree = plants.plantByCode(code).orElseThrow(() -> FarmProblem.unknown("plant", code));
        return grafts.byIds(care.graftsOn(tree.id())).stream()
                .filter(g -> g.state().atLeast(GraftState.LEAFED) && g.of().varietyId() == varietyOf(tree))
                .min(Comparator.comparing(Graft::madeOn).thenComparing(Graft::id))
                .map(g -> new Tree(tree, g.code(), g.madeOn(), fruit(g.madeOn())))
                .orElse(new Tree(tree, null, null, null));
    }

    private static long varietyOf(Plant tree) {
        return Objects.requireNonNullElse(tree.varietyId(), -1L);
    }

    private Fruit fruit(LocalDate graftedOn) {
        Figure days = rules.life(FigureName.FIRST_FRUIT);
        return new Fruit(
                graftedOn.plusDays((long) days.low()),
                graftedOn.plusDays((long) days.value()),
                graftedOn.plusDays((long) days.high()));
    }

    /** What was cut off the scion plant of an approach graft has been rooted: a plant of its variety, from the same wood. */
    @Transactional
    Grown spare(String code, SpareEntry entry) {
        Graft graft = grafts.byCode(code);
        LocalDate day = day(graft, entry.day());
        Spot to = places.chosenSpot(entry.spotId());
        if (!lives.of(List.of(graft)).values().stream().allMatch(life -> life.found(Trace.SEVERED))) {
            throw FarmProblem.wrong(
                    "code",
                    code,
                    "a graft that was severed",
                    code + " has not been severed: there is no offcut of it.");
        }
        String wanted = entry.code() == null || entry.code().isBlank()
                ? plants.freeCode(graft.code() + "-R")
                : entry.code().strip();
        String sentence = wanted + ", " + graft.varietyName() + ", rooted from " + graft.code() + ", at " + to.name();
        long act = trail.follow(sentence);
        PlantEntry plant = new PlantEntry(
                wanted,
                graft.speciesKey(),
                PlantKind.FIELD_TREE,
                null,
                to.id(),
                day,
                graft.varietyId(),
                "On its own roots, cut off when " + graft.code() + " was severed.",
                null,
                null);
        Plant fresh = plants.add(plant, null);
        parents.comesFrom(fresh, Node.graft(graft.id()), day);
        trail.done();
        return new Grown(act, sentence, fresh);
    }
}
