package baylantern.app.take;

import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.PushRow;
import baylantern.app.bench.YearPart;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.Fact;
import baylantern.app.season.SeasonFacts;
import baylantern.app.season.WarmthService;
import baylantern.core.care.GraftState;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.fact.FactTable;
import baylantern.core.take.push.PushBand;
import baylantern.core.take.push.PushCase;
import baylantern.core.take.push.PushCurve;
import baylantern.core.take.push.PushFit;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Tells how long grafts of a group take to push, and until when waiting pays. */
@Service
class PushService {

    private static final long SEED = 11;

    /** From so many grafts on days are whole, so that the grafts that cannot be told apart are counted together. */
    private static final int MANY = 400;

    private static final int MOST_POINTS = 80;

    private final GraftService grafts;
    private final WarmthService warmth;
    private final Rulebook rules;
    private final FactGroups groups;
    private final FactService facts;
    private final Derived<List<PushRow>> all;
    private final DerivedEach<Of, Course> courses;
    private final DerivedEach<OfKinds, Course> ofKinds;

    PushService(
            GraftService grafts,
            WarmthService warmth,
            Rulebook rules,
            FactGroups groups,
            FactService facts,
            Changes changes) {
        this.groups = groups;
        this.facts = facts;
        this.ofKinds = changes.deriveEach(
                this::reckon,
                Stream.concat(Stream.of(FactService.FACTS), Stream.of(Fact.LOOKS))
                        .toArray(Fact[]::new));
        this.all = changes.derive(() -> grafts.pushes(GraftFilter.ALL), Fact.GRAFTS, Fact.GRAFT_STATES, Fact.LOOKS);
        this.grafts = grafts;
        this.warmth = warmth;
        this.rules = rules;
        this.courses = changes.deriveEach(
                this::reckon, SeasonFacts.skyAnd(Fact.GRAFTS, Fact.GRAFT_STATES, Fact.LOOKS, Fact.RUNS, Fact.TRIALS));
    }

    /**
     * A group of grafts.
     *
     * @param calendar true for days, false for healing days
     */
    record Of(GraftFilter group, boolean calendar) {}

    /**
     * A group by something known of its grafts.
     *
     * @param kinds the kind of each aspect it is of
     */
    record OfKinds(Map<String, String> kinds, @Nullable YearPart part, boolean calendar) {}

    /** What had come by a day, and its range. */
    record PushPoint(double day, double pushed, double low, double high, double died) {}

    /** A graft that still waits, and since how many days. */
    record Waits(String code, double day) {}

    /**
     * How a group's grafts came to push.
     *
     * @param median the day by which half have pushed of those that push; null where none has
     * @param stopsPaying from this day on no more than the line of those still silent push; null where the records do not
     *     go so far
     * @param line that chance
     */
    record Course(
            int grafts,
            int pushed,
            int died,
            List<PushPoint> points,
            List<Waits> waiting,
            @Nullable Double median,
            @Nullable Double medianLow,
            @Nullable Double medianHigh,
            @Nullable Double stopsPaying,
            double line) {}

    Course course(Of of) {
        return courses.get(of);
    }

    Course course(OfKinds of) {
        return ofKinds.get(of);
    }

    private Course reckon(OfKinds of) {
        FactTable table = facts.table();
        int[] found = groups.made(of.part());
        for (Map.Entry<String, String> one : of.kinds().entrySet()) {
            found = FactGroups.of(found, groups.column(one.getKey()), one.getValue());
        }
        Set<String> codes =
                IntStream.of(found).mapToObj(i -> table.row(i).code()).collect(Collectors.toSet());
        return reckon(
                all.get().stream().filter(row -> codes.contains(row.code())).toList(), of.calendar());
    }

    private Course reckon(Of of) {
        return reckon(grafts.pushes(of.group()), of.calendar());
    }

