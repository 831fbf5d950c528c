package baylantern.app.season;

import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.FarmClock;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.flush.Backtest;
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
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
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
    private final Derived<WeatherYears> years;
    private final Derived<Farm> farm;
    private final DerivedEach<String, Backtest> tests;
    private final DerivedEach<Span, List<SpeciesWave>> waves;

    FlushService(
            WeatherService weather,
            WarmthService warmth,
            WatchService watch,
            PlantService plants,
            Rulebook rules,
            FarmClock clock,
            Changes changes) {
        this.weather = weather;
        this.warmth = warmth;
        this.watch = watch;
        this.plants = plants;
        this.rules = rules;
        this.clock = clock;
        this.years = changes.derive(this::draw, SeasonFacts.SKY);
        this.farm = changes.renew((before, since) -> reckon(before), SeasonFacts.ALL);
        this.tests = changes.deriveEach(this::test, SeasonFacts.SKY);
        this.waves = changes.deriveEach(this::swelling, SeasonFacts.ALL);
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
        int runs = (int) rules.flush().value(FigureName.WEATHER_RUNS);
        return WeatherYears.draw(weather.weather(), clock.today(), runs, DAYS_AHEAD, SEED);
    }

    /** What the forecasts of a species are reckoned from; as long as it stays equal, so do they. */
    private record Inputs(List<Plant> plants, List<PlantNotes> notes, DailySums sums, WeatherYears years) {}

    /** All watched plants of one species; who holds the same one holds the same forecasts. */
    static final class OfSpecies {
        private final Inputs inputs;
        private final RhythmModel model;
        private final List<Watched> watched;

        private OfSpecies(Inputs inputs, RhythmModel model, List<Watched> watched) {
            this.inputs = inputs;
            this.model = model;
            this.watched = watched;
        }
    }

    private record Farm(List<Watched> inOrder, Map<String, OfSpecies> bySpecies) {}

    private record Span(LocalDate from, LocalDate to) {}

    /** All watched plants, in walking order. */
    List<Watched> watched() {
        return farm.get().inOrder();
    }

    /** The watched plants of a species, empty where none are. */
    Optional<OfSpecies> species(String speciesKey) {
        return Optional.ofNullable(farm.get().bySpecies().get(speciesKey));
    }

    private Farm reckon(@Nullable Farm before) {
        Map<Long, PlantNotes> notes = watch.watched();
        List<Plant> inOrder = plants.plants(notes.keySet());
        Map<String, List<Plant>> plantsOf = inOrder.stream()
                .collect(Collectors.groupingBy(Plant::speciesKey, LinkedHashMap::new, Collectors.toList()));
        Map<String, OfSpecies> bySpecies = new LinkedHashMap<>();
        Map<Long, Watched> reckoned = new HashMap<>();
        plantsOf.forEach((key, own) -> {
            OfSpecies was = before == null ? null : before.bySpecies().get(key);
            OfSpecies now = species(rules.species(key).orElseThrow(), own, notes, was);
            bySpecies.put(key, now);
            now.watched.forEach(w -> reckoned.put(w.plant().id(), w));
        });
        return new Farm(
                inOrder.stream()
                        .map(plant -> Objects.requireNonNull(reckoned.get(plant.id())))
                        .toList(),
                bySpecies);
    }

    private OfSpecies species(Species species, List<Plant> own, Map<Long, PlantNotes> notes, @Nullable OfSpecies was) {
        List<PlantNotes> ownNotes = own.stream()
                .map(plant -> Objects.requireNonNull(notes.get(plant.id())))
                .toList();
        Inputs inputs = new Inputs(own, ownNotes, warmth.budWarmth(species.key()), years());
        return was != null && was.inputs.equals(inputs) ? was : forecasts(species, inputs);
    }

    private OfSpecies forecasts(Species species, Inputs inputs) {
        FlushRules flush = rules.flush();
        DailySums sums = inputs.sums();
        Map<Long, PlantNotes> notes = new LinkedHashMap<>();
        Map<Long, List<Swell>> swells = new LinkedHashMap<>();
        Map<Long, List<Interval>> intervals = new LinkedHashMap<>();
        for (int i = 0; i < inputs.plants().size(); i++) {
            long id = inputs.plants().get(i).id();
            notes.put(id, inputs.notes().get(i));
            swells.put(id, Swells.in(inputs.notes().get(i).notes(), flush.value(FigureName.SWELL_SHARE)));
            intervals.put(id, Intervals.of(id, swells.get(id), sums));
        }
        RhythmModel model = new RhythmModel(
                species.figure(FigureName.SWELL_TO_SWELL),
                flush,
                intervals.values().stream().flatMap(List::stream).toList());
        FlushForecaster forecaster = new FlushForecaster(
                WarmthRuns.of(
                        BudWarmth.of(species, flush),
                        weather.weather(),
                        inputs.years(),
                        clock.today().minusYears(BACK_YEARS)),
                flush);
        LocalDate today = clock.today();
        // Trees are independent of each other and seeded one by one, so the order of reckoning does not matter.
        List<Watched> watched = inputs.plants().parallelStream()
                .map(plant -> {
                    PlantNotes own = Objects.requireNonNull(notes.get(plant.id()));
                    List<Swell> seen = Objects.requireNonNull(swells.get(plant.id()));
                    Rhythm rhythm = model.plant(plant.id());
                    Optional<Outlook> outlook = forecaster.forecast(rhythm, seen, own.notes(), SEED + plant.id());
                    Lane lane = Lane.of(seen, outlook, sums, flush, today);
                    return new Watched(plant, own, seen, Known.in(intervals, plant.id()), rhythm, outlook, lane);
                })
                .toList();
        return new OfSpecies(inputs, model, watched);
    }

    /** How well forecasts of a species would have done on this farm; of one plant where it is named. */
    Backtest.Result backtest(String speciesKey, Optional<Long> plantId) {
        OfSpecies own = species(speciesKey).orElse(null);
        List<Interval> intervals = own == null
                ? List.of()
                : own.watched.stream()
                        .filter(w ->
                                plantId.isEmpty() || plantId.get() == w.plant().id())
                        .flatMap(w -> w.intervals().stream())
                        .limit(MOST_TESTED)
                        .toList();
        return own == null || intervals.isEmpty()
                ? new Backtest.Result(0, 0, 0, 0, 0)
                : tests.get(speciesKey).of(own.model, intervals);
    }

    private Backtest test(String speciesKey) {
        return new Backtest(
                BudWarmth.of(rules.species(speciesKey).orElseThrow(), rules.flush()),
                weather.weather().climate(),
                SEED);
    }

    /** How many flushes lie in an interval, as the model took it. */
    int cycles(String speciesKey, Interval interval) {
        return species(speciesKey).map(own -> own.model.cycles(interval)).orElse(1);
    }

    /** The flush wave of a species over some days. */
    public record SpeciesWave(String speciesKey, int plants, List<Wave.Point> points) {}

    /** The farm's waves, species with most plants first. */
    public List<SpeciesWave> waves(LocalDate from, LocalDate to) {
        return waves.get(new Span(from, to));
    }

    private List<SpeciesWave> swelling(Span span) {
        Map<String, List<Wave.Member>> members = new LinkedHashMap<>();
        watched()
                .forEach(w -> members.computeIfAbsent(w.plant().speciesKey(), k -> new ArrayList<>())
                        .add(new Wave.Member(w.lane(), w.outlook())));
        return members.entrySet().stream()
                .sorted((a, b) -> b.getValue().size() - a.getValue().size())
                .map(e -> new SpeciesWave(
                        e.getKey(), e.getValue().size(), Wave.of(e.getValue(), span.from(), span.to(), clock.today())))
                .toList();
    }
}
