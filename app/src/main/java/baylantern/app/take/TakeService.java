package baylantern.app.take;

import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.TakeRow;
import baylantern.app.bench.YearPart;
import baylantern.app.place.Person;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.app.platform.Changes;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.Fact;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.Season;
import baylantern.core.take.Belief;
import baylantern.core.take.KinPooling;
import baylantern.core.take.TakeCount;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Counts grafts into groups and says what each group's take is likely to be. */
@Service
class TakeService {

    private final GraftService grafts;
    private final PlaceService places;
    private final Rulebook rules;
    private final TakeTrees trees;

    /** What is told of all grafts, whenever they were made; a span is reckoned when it is asked for. */
    private final DerivedEach<By, TakeView> whole;

    TakeService(GraftService grafts, PlaceService places, Rulebook rules, TakeTrees trees, Changes changes) {
        this.trees = trees;
        this.whole = changes.deriveEach(
                by -> reckon(by, GraftFilter.ALL),
                Fact.GRAFTS,
                Fact.GRAFT_STATES,
                Fact.RUNS,
                Fact.TRIALS,
                Fact.STEMS_MEASURED,
                Fact.PLANTS,
                Fact.SPOTS,
                Fact.VARIETIES,
                Fact.PEOPLE,
                Fact.SITE);
        this.grafts = grafts;
        this.places = places;
        this.rules = rules;
    }

    /** What grafts are grouped by. */
    enum By {
        SEASON,
        VARIETY_TECHNIQUE,
        TECHNIQUE,
        SPECIES,
        MAKER,
        SOURCE
    }

    /** A group: its count, what is likely, and what finds its grafts again. */
    record Group(
            String label,
            @Nullable String under,
            int depth,
            TakeCount count,
            double mean,
            double low,
            double high,
            boolean thin,
            boolean allWaiting,
            GroupKey key) {}

    /** What finds a group's grafts; null parts do not restrict. */
    record GroupKey(
            @Nullable Long varietyId,
            @Nullable String speciesKey,
            @Nullable String techniqueKey,
            @Nullable Long makerId,
            @Nullable String woodSource,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            @Nullable String part) {}

    /**
     * All groups, and the farm as a whole first; strengths tell how many grafts kin count for at each level.
     *
     * @param untold grafts of a running trial of techniques, which are not counted by technique
     */
    record TakeView(
            By by, double mass, int thinUnder, int untold, Group farm, List<Group> groups, List<Double> strengths) {}

    /** @param part the part of the year they were made in, in whichever year, null for all of it */
    TakeView view(By by, @Nullable LocalDate from, @Nullable LocalDate to, @Nullable YearPart part) {
        if (from == null && to == null && part == null) {
            return whole.get(by);
        }
        return reckon(by, new GraftFilter(null, null, null, null, null, null, from, to, part, null));
    }

    private TakeView reckon(By by, GraftFilter filter) {
        KinPooling seasons = trees.seasons(filter);
        return switch (by) {
            case SEASON -> nested(by, filter, this::season, seasons);
            case VARIETY_TECHNIQUE -> nested(by, filter, this::technique, seasons);
            default -> byOne(by, filter, seasons);
        };
    }

    /** The third level under species and variety: its key sorts, its label is shown. */
    private record Third(
            String key,
            String label,
            @Nullable String technique,
            @Nullable LocalDate from,
            @Nullable LocalDate to) {}

    private static @Nullable String part(GraftFilter filter) {
        YearPart part = filter.part();
        return part == null ? null : part.written();
    }

    private Third season(TakeRow row, GraftFilter filter) {
        Season season = trees.season(row);
        YearMonth first = YearMonth.of(season.startYear(), 3).plusMonths(3L * season.quarter());
        return new Third(
                season.key(),
                season.label(),
                null,
                later(first.atDay(1), filter.from()),
                earlier(first.plusMonths(2).atEndOfMonth(), filter.to()));
    }

    private Third technique(TakeRow row, GraftFilter filter) {
        String key = TakeTrees.technique(row);
        String label = rules.technique(key).map(t -> t.name()).orElse("not written down");
        return new Third(key, label, key, filter.from(), filter.to());
    }

    private TakeView nested(
            By by, GraftFilter filter, BiFunction<TakeRow, GraftFilter, Third> third, KinPooling seasons) {
        List<TakeRow> rows = grafts.takes(by == By.SEASON ? "season" : "variety-technique", filter);
        Map<String, Third> kinds = new TreeMap<>();
        rows.forEach(row -> {
            Third kind = third.apply(row, filter);
            kinds.put(kind.key(), kind);
        });
        Map<List<String>, TakeCount> leaves =
                TakeTrees.leaves(rows, row -> third.apply(row, filter).key());
        KinPooling thirds = by == By.SEASON ? seasons : trees.lasting(leaves);
        Ranges ranges = new Ranges(seasons, thirds);
        List<Group> groups = new ArrayList<>();
        Map<Long, Variety> varieties = varieties();
        for (String species : keys(leaves, List.of())) {
            groups.add(group(
                    rules.species(species).orElseThrow().name(),
                    null,
                    List.of(species),
                    ranges,
                    new GroupKey(null, species, null, null, null, filter.from(), filter.to(), part(filter))));
            for (String id : keys(leaves, List.of(species))) {
                varietyGroups(
                        List.of(species, id),
                        Known.in(varieties, Long.valueOf(id)),
                        leaves,
                        ranges,
                        kinds,
                        filter,
                        groups);
            }
        }
        return result(by, ranges, groups, filter, 3);
    }

