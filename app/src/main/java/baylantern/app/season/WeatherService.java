package baylantern.app.season;

import baylantern.app.platform.ActService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.DayListener;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmDays;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.platform.Undoer;
import baylantern.core.season.weather.ClimateFit;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherReading;
import baylantern.core.season.weather.WeatherTable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The record of the weather: from files, and from the station while it is switched on. */
@Service
public class WeatherService implements DayListener, Undoer {

    private static final int STATION_BACK_DAYS = 60;
    static final long SEED = 31_4L;

    private final WeatherMapper mapper;
    private final ClimateService climates;
    private final WeatherStation station;
    private final ActService acts;
    private final FarmClock clock;
    private final Derived<Weather> kept;

    private final TrailService trail;

    WeatherService(
            WeatherMapper mapper,
            ClimateService climates,
            WeatherStation station,
            ActService acts,
            FarmClock clock,
            Changes changes,
            TrailService trail) {
        this.trail = trail;
        this.mapper = mapper;
        this.climates = climates;
        this.station = station;
        this.acts = acts;
        this.clock = clock;
        this.kept = changes.derive(this::read, Fact.WEATHER, Fact.CLIMATE, Fact.SITE);
    }

    /** What is known of the weather. */
    public Weather weather() {
        return kept.get();
    }

    private Weather read() {
        Weather normal = new Weather(climates.climate(), List.of());
        List<WeatherDay> days = mapper.days().stream()
                .map(row -> row.reading().completed(normal.on(row.onDay()), row.origin()))
                .toList();
        return new Weather(climates.climate(), days);
    }

    /** Days from one to another, filled where nothing is known. */
    public List<WeatherDay> days(LocalDate from, LocalDate to) {
        return weather().between(from, to);
    }

    /** The last day of which weather was recorded or foreseen; empty where there is none at all. */
    public Optional<LocalDate> knownUntil() {
        return weather().lastDay();
    }

    /** First and last recorded day and how many there are; null days where none. */
    record Extent(@Nullable LocalDate first, @Nullable LocalDate last, int days, int missing, boolean stationOn) {}

    Extent extent() {
        WeatherMapper.Recorded known = mapper.recorded();
        boolean on = mapper.stationSeed() != null;
        LocalDate first = known.first();
        LocalDate last = known.last();
        int whole = first == null || last == null ? 0 : (int) (last.toEpochDay() - first.toEpochDay() + 1);
        return new Extent(first, last, known.days(), whole - known.days(), on);
    }

    /** Which telling of a day wins where a file and the record overlap. */
    public enum Overlap {
        FILE,
        RECORD
    }

    /** What a file holds, and what became of it; the act takes it back. */
    public record WeatherBrought(
            @Nullable Long actId, int days, int overlapping, List<WeatherTable.Refused> refused, String sentence) {}

    /** Looks at a table without taking it. */
    WeatherBrought look(WeatherTable table) {
        int overlapping = overlapping(table).size();
        String sentence = table.readings().size() + " days can be taken, "
                + table.refused().size() + " rows cannot"
                + (overlapping == 0 ? "." : "; " + overlapping + " days are on record already.")
                + (table.told().isEmpty() ? "" : " Read as " + table.told() + ".");
        return new WeatherBrought(null, table.readings().size(), overlapping, table.refused(), sentence);
    }

    // Each recorded day once, oldest first.
    private List<LocalDate> recordedDays() {
        return mapper.days().stream()
                .filter(row -> row.origin() == WeatherDay.Origin.RECORDED)
                .map(WeatherRow::onDay)
                .distinct()
                .toList();
    }

    private Set<LocalDate> overlapping(WeatherTable table) {
        Set<LocalDate> known = Set.copyOf(recordedDays());
        return table.readings().stream()
                .map(WeatherReading::day)
                .filter(known::contains)
                .collect(Collectors.toSet());
    }