    private Course reckon(List<PushRow> rows, boolean calendar) {
        Map<String, List<PushCase>> sessions = new LinkedHashMap<>();
        List<Waits> waiting = new ArrayList<>();
        for (PushRow row : rows) {
            PushCase one = read(row, calendar, rows.size() > MANY);
            if (one == null) {
                continue;
            }
            sessions.computeIfAbsent(
                            row.madeOn() + " " + row.varietyId() + " " + row.techniqueKey(), k -> new ArrayList<>())
                    .add(one);
            if (one.end() == PushCase.End.WAITING && row.state().live()) {
                waiting.add(new Waits(row.code(), one.after()));
            }
        }
        return told(List.copyOf(sessions.values()), waiting);
    }

    private Course told(List<List<PushCase>> sessions, List<Waits> waiting) {
        List<PushCase> cases = sessions.stream().flatMap(List::stream).toList();
        PushCurve curve = PushFit.of(cases);
        double line = rules.life(FigureName.GIVE_UP_AT).value();
        int pushed = count(cases, PushCase.End.PUSHED);
        if (pushed + count(cases, PushCase.End.DIED) == 0) {
            return new Course(cases.size(), 0, 0, List.of(), waiting, null, null, null, null, line);
        }
        PushBand band = PushBand.of(sessions, rules.life(FigureName.RANGE_MASS).value(), SEED);
        PushBand.Range median = band.median();
        return new Course(
                cases.size(),
                pushed,
                count(cases, PushCase.End.DIED),
                days(curve).stream().map(day -> point(curve, band, day)).toList(),
                waiting,
                known(curve.median()),
                known(median.low()),
                known(median.high()),
                known(curve.stopsPaying(line)),
                line);
    }

    private static int count(List<PushCase> cases, PushCase.End end) {
        return (int) cases.stream().filter(one -> one.end() == end).count();
    }

    private static PushPoint point(PushCurve curve, PushBand band, double day) {
        PushBand.Range range = band.pushedBy(day);
        return new PushPoint(day, curve.pushedBy(day), range.low(), range.high(), curve.diedBy(day));
    }

    // Where something happens, as many days as a drawing can show.
    private static List<Double> days(PushCurve curve) {
        TreeSet<Double> days = new TreeSet<>(List.of(0.0));
        Stream.concat(curve.pushes().stream(), curve.deaths().stream()).forEach(step -> {
            days.add(step.after());
            days.add(step.by());
        });
        List<Double> all = List.copyOf(days);
        int every = Math.max(1, all.size() / MOST_POINTS);
        List<Double> some = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (i % every == 0 || i == all.size() - 1) {
                some.add(all.get(i));
            }
        }
        return some;
    }

    private static @Nullable Double known(double value) {
        return Double.isNaN(value) ? null : value;
    }

    // A look that lies before the making, on a farm whose days nobody understood, tells of day nought.
    private @Nullable PushCase read(PushRow row, boolean calendar, boolean whole) {
        ToDoubleBiFunction<LocalDate, LocalDate> clock = calendar
                ? (made, day) -> ChronoUnit.DAYS.between(made, day)
                : warmth.healing(row.speciesKey())::between;
        boolean pushed = row.pushedDay() != null;
        LocalDate end = pushed ? row.pushedDay() : row.deadDay();
        LocalDate silent = row.silentDay();
        if (end == null) {
            double at = silent == null ? 0 : day(clock, row, silent, whole);
            return row.state() == GraftState.LOST && at == 0 ? null : PushCase.waiting(at);
        }
        double by = day(clock, row, end, whole);
        double after = silent == null || !silent.isBefore(end) ? 0 : day(clock, row, silent, whole);
        return new PushCase(Math.min(after, by), by, pushed ? PushCase.End.PUSHED : PushCase.End.DIED);
    }

    private static double day(
            ToDoubleBiFunction<LocalDate, LocalDate> clock, PushRow row, LocalDate seen, boolean whole) {
        double day = Math.max(0, clock.applyAsDouble(row.madeOn(), seen));
        return whole ? Math.round(day) : day;
    }
}
