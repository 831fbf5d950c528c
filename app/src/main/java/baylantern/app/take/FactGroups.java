package baylantern.app.take;

import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.YearPart;
import baylantern.app.place.PlaceService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.FarmProblem;
import baylantern.core.rules.FactRules;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.Belief;
import baylantern.core.take.KinPooling;
import baylantern.core.take.TakeCount;
import baylantern.core.take.fact.Aspect;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Counts grafts by anything known of them, by one aspect or by two, one under the other. */
@Service
class FactGroups {

    /** What stands for the kind of a graft of which it was not written down. */
    static final String UNKNOWN = "?";

    private final FactService facts;
    private final PlaceService places;
    private final TakeTrees trees;
    private final Rulebook rules;
    private final DerivedEach<Asked, FactView> views;

    FactGroups(FactService facts, PlaceService places, TakeTrees trees, Rulebook rules, Changes changes) {
        this.facts = facts;
        this.places = places;
        this.trees = trees;
        this.rules = rules;
        this.views = changes.deriveEach(this::reckon, FactService.FACTS);
    }

    /**
     * What is asked.
     *
     * @param first aspect
     * @param then another under it, null for none
     * @param part the part of the year they were made in, in whichever year; null for all of it
     */
    record Asked(
            String first, @Nullable String then, @Nullable YearPart part) {}

    /** An aspect one can ask by. */
    record AspectView(String key, String words, boolean hand) {}

    /**
     * A group.
     *
     * @param kind of the first aspect, {@code ?} where it was not written down
     * @param thenKind of the second, null of a group by the first alone
     */
    record FactGroup(
            String label,
            String kind,
            @Nullable String thenKind,
            TakeCount count,
            double mean,
            double low,
            double high,
            boolean thin,
            boolean allWaiting) {}

    /** Groups in their order, those of the second aspect after the first they are under. */
    record FactView(AspectView first, @Nullable AspectView then, TakeCount all, List<FactGroup> groups) {}

    /** Every aspect there is. */
    List<AspectView> aspects() {
        return facts.table().columns().stream().map(FactGroups::aspect).toList();
    }

    private static AspectView aspect(FactColumn column) {
        return new AspectView(
                column.aspect().key(), column.aspect().words(), column.aspect().hand());
    }

    FactView view(Asked asked) {
        return views.get(asked);
    }

    /** The column of an aspect; throws where there is none. */
    FactColumn column(String key) {
        return facts.table().column(key).orElseThrow(() -> FarmProblem.unknown("aspect", key));
    }

    /** Places in the table of the grafts made in a part of the year. */
    int[] made(@Nullable YearPart part) {
        FactTable table = facts.table();
        return table.where(graft -> part == null || part.holds(table.row(graft).madeOn()));
    }

    /** Of some grafts those of a kind. */
    static int[] of(int[] grafts, FactColumn column, String kind) {
        int wanted = UNKNOWN.equals(kind) ? FactColumn.UNKNOWN : column.kind(kind);
        if (wanted == FactColumn.UNKNOWN && !UNKNOWN.equals(kind)) {
            return new int[0];
        }
        return IntStream.of(grafts).filter(graft -> column.of(graft) == wanted).toArray();
    }

    private FactView reckon(Asked asked) {
        FactColumn first = column(asked.first());
        FactColumn then = asked.then() == null ? null : column(asked.then());
        int[] grafts = made(asked.part());
        KindBeliefs kinds = beliefs(first, grafts, asked.part());
        Map<List<String>, TakeCount> leaves = leaves(facts.table(), grafts, first, then);
        KinPooling under = trees.lasting(leaves);
        List<FactGroup> groups = new ArrayList<>();
        for (String kind : kinds(first, leaves, 0, null)) {
            groups.add(group(words(first, kind), kind, null, kinds.count(kind), kinds.of(kind)));
            if (then != null) {
                for (String member : kinds(then, leaves, 1, kind)) {
                    List<String> path = List.of(kind, member);
                    // An only member and its group are the same grafts.
                    Belief belief = under.only(path) ? kinds.of(kind) : under.belief(path);
                    groups.add(group(words(then, member), kind, member, under.count(path), belief));
                }
            }
        }
        TakeCount all = leaves.values().stream().reduce(TakeCount.NONE, TakeCount::plus);
        return new FactView(aspect(first), then == null ? null : aspect(then), all, groups);
    }

