package baylantern.app.day;

import baylantern.app.bench.BenchService;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.HabitService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.app.season.WarmthService;
import baylantern.app.season.WindowService;
import baylantern.app.wood.WoodNeed;
import baylantern.core.bench.Cover;
import baylantern.core.day.DayConflicts;
import baylantern.core.day.GraftDay;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.season.window.WindowDay;
import baylantern.core.season.window.WindowFinder;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.SortedMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans graft days and tells what hangs on them. */
@Service
public class DayService implements Undoer, WoodNeed {

    private static final int FLOWER_DAYS = 10;
    private static final int FARTHEST_DAYS = 366;
    private static final int REMINDED_DAYS = 30;
    private static final int EARLY_DAYS = 3;

    private final DayMapper days;
    private final GraftService grafts;
    private final PlaceService places;
    private final WarmthService warmth;
    private final WindowService windows;
    private final HabitService habits;
    private final LivingWood living;
    private final Rulebook rules;
    private final GraftDay graftDay;
    private final ActService acts;
    private final FarmClock clock;

    DayService(
            DayMapper days,
            GraftService grafts,
            PlaceService places,
            WarmthService warmth,
            WindowService windows,
            HabitService habits,
            LivingWood living,
            Rulebook rules,
            ActService acts,
            FarmClock clock) {
        this.habits = habits;
        this.living = living;
        this.days = days;
        this.grafts = grafts;
        this.places = places;
        this.warmth = warmth;
        this.windows = windows;
        this.rules = rules;
        this.graftDay = new GraftDay(rules);
        this.acts = acts;
        this.clock = clock;
    }

    /** A visit that follows, as the plan tells it. */
    public record Coming(String kind, String name, LocalDate earliest, LocalDate target, LocalDate latest) {}

    /** The days around a graft day, and what speaks against it; the scored day is null beyond the forecast. */
    public record Around(
            LocalDate day,
            List<GraftDay.StepDay> tasks,
            int shoots,
            List<Coming> visits,
            @Nullable WindowDay scored,
            List<Finding> conflicts) {}

    /** The same for what is not planned yet or is changed, with the wood that is there for it. */
    public record Look(@JsonUnwrapped Around around, LivingWood.There wood) {}

    /** A plan that stands, with the days around it. */
    public record Planned(
            int planNo,
            @JsonUnwrapped DayRow.Where where,
            @JsonUnwrapped What what,
            int grafts,
            Cover cover,
            String remark,
            Around around) {

        /** What is grafted, and how. */
        public record What(
                String speciesKey, long varietyId, String varietyName, String techniqueKey, String techniqueName) {}

        /** See {@link Where}. */
        public String spotName() {
            return where.spotName();
        }

        /** See {@link What}. */
        public String varietyName() {
            return what.varietyName();
        }
    }

    /** A plan was made, moved or dropped. */
    public record DayDone(long actId, String sentence, int planNo) {}

    /** What would hang on a day, without planning it. */
    Look look(DayEntry entry, int planNo) {
        Around around = preview(entry, planNo);
        return new Look(around, living.by(entry.day(), entry.varietyId(), technique(entry)));
    }

    private Around preview(DayEntry entry, int planNo) {
        check(entry);
        Variety variety = places.variety(entry.varietyId());
        Technique technique = technique(entry);
        Cover cover = Objects.requireNonNullElse(entry.cover(), Cover.FILM);
        GraftDay.Plan plan = new GraftDay.Plan(
                entry.day(),
                variety.speciesKey(),
                technique,
                entry.grafts(),
                cover.name(),
                habits.followed(variety.speciesKey(), technique.key(), planNo));
        GraftDay.Around around =
                graftDay.around(plan, warmth.healing(variety.speciesKey()), warmth.healing(entry.speciesKey()));
        WindowService.Pair pair = new WindowService.Pair(
                entry.spotId(), entry.speciesKey(), entry.varietyId(), technique.bark() == Technique.Bark.YES);
        // The plan has its tips pinched on its day.
        WindowDay scored = WindowFinder.on(windows.find(pair).planned(), entry.day());
        return new Around(
                entry.day(),
                around.tasks(),
                around.shoots(),
                around.visits().stream()
                        .map(v -> new Coming(
                                v.kind(), rules.visit(v.kind()).name(), v.earliest(), v.target(), v.latest()))
                        .toList(),
                scored,
                conflicts(entry, variety, around, scored));
    }

