package baylantern.app.care;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Spot;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.care.walk.Errand;
import baylantern.core.care.walk.WalkPlan;
import baylantern.core.care.walk.WalkPlanner;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The fewest walks that make every visit of the days ahead, and what the grower sets otherwise. */
@Service
public class WalksAhead {

    /** Walks are planned so far ahead. */
    public static final int DAYS = 14;

    private static final int MOST_LATE = 40;

    private final WalkMapper walks;
    private final PlaceService places;
    private final TrailService trail;
    private final Rulebook rules;
    private final FarmClock clock;

    WalksAhead(WalkMapper walks, PlaceService places, TrailService trail, Rulebook rules, FarmClock clock) {
        this.walks = walks;
        this.places = places;
        this.trail = trail;
        this.rules = rules;
        this.clock = clock;
    }

    /** Work of one kind on a walk. */
    public record Work(String kind, String name, int grafts) {}

    /** A place on a walk. */
    public record AtPlace(long spotId, String spotName, int grafts, int minutes, List<Work> work) {}

    /**
     * A walk.
     *
     * @param set true where the grower set its day
     * @param minutes on the way and at the plants
     */
    public record Walk(
            LocalDate day, boolean set, @Nullable Long personId, int grafts, int minutes, List<AtPlace> places) {}

    /** A visit nobody walks to in time. */
    record Late(String code, String name, String risk, LocalDate latest) {}

    /**
     * The walks of the days ahead.
     *
     * @param daily walks if each day's targets were walked to on their day
     * @param lateInAll how many visits no walk makes in time
     */
    record Walks(
            LocalDate from,
            LocalDate to,
            int visits,
            int daily,
            List<Walk> walks,
            List<Late> late,
            int lateInAll,
            List<LocalDate> never) {}

    /** The walks to come, in order of their days. */
    public List<Walk> ahead() {
        return walks(null, null).walks();
    }

    /** The walks as they are set, or as they would be with one moved. */
    Walks walks(@Nullable LocalDate moved, @Nullable LocalDate to) {
        LocalDate today = clock.today();
        Map<LocalDate, WalkMapper.SetDay> set = new HashMap<>();
        walks.from(today).forEach(day -> set.put(day.onDay(), day));
        if (moved != null && to != null) {
            within("from", moved);
            within("to", to);
            set.put(moved, new WalkMapper.SetDay(moved, false, null));
            set.put(to, new WalkMapper.SetDay(to, true, null));
        }
        return planned(today, set);
    }

    private Walks planned(LocalDate today, Map<LocalDate, WalkMapper.SetDay> set) {
        LocalDate last = today.plusDays(DAYS - 1L);
        Set<LocalDate> fixed = days(set, true);
        Set<LocalDate> never = days(set, false);
        Map<String, WalkMapper.Open> open = new LinkedHashMap<>();
        List<Errand> errands = new ArrayList<>();
        for (WalkMapper.Open one : walks.open(last)) {
            String key = one.code() + " " + one.kind() + " " + one.repeatNo();
            open.put(key, one);
            errands.add(new Errand(key, one.spotId(), one.earliest(), one.target(), one.latest()));
        }
        WalkPlan plan = WalkPlanner.over(today, DAYS, fixed, never).plan(errands);
        Map<Long, Spot> spots = places.spots().stream().collect(Collectors.toMap(Spot::id, Function.identity()));
        List<Walk> told = plan.walks().stream()
                .map(walk -> told(walk, set.get(walk.day()), open, spots))
                .toList();
        return new Walks(
                today,
                last,
                plan.walks().stream()
                        .flatMap(w -> w.places().stream())
                        .mapToInt(p -> p.errands().size())
                        .sum(),
                daily(errands, today, last),
                told,
                plan.late().stream()
                        .limit(MOST_LATE)
                        .map(e -> late(Known.in(open, e.key())))
                        .toList(),
                plan.late().size(),
                never.stream().sorted().toList());
    }

    private static Set<LocalDate> days(Map<LocalDate, WalkMapper.SetDay> set, boolean walked) {
        return set.values().stream()
                .filter(day -> day.walked() == walked)
                .map(WalkMapper.SetDay::onDay)
                .collect(Collectors.toSet());
    }