    /** Takes a table. Where days overlap it must be said which telling wins. Days ahead of today are a forecast. */
    @Transactional
    WeatherBrought bring(WeatherTable table, @Nullable Overlap wins) {
        table.readings().forEach(reading -> FarmDays.within("day", reading.day(), clock.today()));
        Set<LocalDate> overlapping = overlapping(table);
        if (!overlapping.isEmpty() && wins == null) {
            throw FarmProblem.wrong(
                    "overlap",
                    overlapping.size(),
                    "FILE or RECORD",
                    overlapping.size() + " days are on record already. Say which wins, the file or the record.");
        }
        List<WeatherReading> taken = table.readings().stream()
                .filter(r -> wins == Overlap.FILE || !overlapping.contains(r.day()))
                .toList();
        if (taken.isEmpty()) {
            throw FarmProblem.wrong("file", 0, "at least one new day", "No day of this file can be taken.");
        }
        String sentence = taken.size() + " days of weather brought in";
        long act = acts.open(kind(), sentence);
        Rows.portions(taken.stream().map(WeatherReading::day).toList())
                .forEach(days -> Rows.any(mapper.endDays(days, act)));
        store(
                taken.stream()
                        .map(r -> WeatherRow.of(r, originOf(r.day()), false))
                        .toList(),
                act);
        return new WeatherBrought(act, taken.size(), overlapping.size(), table.refused(), sentence);
    }

    private WeatherDay.Origin originOf(LocalDate day) {
        return day.isBefore(clock.today()) ? WeatherDay.Origin.RECORDED : WeatherDay.Origin.FORECAST;
    }

    private void store(List<WeatherRow> rows, @Nullable Long act) {
        Rows.portions(rows).forEach(some -> Rows.all(mapper.insertDays(some, act), some.size()));
    }

    /** Corrects or adds one day by hand. */
    @Transactional
    WeatherBrought correct(Map<String, String> cells) {
        Map<String, String> row = new HashMap<>(cells);
        row.putIfAbsent("date", cells.getOrDefault("day", ""));
        WeatherTable table = readable(row);
        if (!table.refused().isEmpty()) {
            throw FarmProblem.wrong(
                    "day", cells, "a day that can be", table.refused().get(0).sentence());
        }
        return bring(table, Overlap.FILE);
    }

    private static WeatherTable readable(Map<String, String> row) {
        try {
            return WeatherTable.of(List.of(row));
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong(
                    "day",
                    row.get("date"),
                    "a day with its lowest and highest temperature",
                    "A day needs its lowest and its highest temperature.");
        }
    }

    /** Switches the station on or off; what it measured stays. */
    @Transactional
    public void station(boolean on) {
        trail.follow("The weather station switched " + (on ? "on" : "off"));
        Rows.one(mapper.saveStation(on, SEED));
        trail.done();
        dayTurned();
    }

    /**
     * Lets the station tell what it measured since it was last asked, and what it expects. What it told already stands: a farm
     * opened again on the same day has no other weather, and nothing that goes by it is reckoned anew.
     */
    @Override
    @Transactional
    public void dayTurned() {
        LocalDate today = clock.today();
        List<WeatherRow> told = told(today);
        if (told.equals(mapper.ofStation(today))) {
            return;
        }
        Rows.any(mapper.deleteForecasts());
        Rows.any(mapper.deleteStationFrom(today));
        store(told, null);
    }

    private List<WeatherRow> told(LocalDate today) {
        Long seed = mapper.stationSeed();
        if (seed == null) {
            return List.of();
        }
        LocalDate last = mapper.recordedBefore(today);
        LocalDate earliest = today.minusDays(STATION_BACK_DAYS);
        return told(seed, last == null || last.isBefore(earliest) ? earliest : last.plusDays(1), today);
    }

    private List<WeatherRow> told(long seed, LocalDate from, LocalDate today) {
        List<WeatherRow> rows = new ArrayList<>();
        var climate = climates.climate();
        if (from.isBefore(today)) {
            station.measured(climate, seed, from, today.minusDays(1))
                    .forEach(r -> rows.add(WeatherRow.of(r, WeatherDay.Origin.RECORDED, true)));
        }
        station.forecast(climate, seed, today)
                .forEach(r -> rows.add(WeatherRow.of(r, WeatherDay.Origin.FORECAST, true)));
        return rows;
    }

    void fetch(long seed, LocalDate from, LocalDate today) {
        store(told(seed, from, today), null);
    }

    /** Normals fitted from the record, for the grower to look at. */
    List<MonthRow> fitted() {
        List<WeatherDay> recorded = recordedDays().stream().map(weather()::on).toList();
        try {
            return ClimateService.rows(ClimateFit.of(recorded));
        } catch (IllegalArgumentException e) {
            throw FarmProblem.conflict(String.valueOf(e.getMessage()));
        }
    }

    @Override
    public String kind() {
        return "weather";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.deleteOfAct(actId));
        Rows.any(mapper.standAgain(actId));
    }
}