    private List<Finding> conflicts(
            DayEntry entry, Variety variety, GraftDay.Around around, @Nullable WindowDay scored) {
        List<Finding> found = new ArrayList<>();
        if (rules.species(variety.speciesKey())
                .orElseThrow()
                .refusedTechniques()
                .containsKey(entry.techniqueKey())) {
            found.add(Finding.warns(
                    "technique",
                    "techniqueKey",
                    "This technique does not suit: "
                            + rules.species(variety.speciesKey())
                                    .orElseThrow()
                                    .refusedTechniques()
                                    .get(entry.techniqueKey())
                            + ".",
                    entry.techniqueKey(),
                    null));
        }
        if (variety.protectedRight()) {
            found.add(Finding.warns(
                    "protected",
                    "varietyId",
                    variety.name() + " is a protected variety: graft it only with the holder's licence.",
                    null,
                    null));
        }
        if (scored != null) {
            String spot = places.spots().stream()
                    .filter(s -> s.id() == entry.spotId())
                    .findFirst()
                    .orElseThrow()
                    .name();
            found.addAll(new DayConflicts(rules.flush())
                    .of(
                            scored,
                            around.tasks().get(0),
                            variety.name(),
                            spot + " stocks",
                            windows.floweredAround(variety.id(), entry.day(), FLOWER_DAYS),
                            clock.today()));
        }
        return List.copyOf(found);
    }

    private void check(DayEntry entry) {
        LocalDate today = clock.today();
        if (entry.day().isBefore(today) || entry.day().isAfter(today.plusDays(FARTHEST_DAYS))) {
            throw FarmProblem.wrong(
                    "day",
                    entry.day(),
                    today + " to " + today.plusDays(FARTHEST_DAYS),
                    "A graft day is planned from today to a year ahead.");
        }
        if (places.spots().stream().noneMatch(s -> s.id() == entry.spotId())) {
            throw FarmProblem.wrong("spotId", entry.spotId(), "a place of this farm", "There is no such place.");
        }
        if (rules.species(entry.speciesKey()).isEmpty()) {
            throw FarmProblem.wrong(
                    "speciesKey", entry.speciesKey(), "a species of the rulebook", "There is no such species.");
        }
        technique(entry);
    }

    private Technique technique(DayEntry entry) {
        return rules.technique(entry.techniqueKey())
                .orElseThrow(() -> FarmProblem.wrong(
                        "techniqueKey",
                        entry.techniqueKey(),
                        "a technique of the rulebook",
                        "There is no such technique."));
    }

    /** Plans from today on, soonest first. */
    public List<Planned> plans() {
        return days.standing().stream()
                .filter(row -> !row.onDay().isBefore(clock.today()))
                .sorted(Comparator.comparing(DayRow::onDay))
                .map(this::planned)
                .toList();
    }

    /** A graft day that went by with nothing of its variety logged, as it was planned. */
    public record Passed(int planNo, DayEntry plan, String varietyName, String spotName) {}

    /** Graft days of the last weeks that went by undone, the latest first. */
    List<Passed> passed() {
        LocalDate today = clock.today();
        return days.standing().stream()
                .filter(row -> row.onDay().isBefore(today) && !row.onDay().isBefore(today.minusDays(REMINDED_DAYS)))
                .filter(row -> grafts.count(since(row)) == 0)
                .sorted(Comparator.comparing(DayRow::onDay).reversed())
                .map(row -> new Passed(row.planNo(), entry(row), row.varietyName(), row.spotName()))
                .toList();
    }

    // Somebody may have begun a little before the day.
    private static GraftFilter since(DayRow row) {
        LocalDate from = row.onDay().minusDays(EARLY_DAYS);
        return new GraftFilter(row.varietyId(), null, null, null, null, null, from, null, null, null);
    }

    private static DayEntry entry(DayRow row) {
        return new DayEntry(
                row.onDay(),
                row.spotId(),
                row.speciesKey(),
                row.varietyId(),
                row.techniqueKey(),
                row.grafts(),
                row.cover(),
                row.remark());
    }

    private Planned planned(DayRow row) {
        Around around = preview(entry(row), row.planNo());
        return new Planned(
                row.planNo(),
                row.where(),
                new Planned.What(
                        row.speciesKey(),
                        row.varietyId(),
                        row.varietyName(),
                        row.techniqueKey(),
                        rules.technique(row.techniqueKey()).orElseThrow().name()),
                row.grafts(),
                row.cover(),
                row.remark(),
                around);
    }