    // How often one would walk if each visit were made on its best day.
    private static int daily(List<Errand> errands, LocalDate today, LocalDate last) {
        Set<LocalDate> days = new HashSet<>();
        for (Errand e : errands) {
            LocalDate day = e.target().isBefore(today) ? today : e.target();
            if (!day.isAfter(last)) {
                days.add(day);
            }
        }
        return days.size();
    }

    private Late late(WalkMapper.Open one) {
        var kind = rules.visit(one.kind());
        return new Late(one.code(), kind.name(), kind.risk(), one.latest());
    }

    private Walk told(
            WalkPlan.Walk walk,
            WalkMapper.@Nullable SetDay set,
            Map<String, WalkMapper.Open> open,
            Map<Long, Spot> spots) {
        List<AtPlace> at = walk.places().stream()
                .map(place -> at(Known.in(spots, place.place()), place.errands(), open))
                .sorted(Comparator.comparingInt(p -> Known.in(spots, p.spotId()).walkOrder()))
                .toList();
        double onTheWay = rules.flush().value(FigureName.WALK_MINUTES) * at.size();
        return new Walk(
                walk.day(),
                set != null && set.walked(),
                set == null ? null : set.personId(),
                at.stream().mapToInt(AtPlace::grafts).sum(),
                (int) Math.ceil(at.stream().mapToInt(AtPlace::minutes).sum() + onTheWay),
                at);
    }

    private AtPlace at(Spot spot, List<Errand> errands, Map<String, WalkMapper.Open> open) {
        Map<String, Integer> byKind = new LinkedHashMap<>();
        Set<String> grafts = new HashSet<>();
        for (Errand e : errands) {
            WalkMapper.Open one = Known.in(open, e.key());
            byKind.merge(one.kind(), 1, Integer::sum);
            grafts.add(one.code());
        }
        return new AtPlace(
                spot.id(),
                spot.name(),
                grafts.size(),
                (int) Math.ceil(grafts.size() * rules.flush().value(FigureName.LOOK_MINUTES)),
                byKind.entrySet().stream()
                        .map(kind -> new Work(
                                kind.getKey(), rules.visit(kind.getKey()).name(), kind.getValue()))
                        .sorted(Comparator.comparingInt(Work::grafts).reversed().thenComparing(Work::name))
                        .toList());
    }

    /** A day of walking was set. */
    record WalkDone(long actId, String sentence) {}

    /** Moves a walk to another day. */
    @Transactional
    WalkDone move(LocalDate moved, LocalDate to) {
        within("from", moved);
        within("to", to);
        if (moved.equals(to)) {
            throw FarmProblem.wrong("to", to, "another day", "The walk is on that day already.");
        }
        String sentence = "The walk of " + moved + " moved to " + to;
        long act = trail.follow(sentence);
        Long person = walks.from(clock.today()).stream()
                .filter(day -> day.onDay().equals(moved))
                .findFirst()
                .map(WalkMapper.SetDay::personId)
                .orElse(null);
        Rows.one(walks.set(moved, false, null));
        Rows.one(walks.set(to, true, person));
        trail.done();
        return new WalkDone(act, sentence);
    }

    /** Says who walks on a day; it is walked on then. */
    @Transactional
    WalkDone person(LocalDate day, @Nullable Long personId) {
        within("day", day);
        String who = personId == null ? "nobody yet" : places.person(personId).name();
        String sentence = "The walk of " + day + ": " + who;
        long act = trail.follow(sentence);
        Rows.one(walks.set(day, true, personId));
        trail.done();
        return new WalkDone(act, sentence);
    }

    /** Leaves all days to the plan again. */
    @Transactional
    WalkDone free() {
        String sentence = "The walks left to the plan again";
        long act = trail.follow(sentence);
        Rows.any(walks.free());
        trail.done();
        return new WalkDone(act, sentence);
    }

    private void within(String field, LocalDate day) {
        LocalDate today = clock.today();
        LocalDate last = today.plusDays(DAYS - 1L);
        if (day.isBefore(today) || day.isAfter(last)) {
            throw FarmProblem.wrong(
                    field, day, today + " to " + last, "Walks are planned from " + today + " to " + last + ".");
        }
    }
}
