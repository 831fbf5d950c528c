package baylantern.app.season;

import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.FarmClock;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.flush.Backtest;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.flush.FlushForecaster;
import baylantern.core.season.flush.Interval;
import baylantern.core.season.flush.Intervals;
import baylantern.core.season.flush.Lane;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.flush.Rhythm;
import baylantern.core.season.flush.RhythmModel;
import baylantern.core.season.flush.Swell;
import baylantern.core.season.flush.Swells;
import baylantern.core.season.flush.WarmthRuns;
import baylantern.core.season.flush.Wave;
import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Forecasts of every watched plant, reckoned once for each state of the farm and day. */
@Service
public class FlushService {

    private static final int DAYS_AHEAD = 760;
    private static final int BACK_YEARS = 10;
    private static final long SEED = 20_260_514L;
    private static final int MOST_TESTED = 800;

    private final WeatherService weather;
    private final WarmthService warmth;
    private final WatchService watch;
    private final PlantService plants;
    private final Rulebook rules;
    private final FarmClock clock;
    private final Supplier<WeatherYears> years;
    private final Supplier<List<Watched>> all;
    private final Supplier<Map<String, RhythmModel>> models;
    private final Supplier<Map<String, Backtest>> tests;
    private final Supplier<Map<String, List<SpeciesWave>>> waves;

    FlushService(
            WeatherService weather,
            WarmthService warmth,
            WatchService watch,
            PlantService plants,
            Rulebook rules,
            FarmClock clock,
            Pulse pulse) {
        this.weather = weather;
        this.warmth = warmth;
        this.watch = watch;
        this.plants = plants;
        this.rules = rules;
        this.clock = clock;
        this.years = pulse.kept(this::draw);
        this.models = pulse.kept(ConcurrentHashMap::new);
        this.tests = pulse.kept(ConcurrentHashMap::new);
        this.waves = pulse.kept(ConcurrentHashMap::new);
        this.all = pulse.kept(this::reckon);
    }

    /** A watched plant with everything reckoned of it. */
    record Watched(
            Plant plant,
            PlantNotes notes,
            List<Swell> swells,
            List<Interval> intervals,
            Rhythm rhythm,
            Optional<Outlook> outlook,
            Lane lane) {

        NoteRow last() {
            return notes.last();
        }
    }

    /** The runs of the weather from today on. */
    WeatherYears years() {
        return years.get();
    }

    private WeatherYears draw() {
        int runs = (int) rules.flush().value("weatherRuns");
        return WeatherYears.draw(weather.weather(), clock.today(), runs, DAYS_AHEAD, SEED);
    }

    /** All watched plants, in walking order. */
    List<Watched> watched() {
        return all.get();
    }

    private List<Watched> reckon() {
        Map<Long, PlantNotes> notes = watch.watched();
        Map<String, List<Plant>> bySpecies = new LinkedHashMap<>();
        List<Plant> inOrder = plants.plants(notes.keySet());
        inOrder.forEach(plant -> bySpecies
                .computeIfAbsent(plant.speciesKey(), k -> new ArrayList<>())
                .add(plant));
        Map<Long, Watched> reckoned = new LinkedHashMap<>();
        bySpecies.forEach((key, own) -> species(rules.species(key).orElseThrow(), own, notes)
                .forEach(w -> reckoned.put(w.plant().id(), w)));
        return inOrder.stream().map(plant -> reckoned.get(plant.id())).toList();
    }

    private List<Watched> species(Species species, List<Plant> own, Map<Long, PlantNotes> notes) {
        FlushRules flush = rules.flush();
        Weather known = weather.weather();
        DailySums sums = warmth.budWarmth(species.key());
        Map<Long, List<Swell>> swells = new LinkedHashMap<>();
        List<Interval> intervals = new ArrayList<>();
        for (Plant plant : own) {
            List<BudNote> budNotes = notes.get(plant.id()).notes();
            swells.put(plant.id(), Swells.in(budNotes, flush.value("swellShare")));
            intervals.addAll(Intervals.of(plant.id(), swells.get(plant.id()), sums));
        }
        RhythmModel model = new RhythmModel(species.figure("swellToSwell"), flush, intervals);
        models.get().put(species.key(), model);
        LocalDate since = clock.today().minusYears(BACK_YEARS);
        FlushForecaster forecaster =
                new FlushForecaster(WarmthRuns.of(BudWarmth.of(species, flush), known, years.get(), since), flush);
        Map<Long, List<Interval>> byPlant = new LinkedHashMap<>();
        intervals.forEach(
                i -> byPlant.computeIfAbsent(i.plant(), k -> new ArrayList<>()).add(i));
        // Trees are independent of each other and seeded one by one, so the order of reckoning does not matter.
        return own.parallelStream()
                .map(plant -> {
                    Rhythm rhythm = model.plant(plant.id());
                    List<Swell> seen = swells.get(plant.id());
                    Optional<Outlook> outlook = forecaster.forecast(
                            rhythm, seen, notes.get(plant.id()).notes(), SEED + plant.id());
                    return new Watched(
                            plant,
                            notes.get(plant.id()),
                            seen,
                            byPlant.getOrDefault(plant.id(), List.of()),
                            rhythm,
                            outlook,
                            Lane.of(seen, outlook, sums, flush, clock.today()));
                })
                .toList();
    }

    /** How well forecasts of a species would have done on this farm; of one plant where it is named. */
    Backtest.Result backtest(String speciesKey, Optional<Long> plantId) {
        List<Interval> intervals = watched().stream()
                .filter(w -> w.plant().speciesKey().equals(speciesKey))
                .filter(w -> plantId.isEmpty() || plantId.get() == w.plant().id())
                .flatMap(w -> w.intervals().stream())
                .limit(MOST_TESTED)
                .toList();
        RhythmModel model = models.get().get(speciesKey);
        if (model == null || intervals.isEmpty()) {
            return new Backtest.Result(0, 0, 0, 0, 0);
        }
        return tests.get()
                .computeIfAbsent(
                        speciesKey,
                        key -> new Backtest(
                                BudWarmth.of(rules.species(key).orElseThrow(), rules.flush()),
                                weather.weather().climate(),
                                SEED))
                .of(model, intervals);
    }

    /** How many flushes lie in an interval, as the model took it. */
    int cycles(String speciesKey, Interval interval) {
        RhythmModel model = models.get().get(speciesKey);
        return model == null ? 1 : model.cycles(interval);
    }

    /** The flush wave of a species over some days. */
    public record SpeciesWave(String speciesKey, int plants, List<Wave.Point> points) {}

    /** The farm's waves, species with most plants first. */
    public List<SpeciesWave> waves(LocalDate from, LocalDate to) {
        return waves.get().computeIfAbsent(from + " " + to, span -> swelling(from, to));
    }

    private List<SpeciesWave> swelling(LocalDate from, LocalDate to) {
        Map<String, List<Wave.Member>> members = new LinkedHashMap<>();
        watched()
                .forEach(w -> members.computeIfAbsent(w.plant().speciesKey(), k -> new ArrayList<>())
                        .add(new Wave.Member(w.lane(), w.outlook())));
        return members.entrySet().stream()
                .sorted((a, b) -> b.getValue().size() - a.getValue().size())
                .map(e -> new SpeciesWave(
                        e.getKey(), e.getValue().size(), Wave.of(e.getValue(), from, to, clock.today())))
                .toList();
    }
}
