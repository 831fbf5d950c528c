package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Spot;
import baylantern.app.place.Variety;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.app.season.WeatherService;
import baylantern.core.care.GraftLife;
import baylantern.core.care.LifeLine;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is due, in walking order: gathered for Today, graft by graft for a round. */
@Service
class WalkService {

    private static final int MOST_STOPS = 200;
    private static final int SOON_SHOWN = 40;
    private static final int SCANNED = 120;
    private static final int NEAR_DAYS = 2;
    private static final int FAR_DAYS = 21;

    private final CareMapper mapper;
    private final CareService care;
    private final GraftLives lives;
    private final GraftService grafts;
    private final DangerService dangers;
    private final WeatherService weather;
    private final PlaceService places;
    private final Rulebook rules;
    private final FarmClock clock;

    /** What is due today, by graft in walking order. */
    private final Derived<Map<Long, List<DueRow>>> dueNow;

    WalkService(
            CareMapper mapper,
            CareService care,
            GraftLives lives,
            GraftService grafts,
            DangerService dangers,
            WeatherService weather,
            PlaceService places,
            Rulebook rules,
            FarmClock clock,
            Changes changes) {
        this.mapper = mapper;
        this.care = care;
        this.lives = lives;
        this.grafts = grafts;
        this.dangers = dangers;
        this.weather = weather;
        this.places = places;
        this.rules = rules;
        this.clock = clock;
        this.dueNow = changes.derive(
                this::readDue,
                Fact.DAY,
                Fact.SITE,
                Fact.VISITS,
                Fact.GRAFTS,
                Fact.GRAFT_STATES,
                Fact.PLANTS,
                Fact.SPOTS);
    }

    /** Grafts at one place that need the same, in walking order; {@code latest} is the most pressing. */
    record Errand(
            List<String> codes,
            int grafts,
            String varietyName,
            @Nullable String techniqueKey,
            List<String> asks,
            List<String> risks,
            int dayOfLife,
            LocalDate latest,
            boolean overdue) {}

    /** A place on the walk. */
    record WalkPlace(Spot spot, int due, int overdue, int minutes, List<Errand> errands) {}

    /**
     * Today's walk.
     *
     * @param weatherUntil the last day of which weather is known: beyond it no danger can be told; null where none is
     */
    record TodayView(
            LocalDate day,
            int due,
            int overdue,
            int soon,
            int live,
            int waiting,
            List<DangerService.Danger> dangers,
            List<WalkPlace> places,
            List<Stop> onTheirWay,
            @Nullable LocalDate weatherUntil) {}

    /** A graft on a round, with its tasks and its life line. */
    record Stop(Graft graft, List<Task> tasks, LifeLine line, boolean overdue) {}

    /** A visit as the round says it. */
    record Task(
            String kind,
            String name,
            String ask,
            String risk,
            String caution,
            LocalDate earliest,
            LocalDate target,
            LocalDate latest) {}

    /** A round: how many are due in all, and the first of them in walking order; then those that begin soon. */
    record RoundView(LocalDate day, int due, int overdue, List<Stop> stops, List<Stop> soon) {}

    TodayView today() {
        LocalDate today = clock.today();
        Map<Long, List<DueRow>> byGraft = due(null);
        Map<Long, Spot> spots = places.spots().stream().collect(Collectors.toMap(Spot::id, Function.identity()));
        Map<Long, Variety> varieties =
                places.varieties().stream().collect(Collectors.toMap(Variety::id, Function.identity()));
        Map<Long, List<List<DueRow>>> bySpot = new LinkedHashMap<>();
        byGraft.values()
                .forEach(rows -> bySpot.computeIfAbsent(rows.get(0).spotId(), k -> new ArrayList<>())
                        .add(rows));
        List<WalkPlace> walk = bySpot.entrySet().stream()
                .map(at -> place(Objects.requireNonNull(spots.get(at.getKey())), at.getValue(), varieties, today))
                .toList();
        int overdue = walk.stream().mapToInt(WalkPlace::overdue).sum();
        int soon = mapper.countSoon(today, soonUntil(today));
        return new TodayView(
                today,
                byGraft.size(),
                overdue,
                soon,
                grafts.countLive(),
                waiting(),
                dangers.ahead(),
                walk,
                onTheirWay(today),
                weather.knownUntil().orElse(null));
    }

    private int waiting() {
        return grafts.count(
                new baylantern.app.bench.GraftFilter(null, null, null, null, null, "WAITING", null, null, null, null));
    }

    private Map<Long, List<DueRow>> due(@Nullable Long spotId) {
        if (spotId == null) {
            return dueNow.get();
        }
        Map<Long, List<DueRow>> there = new LinkedHashMap<>();
        dueNow.get().forEach((graft, rows) -> {
            if (rows.get(0).spotId() == spotId) {
                there.put(graft, rows);
            }
        });
        return there;
    }

    private Map<Long, List<DueRow>> readDue() {
        return Collections.unmodifiableMap(mapper.due(clock.today()).stream()
                .collect(Collectors.groupingBy(DueRow::graftId, LinkedHashMap::new, Collectors.toUnmodifiableList())));
    }

