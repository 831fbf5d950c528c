package baylantern.app.wood;

import baylantern.app.platform.ActService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.DayListener;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.platform.Undoer;
import baylantern.app.season.WeatherService;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.Keeping;
import baylantern.core.wood.StoreTable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The stores wood lies in, and how warm they are. */
@Service
public class StoreService implements DayListener, Undoer {

    /** What a store for wood can be set to, °C. */
    static final double LEAST_C = -5;

    static final double MOST_C = 35;
    private static final int BACK_DAYS = 45;
    private static final int NEXT_DAYS = 10;
    private static final int SHOWN_DAYS = 30;

    private final StoreMapper mapper;
    private final StoreThermometer thermometer;
    private final WeatherService weather;
    private final Rulebook rules;
    private final ActService acts;
    private final FarmClock clock;
    private final Derived<Map<Long, StoreRow>> known;
    private final Derived<Map<Long, TreeMap<LocalDate, List<Double>>>> logs;

    private final TrailService trail;

    StoreService(
            StoreMapper mapper,
            StoreThermometer thermometer,
            WeatherService weather,
            Rulebook rules,
            ActService acts,
            FarmClock clock,
            Changes changes,
            TrailService trail) {
        this.trail = trail;
        this.mapper = mapper;
        this.thermometer = thermometer;
        this.weather = weather;
        this.rules = rules;
        this.acts = acts;
        this.clock = clock;
        this.logs = changes.derive(this::readLogs, Fact.STORES);
        this.known = changes.derive(
                () -> mapper.stores().stream().collect(Collectors.toMap(StoreRow::id, Function.identity())),
                Fact.STORES);
    }

    private Map<Long, TreeMap<LocalDate, List<Double>>> readLogs() {
        Map<Long, TreeMap<LocalDate, List<Double>>> byStore = new HashMap<>();
        mapper.readings()
                .forEach(r -> byStore.computeIfAbsent(r.storeId(), k -> new TreeMap<>())
                        .computeIfAbsent(r.readAt().toLocalDate(), k -> new ArrayList<>())
                        .add(r.tempC()));
        return byStore;
    }

    /** How warm a store was, and how that is known. */
    record Warmth(List<Double> tempsC, Basis basis) {}

    /** What a warmth rests on. */
    public enum Basis {
        LOG,
        SET,
        WEATHER,
        USUAL
    }

    StoreRow store(long id) {
        StoreRow store = known.get().get(id);
        if (store == null) {
            throw FarmProblem.unknown("store", id);
        }
        return store;
    }

    /** The warmth of a store on a day: its log, else what it is set to, else the weather or the usual figure. */
    Warmth on(StoreRow store, LocalDate day) {
        List<Double> read = logs.get().getOrDefault(store.id(), new TreeMap<>()).get(day);
        if (read != null) {
            return new Warmth(read, Basis.LOG);
        }
        return unread(store.method(), store.setC(), weather.weather().on(day).courseC());
    }

    /** The warmth of wood that lies in the shade on its way here. */
    Warmth underway(LocalDate day) {
        return unread(KeepMethod.AMBIENT, null, weather.weather().on(day).courseC());
    }

    // Out of doors each hour counts: a warm afternoon costs more than a cool night gives back.
    private Warmth unread(KeepMethod method, @Nullable Double setC, List<Double> outsideC) {
        if (setC != null) {
            return new Warmth(List.of(setC), Basis.SET);
        }
        return switch (method) {
            case AMBIENT, WATER -> new Warmth(outsideC, Basis.WEATHER);
            default -> new Warmth(List.of(new Keeping(rules.wood(), "other").referenceC(method)), Basis.USUAL);
        };
    }

    /** The warmth to expect from today on: the log's last three days, else as unread, out of doors the next ten days. */
    Warmth ahead(StoreRow store) {
        TreeMap<LocalDate, List<Double>> log = logs.get().getOrDefault(store.id(), new TreeMap<>());
        List<Double> last = log.tailMap(clock.today().minusDays(3)).values().stream()
                .flatMap(List::stream)
                .toList();
        if (!last.isEmpty()) {
            return new Warmth(last, Basis.LOG);
        }
        List<Double> outside = weather.days(clock.today(), clock.today().plusDays(NEXT_DAYS)).stream()
                .flatMap(day -> day.courseC().stream())
                .toList();
        return unread(store.method(), store.setC(), outside);
    }

    /** Means of a day in a store. */
    public record StoreMean(LocalDate day, double meanC, double lowC, double highC) {}

    /** A store as it is shown. */
    public record StoreView(
            long id,
            String name,
            KeepMethod method,
            String methodWords,
            @Nullable Double setC,
            boolean loggerOn,
            double nowC,
            Basis basis,
            List<StoreMean> log) {}

    /** All stores with their last thirty days. */
    public List<StoreView> stores() {
        return mapper.stores().stream().map(this::view).toList();
    }