    /** The plans as needs of wood. */
    @Override
    public List<WoodNeed.Planned> planned() {
        return days.standing().stream()
                .filter(row -> !row.onDay().isBefore(clock.today()))
                .map(row -> new WoodNeed.Planned(
                        row.varietyId(),
                        row.onDay(),
                        row.grafts(),
                        BenchService.takes(rules.technique(row.techniqueKey()).orElseThrow()),
                        row.grafts() + " grafts at " + row.spotName()))
                .toList();
    }

    /** Keeps a plan. */
    @Transactional
    public DayDone keep(DayEntry entry) {
        check(entry);
        String sentence =
                entry.grafts() + " " + places.variety(entry.varietyId()).name() + " planned for " + entry.day();
        long act = acts.open(kind(), sentence);
        return new DayDone(act, sentence, insertNew(entry, act));
    }

    /** Keeps several plans as one act. */
    @Transactional
    BenchDayService.Done keepAll(String sentence, List<DayEntry> entries) {
        long act = acts.open(kind(), sentence);
        keepAll(entries, act);
        return new BenchDayService.Done(act, sentence);
    }

    /** Keeps several plans within an act. */
    void keepAll(List<DayEntry> entries, long act) {
        entries.forEach(this::check);
        entries.forEach(entry -> Rows.made((long) insertNew(entry, act)));
    }

    /** Changes a plan; everything that hangs on it moves along. */
    @Transactional
    public DayDone change(int planNo, DayEntry entry) {
        check(entry);
        DayRow old = found(planNo);
        String sentence = old.varietyName() + " moved from " + old.onDay() + " to " + entry.day();
        long act = acts.open(kind(), sentence);
        Rows.superseded(days.end(planNo, act), "The plan");
        Rows.made(insert(planNo, entry, act));
        return new DayDone(act, sentence, planNo);
    }

    /** Drops a plan. */
    @Transactional
    public DayDone drop(int planNo) {
        DayRow old = found(planNo);
        String sentence = "Plan for " + old.varietyName() + " on " + old.onDay() + " dropped";
        long act = acts.open(kind(), sentence);
        Rows.superseded(days.end(planNo, act), "The plan");
        return new DayDone(act, sentence, planNo);
    }

    /** A plan and how many of its grafts go on which day; the first day keeps the plan's number. */
    record Part(DayRow plan, SortedMap<LocalDate, Integer> grafts) {}

    /** Spreads plans of a day over several, as one act. */
    @Transactional
    BenchDayService.Done spread(LocalDate day, int over, List<Part> parts) {
        String sentence = "The work of " + day + " spread over " + over + " days";
        long act = acts.open(kind(), sentence);
        for (Part part : parts) {
            DayRow plan = part.plan();
            if (part.grafts().size() == 1 && part.grafts().firstKey().equals(plan.onDay())) {
                continue;
            }
            Rows.superseded(days.end(plan.planNo(), act), "The plan");
            part.grafts().forEach((on, grafts) -> {
                DayEntry entry = new DayEntry(
                        on,
                        plan.where().spotId(),
                        plan.what().speciesKey(),
                        plan.what().varietyId(),
                        plan.what().techniqueKey(),
                        grafts,
                        plan.cover(),
                        plan.remark());
                if (on.equals(part.grafts().firstKey())) {
                    Rows.made(insert(plan.planNo(), entry, act));
                } else {
                    Rows.made((long) insertNew(entry, act));
                }
            });
        }
        return new BenchDayService.Done(act, sentence);
    }

    private DayRow found(int planNo) {
        DayRow row = days.find(planNo);
        if (row == null) {
            throw FarmProblem.unknown("plan", planNo);
        }
        return row;
    }

    // A plan is called by the number of its first row, which the store gives to one alone.
    int insertNew(DayEntry entry, @Nullable Long act) {
        long id = insert(0, entry, act);
        Rows.one(days.number(id));
        return (int) id;
    }

    private long insert(int no, DayEntry entry, @Nullable Long act) {
        return days.insert(
                no,
                entry,
                Objects.requireNonNullElse(entry.cover(), Cover.FILM).name(),
                Objects.requireNonNullElse(entry.remark(), ""),
                act);
    }

    @Override
    public String kind() {
        return "days";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(days.deleteOfAct(actId));
        Rows.any(days.standAgain(actId));
    }
}