    private static Map<List<String>, TakeCount> leaves(
            FactTable table, int[] grafts, FactColumn first, @Nullable FactColumn then) {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        for (int graft : grafts) {
            String kind = key(first, first.of(graft));
            List<String> path = then == null ? List.of(kind) : List.of(kind, key(then, then.of(graft)));
            leaves.merge(path, table.row(graft).end().count(), TakeCount::plus);
        }
        return leaves;
    }

    private static String key(FactColumn column, int kind) {
        return kind == FactColumn.UNKNOWN ? UNKNOWN : column.kinds().get(kind).key();
    }

    // Steps as they rise, what follows in time with the latest first, other kinds the commonest first; what was not
    // written
    // down comes last.
    private List<String> kinds(FactColumn column, Map<List<String>, TakeCount> leaves, int at, @Nullable String under) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        leaves.forEach((path, count) -> {
            if (under == null || path.get(0).equals(under)) {
                counts.merge(path.get(at), count.all(), Integer::sum);
            }
        });
        Comparator<String> order = column.aspect().steps() != null
                ? Comparator.comparingInt(column::kind)
                : inTime(column)
                        ? Comparator.reverseOrder()
                        : Comparator.comparing(kind -> -counts.getOrDefault(kind, 0));
        return counts.keySet().stream()
                .sorted(Comparator.<String, Boolean>comparing(UNKNOWN::equals).thenComparing(order))
                .toList();
    }

    private boolean inTime(FactColumn column) {
        FactRules.AspectRule rule = rules.facts().aspects().get(column.aspect().key());
        return rule != null && rule.inTime();
    }

    private FactGroup group(String label, String kind, @Nullable String then, TakeCount count, Belief belief) {
        Belief.Range range = belief.range(rules.life(FigureName.RANGE_MASS).value());
        return new FactGroup(
                label,
                kind,
                then,
                count,
                belief.mean(),
                range.low(),
                range.high(),
                count.decided() < rules.life(FigureName.THIN_UNDER).value(),
                count.decided() == 0);
    }

    /** A kind in words. */
    static String words(FactColumn column, String kind) {
        int found = column.kind(kind);
        return found == FactColumn.UNKNOWN
                ? untold(column.aspect().key())
                : column.kinds().get(found).words();
    }

    // What is tried is not told while that runs.
    private static String untold(String aspect) {
        boolean tried =
                Aspect.question(aspect).isPresent() || aspect.equals(Aspect.TECHNIQUE) || aspect.equals(Aspect.COVER);
        return tried ? "not written down, or in a trial that runs" : "not written down";
    }

    /** What is believed of each kind of an aspect. */
    KindBeliefs beliefs(FactColumn column, int[] grafts, @Nullable YearPart part) {
        KinPooling own = trees.lasting(leaves(facts.table(), grafts, column, null));
        Map<String, List<String>> paths = switch (column.aspect().key()) {
            case "species" ->
                column.kinds().stream()
                        .map(FactColumn.Kind::key)
                        .collect(Collectors.toMap(Function.identity(), List::of));
            case "variety" ->
                places.varieties().stream()
                        .collect(Collectors.toMap(v -> "" + v.id(), v -> List.of(v.speciesKey(), "" + v.id())));
            default -> Map.of();
        };
        KinPooling seasons = paths.isEmpty()
                ? own
                : trees.seasons(new GraftFilter(null, null, null, null, null, null, null, null, part, null));
        return new KindBeliefs(own, seasons, paths);
    }
}