    private StoreView view(StoreRow store) {
        Warmth now = ahead(store);
        List<StoreMean> means = new ArrayList<>();
        logs.get()
                .getOrDefault(store.id(), new TreeMap<>())
                .tailMap(clock.today().minusDays(SHOWN_DAYS))
                .forEach((day, temps) -> means.add(new StoreMean(
                        day,
                        temps.stream().mapToDouble(t -> t).average().orElse(0),
                        temps.stream().mapToDouble(t -> t).min().orElse(0),
                        temps.stream().mapToDouble(t -> t).max().orElse(0))));
        double nowC = now.tempsC().stream().mapToDouble(t -> t).average().orElse(0);
        return new StoreView(
                store.id(),
                store.name(),
                store.method(),
                store.method().words(),
                store.setC(),
                store.loggerSeed() != null,
                nowC,
                now.basis(),
                means);
    }

    /** Adds a store. */
    @Transactional
    public WoodDone add(String name, KeepMethod method, @Nullable Double setC) {
        if (setC != null && !(setC >= LEAST_C && setC <= MOST_C)) {
            throw FarmProblem.wrong(
                    "setC",
                    Quantity.celsius(setC),
                    Quantity.celsius(LEAST_C, MOST_C),
                    "No store for wood is set to " + Quantity.celsius(setC) + ".");
        }
        long act = acts.open(kind(), "Store " + name.strip() + " added");
        long id = mapper.insert(name.strip(), method.name(), setC, act);
        return new WoodDone(act, "Store " + name.strip() + " added", id, null);
    }

    /** Switches the simulated thermometer of a store on or off; what it read stays. */
    @Transactional
    public void logger(long id, boolean on) {
        trail.follow("The thermometer of " + store(id).name() + " switched " + (on ? "on" : "off"));
        Rows.one(mapper.setLogger(id, on ? id : null));
        trail.done();
        dayTurned();
    }

    /** Units a log can be in. */
    public enum LogUnit {
        C,
        F
    }

    /** What a log holds, and what became of it. */
    public record LogBrought(
            @Nullable Long actId,
            int readings,
            List<StoreTable.Refused> refused,
            boolean looksFahrenheit,
            String sentence) {}

    /** Takes a log. One that is plainly in °F asks which unit it is. */
    @Transactional
    public LogBrought bring(long storeId, StoreTable table, @Nullable LogUnit unit) {
        StoreRow store = store(storeId);
        if (table.readings().isEmpty()) {
            throw FarmProblem.wrong("file", 0, "at least one reading", "No row of this file can be taken.");
        }
        if (unit == null && table.looksFahrenheit()) {
            throw FarmProblem.wrong(
                    "unit",
                    table.readings().get(0).temp(),
                    "C or F",
                    "No store that keeps wood is as warm as "
                            + Quantity.celsius(table.readings().get(0).temp())
                            + ". Say whether the file is in °C or °F.");
        }
        LocalDateTime last = table.readings().get(table.readings().size() - 1).at();
        if (last.toLocalDate().isAfter(clock.today())) {
            throw FarmProblem.wrong(
                    "file", last, "up to " + clock.today(), "The log runs on past today, to " + last + ".");
        }
        String sentence = table.readings().size() + " readings of " + store.name() + " brought in";
        long act = acts.open(kind(), sentence);
        Rows.any(mapper.endReadings(storeId, table.readings().get(0).at(), last, act));
        List<ReadingRow> rows = table.readings().stream()
                .map(r -> new ReadingRow(
                        storeId, r.at(), unit == LogUnit.F ? StoreTable.celsius(r.temp()) : r.temp(), false))
                .toList();
        write(rows, act);
        return new LogBrought(act, rows.size(), table.refused(), table.looksFahrenheit(), sentence);
    }

    private void write(List<ReadingRow> rows, @Nullable Long act) {
        Rows.portions(rows).forEach(some -> Rows.all(mapper.insertReadings(some, act), some.size()));
    }

    void fetch(StoreRow store, LocalDateTime after) {
        Long seed = store.loggerSeed();
        if (seed == null) {
            return;
        }
        double setC =
                store.setC() != null ? store.setC() : new Keeping(rules.wood(), "other").referenceC(store.method());
        LocalDateTime upTo = clock.today().atStartOfDay();
        write(
                thermometer.read(seed, store.method(), setC, after, upTo).stream()
                        .map(r -> new ReadingRow(store.id(), r.at(), r.temp(), true))
                        .toList(),
                null);
    }

    /** Lets the thermometers tell what they read since they were last asked. */
    @Override
    @Transactional
    public void dayTurned() {
        Rows.any(mapper.deleteDeviceAfter(clock.today().atStartOfDay()));
        Map<Long, LocalDateTime> last = new HashMap<>();
        mapper.readings().forEach(r -> last.put(r.storeId(), r.readAt()));
        for (StoreRow store : mapper.stores()) {
            LocalDateTime earliest = clock.today().minusDays(BACK_DAYS).atStartOfDay();
            LocalDateTime read = last.getOrDefault(store.id(), earliest);
            fetch(store, read.isBefore(earliest) ? earliest : read);
        }
    }

    @Override
    public String kind() {
        return "stores";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.deleteReadingsOfAct(actId));
        Rows.any(mapper.bringBackReadingsOfAct(actId));
        Rows.any(mapper.deleteOfAct(actId));
    }
}