    private void varietyGroups(
            List<String> path,
            Variety variety,
            Map<List<String>, TakeCount> leaves,
            Ranges ranges,
            Map<String, Third> kinds,
            GraftFilter filter,
            List<Group> groups) {
        groups.add(group(
                variety.name(),
                variety.speciesKey(),
                path,
                ranges,
                new GroupKey(variety.id(), null, null, null, null, filter.from(), filter.to(), part(filter))));
        keys(leaves, path).stream()
                .sorted()
                .map(kinds::get)
                .forEach(third -> groups.add(group(
                        third.label(),
                        variety.name(),
                        List.of(path.get(0), path.get(1), third.key()),
                        ranges,
                        new GroupKey(
                                variety.id(),
                                null,
                                third.technique(),
                                null,
                                null,
                                third.from(),
                                third.to(),
                                part(filter)))));
    }

    private static LocalDate later(LocalDate a, @Nullable LocalDate b) {
        return b != null && b.isAfter(a) ? b : a;
    }

    private static LocalDate earlier(LocalDate a, @Nullable LocalDate b) {
        return b != null && b.isBefore(a) ? b : a;
    }

    private TakeView byOne(By by, GraftFilter filter, KinPooling seasons) {
        Map<Long, String> makers = places.people().stream().collect(Collectors.toMap(Person::id, Person::name));
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        Map<String, GroupKey> keys = new HashMap<>();
        Map<String, String> labels = new HashMap<>();
        for (TakeRow row : grafts.takes(by == By.TECHNIQUE ? "variety-technique" : "sort", filter)) {
            Sort sort = sort(by, row, makers, filter);
            leaves.merge(List.of(sort.id()), TakeTrees.count(row), TakeCount::plus);
            keys.put(sort.id(), sort.key());
            labels.put(sort.id(), sort.label());
        }
        KinPooling own = by == By.SPECIES ? seasons : trees.lasting(leaves);
        Ranges ranges = new Ranges(seasons, own);
        List<Group> groups = leaves.keySet().stream()
                .map(path -> group(Known.in(labels, path.get(0)), null, path, ranges, Known.in(keys, path.get(0))))
                .sorted(Comparator.comparingInt((Group g) -> g.count().all()).reversed())
                .toList();
        return result(by, ranges, groups, filter, 1);
    }

    private record Sort(String id, String label, GroupKey key) {}

    private Sort sort(By by, TakeRow row, Map<Long, String> makers, GraftFilter f) {
        return switch (by) {
            case TECHNIQUE -> {
                String key = Objects.requireNonNullElse(row.techniqueKey(), "");
                String label = rules.technique(key).map(t -> t.name()).orElse("not written down");
                yield new Sort(key, label, new GroupKey(null, null, key, null, null, f.from(), f.to(), part(f)));
            }
            case MAKER -> {
                long id = row.makerId() == null ? 0 : row.makerId();
                yield new Sort(
                        "" + id,
                        makers.getOrDefault(id, "not written down"),
                        new GroupKey(null, null, null, id, null, f.from(), f.to(), part(f)));
            }
            case SOURCE -> {
                String source = Objects.requireNonNullElse(row.woodSource(), "");
                yield new Sort(
                        source,
                        source.isEmpty() ? "not written down" : source,
                        new GroupKey(null, null, null, null, source, f.from(), f.to(), part(f)));
            }
            default -> {
                String species = Objects.requireNonNull(row.speciesKey());
                yield new Sort(
                        species,
                        rules.species(species).orElseThrow().name(),
                        new GroupKey(null, species, null, null, null, f.from(), f.to(), part(f)));
            }
        };
    }

    private Map<Long, Variety> varieties() {
        return places.varieties().stream().collect(Collectors.toMap(Variety::id, Function.identity()));
    }

    private static List<String> keys(Map<List<String>, TakeCount> leaves, List<String> under) {
        return leaves.keySet().stream()
                .filter(path -> path.subList(0, under.size()).equals(under))
                .map(path -> path.get(under.size()))
                .distinct()
                .toList();
    }

    private TakeView result(By by, Ranges ranges, List<Group> groups, GraftFilter filter, int depth) {
        Group farm = group(
                "the whole farm",
                null,
                List.of(),
                ranges,
                new GroupKey(null, null, null, null, null, filter.from(), filter.to(), part(filter)));
        List<Double> strengths = new ArrayList<>();
        for (int level = 1; level <= depth && !groups.isEmpty(); level++) {
            strengths.add(ranges.own().strength(level));
        }
        int thinUnder = (int) rules.life(FigureName.THIN_UNDER).value();
        boolean byTechnique = by == By.TECHNIQUE || by == By.VARIETY_TECHNIQUE;
        int untold = byTechnique ? grafts.untold().size() : 0;
        return new TakeView(by, mass(), thinUnder, untold, farm, groups, strengths);
    }

    private double mass() {
        return rules.life(FigureName.RANGE_MASS).value();
    }

    private Group group(String label, @Nullable String under, List<String> path, Ranges ranges, GroupKey key) {
        TakeCount count = ranges.own().count(path);
        Belief belief = ranges.of(path);
        Belief.Range range = belief.range(mass());
        boolean thin = count.decided() < rules.life(FigureName.THIN_UNDER).value();
        return new Group(
                label,
                under,
                path.size(),
                count,
                belief.mean(),
                range.low(),
                range.high(),
                thin,
                count.decided() == 0,
                key);
    }
}