    private WalkPlace place(Spot spot, List<List<DueRow>> grafts, Map<Long, Variety> varieties, LocalDate today) {
        Map<String, List<List<DueRow>>> alike = new LinkedHashMap<>();
        grafts.forEach(rows ->
                alike.computeIfAbsent(errandKey(rows), k -> new ArrayList<>()).add(rows));
        List<Errand> errands = alike.values().stream()
                .map(same -> errand(same, varieties, today))
                .toList();
        int overdue = (int) grafts.stream().filter(rows -> overdue(rows, today)).count();
        int minutes = (int) Math.ceil(grafts.size() * rules.flush().value(FigureName.LOOK_MINUTES));
        return new WalkPlace(spot, grafts.size(), overdue, minutes, errands);
    }

    private static String errandKey(List<DueRow> rows) {
        DueRow first = rows.get(0);
        String kinds = rows.stream().map(DueRow::kind).collect(Collectors.joining(","));
        return first.varietyId() + " " + first.techniqueKey() + " " + kinds + " " + first.madeOn();
    }

    private static boolean overdue(List<DueRow> rows, LocalDate today) {
        return rows.stream().anyMatch(row -> today.isAfter(row.latest()));
    }

    private Errand errand(List<List<DueRow>> same, Map<Long, Variety> varieties, LocalDate today) {
        List<DueRow> first = same.get(0);
        DueRow head = first.get(0);
        List<String> kinds = first.stream().map(DueRow::kind).toList();
        return new Errand(
                same.stream().map(rows -> rows.get(0).code()).toList(),
                same.size(),
                Objects.requireNonNull(varieties.get(head.varietyId())).name(),
                head.techniqueKey(),
                kinds.stream().map(kind -> rules.visit(kind).ask()).toList(),
                kinds.stream().map(kind -> rules.visit(kind).risk()).toList(),
                (int) java.time.temporal.ChronoUnit.DAYS.between(head.madeOn(), today),
                same.stream()
                        .flatMap(List::stream)
                        .map(DueRow::latest)
                        .min(LocalDate::compareTo)
                        .orElseThrow(),
                same.stream().anyMatch(rows -> overdue(rows, today)));
    }

    // Live grafts soonest to need something, one of each variety first, to be scanned at a glance.
    private List<Stop> onTheirWay(LocalDate today) {
        List<Long> next = nextUp(today, NEAR_DAYS);
        if (next.size() < SCANNED / 2) {
            next = nextUp(today, FAR_DAYS);
        }
        Map<Long, Graft> oneEach = new LinkedHashMap<>();
        grafts.byIds(next).forEach(graft -> oneEach.putIfAbsent(graft.varietyId(), graft));
        return stops(oneEach.values().stream().limit(8).toList(), today, Asks.ALL_OPEN);
    }

    private List<Long> nextUp(LocalDate today, int days) {
        return mapper.soon(today.minusDays(1), today.plusDays(days), null, SCANNED).stream()
                .distinct()
                .toList();
    }

    RoundView round(@Nullable Long spotId) {
        LocalDate today = clock.today();
        Map<Long, List<DueRow>> due = due(spotId);
        List<Long> first = due.keySet().stream().limit(MOST_STOPS).toList();
        List<Long> soon = mapper.soon(today, soonUntil(today), spotId, SOON_SHOWN).stream()
                .distinct()
                .toList();
        int overdue =
                (int) due.values().stream().filter(rows -> overdue(rows, today)).count();
        return new RoundView(
                today,
                due.size(),
                overdue,
                stops(grafts.byIds(first), today, Asks.DUE),
                stops(grafts.byIds(soon), today, Asks.ALL_OPEN));
    }

    private LocalDate soonUntil(LocalDate today) {
        return today.plusDays((long) rules.life(FigureName.SOON_DAYS).value());
    }

    /** Which open visits a stop tells. */
    enum Asks {
        DUE,
        ALL_OPEN
    }

    List<Stop> stops(List<Graft> which, LocalDate today, Asks asks) {
        List<Long> ids = which.stream().map(Graft::id).toList();
        Map<Long, GraftLife> lived = lives.of(which);
        Map<Long, List<VisitRow>> visits = care.visits(ids);
        return which.stream()
                .map(graft -> stop(
                        graft, Known.in(lived, graft.id()), visits.getOrDefault(graft.id(), List.of()), today, asks))
                .toList();
    }

    private Stop stop(Graft graft, GraftLife life, List<VisitRow> visits, LocalDate today, Asks asks) {
        LifeLine line = LifeLine.of(
                graft.techniqueKey() == null
                        ? null
                        : rules.technique(graft.techniqueKey()).orElseThrow(),
                graft.madeOn(),
                life,
                visits.stream().map(VisitRow::planned).toList(),
                lives.healing(graft.speciesKey()),
                rules,
                today);
        List<Task> tasks = visits.stream()
                .filter(visit -> asks == Asks.ALL_OPEN || visit.planned().due(today))
                .map(this::task)
                .toList();
        return new Stop(
                graft,
                tasks,
                line,
                visits.stream().anyMatch(visit -> visit.planned().overdue(today)));
    }

    private Task task(VisitRow visit) {
        var kind = rules.visit(visit.kind());
        return new Task(
                visit.kind(),
                kind.name(),
                kind.ask(),
                kind.risk(),
                kind.caution(),
                visit.earliest(),
                visit.target(),
                visit.latest());
    }
}
