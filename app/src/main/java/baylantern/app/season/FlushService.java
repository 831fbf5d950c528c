package baylantern.app.season;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.EachAlone;
import baylantern.app.platform.FarmClock;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.flush.Wave;
import baylantern.core.season.foresight.LookNext;
import baylantern.core.season.hindcast.Kept;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Forecasts of every watched plant, reckoned once for each state of the farm and day. */
@Service
public class FlushService {

    private static final int DAYS_AHEAD = 760;

    private final WeatherService weather;
    private final WarmthService warmth;
    private final WatchService watch;
    private final PlantService plants;
    private final PlaceService places;
    private final Rulebook rules;
    private final FarmClock clock;
    private final Derived<WeatherYears> years;
    private final Derived<Farm> farm;
    private final DerivedEach<Span, List<SpeciesWave>> waves;

    FlushService(
            WeatherService weather,
            WarmthService warmth,
            WatchService watch,
            PlantService plants,
            PlaceService places,
            Rulebook rules,
            FarmClock clock,
            Changes changes) {
        this.weather = weather;
        this.warmth = warmth;
        this.watch = watch;
        this.plants = plants;
        this.places = places;
        this.rules = rules;
        this.clock = clock;
        this.years = changes.derive(this::draw, SeasonFacts.SKY);
        this.farm = changes.renewJudged((before, since) -> reckon(before), SeasonFacts.ALL);
        this.waves = changes.deriveEach(this::swelling, SeasonFacts.ALL);
    }

    /** The runs of the weather from today on. */
    WeatherYears years() {
        return years.get();
    }

    private WeatherYears draw() {
        int runs = (int) rules.flush().value(FigureName.WEATHER_RUNS);
        return WeatherYears.draw(weather.weather(), clock.today(), runs, DAYS_AHEAD, SpeciesForecasts.SEED);
    }

    private record Farm(EachAlone<Watched> inOrder, Map<String, OfSpecies> bySpecies) {}

    private record Span(LocalDate from, LocalDate to) {}

    /** All watched plants, in walking order. */
    List<Watched> watched() {
        return each().done();
    }

    /** The same, with sentences of the species whose forecasts cannot be reckoned. */
    EachAlone<Watched> each() {
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
        // Species are reckoned beside each other, each from the figures as they are now.
        Rulebook figures = rules.now();
        SpeciesForecasts forecasts =
                new SpeciesForecasts(figures, weather.weather(), clock.today(), places.latitudeDeg());
        Map<String, OfSpecies> old = before == null ? Map.of() : before.bySpecies();
        // What is kept is read here, on this thread; what follows is plain reckoning, species beside species.
        EachAlone<Asked> asked = EachAlone.of(
                plantsOf.entrySet(),
                own -> ask(
                        own.getKey(),
                        inputs(own.getKey(), own.getValue(), notes, figures),
                        old.get(own.getKey()),
                        forecasts),
                own -> words(own.getKey()));
        EachAlone<Told> told =
                asked.then(one -> new Told(one.speciesKey(), one.forecast().join()), one -> words(one.speciesKey()));
        Map<Long, Watched> watched = told.done().stream()
                .flatMap(one -> one.own().watched().stream())
                .collect(Collectors.toMap(w -> w.plant().id(), w -> w));
        return new Farm(
                new EachAlone<>(
                        inOrder.stream()
                                .filter(plant -> watched.containsKey(plant.id()))
                                .map(plant -> Known.in(watched, plant.id()))
                                .toList(),
                        told.failed()),
                told.done().stream().collect(Collectors.toMap(Told::speciesKey, Told::own)));
    }

    private record Told(String speciesKey, OfSpecies own) {}

    private record Asked(String speciesKey, CompletableFuture<OfSpecies> forecast) {}

    private Asked ask(String speciesKey, OfSpecies.Inputs inputs, @Nullable OfSpecies was, SpeciesForecasts forecasts) {
        Species species = forecasts.species(speciesKey);
        return new Asked(
                speciesKey,
                was != null && was.restsOn(inputs)
                        ? CompletableFuture.completedFuture(was)
                        : CompletableFuture.supplyAsync(() -> forecasts.of(species, inputs, was)));
    }

    private String words(String speciesKey) {
        return "The flush of " + rules.species(speciesKey).map(Species::name).orElse("trees of an unknown species");
    }

    private OfSpecies.Inputs inputs(String speciesKey, List<Plant> own, Map<Long, PlantNotes> notes, Rulebook figures) {
        return new OfSpecies.Inputs(
                own,
                own.stream().map(plant -> Known.in(notes, plant.id())).toList(),
                warmth.budWarmth(speciesKey),
                years(),
                new OfSpecies.Figures(
                        figures.flush(),
                        figures.species(speciesKey).orElseThrow().figures()));
    }

    /** How well ranges told of a species have held on this farm; of one plant where it is named. */
    Kept kept(String speciesKey, Optional<Long> plantId) {
        return species(speciesKey)
                .map(own -> plantId.map(own.learned()::told).orElseGet(own.learned()::told))
                .map(Kept::of)
                .orElseGet(() -> Kept.of(List.of()));
    }

    /** Looks worth most for their minutes, best first. */
    List<LookNext.Look> lookNext(int most) {
        return LookNext.of(
                watched().stream()
                        .flatMap(w -> w.outlook().stream()
                                .map(outlook -> new LookNext.Tree(
                                        w.plant().id(), w.plant().spotId(), outlook)))
                        .toList(),
                rules.flush(),
                most);
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
