package baylantern.app.season;

import baylantern.app.place.PlaceService;
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
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Skies;
import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.flush.Interval;
import baylantern.core.season.flush.Intervals;
import baylantern.core.season.flush.Lane;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.flush.Rhythm;
import baylantern.core.season.flush.RhythmModel;
import baylantern.core.season.flush.Swell;
import baylantern.core.season.flush.WarmthRuns;
import baylantern.core.season.flush.Wave;
import baylantern.core.season.foresight.Foresight;
import baylantern.core.season.foresight.Learned;
import baylantern.core.season.foresight.LookNext;
import baylantern.core.season.hindcast.Kept;
import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Forecasts of every watched plant, reckoned once for each state of the farm and day. */
@Service
public class FlushService {

    private static final int DAYS_AHEAD = 760;
    private static final int BACK_YEARS = 10;
    private static final long SEED = 20_260_514L;
    private static final int LINES = 5;
    private static final int MEMORY_DAYS = 120;

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
        this.farm = changes.renew((before, since) -> reckon(before), SeasonFacts.ALL);
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

    /**
     * What is learned from: looks up to the last evening of the month before, so that a note of today moves the tree it
     * is of and no other.
     */
    private record Lore(LocalDate until, List<List<NoteRow>> notes, DailySums sums) {}

    /** All watched plants of one species; who holds the same one holds the same forecasts. */
    static final class OfSpecies {
        private final Inputs inputs;
        private final Lore lore;
        private final Learned learned;
        private final RhythmModel model;
        private final List<Watched> watched;

        private OfSpecies(Inputs inputs, Lore lore, Learned learned, RhythmModel model, List<Watched> watched) {
            this.inputs = inputs;
            this.lore = lore;
            this.learned = learned;
            this.model = model;
            this.watched = watched;
        }

        /** What the farm has learned of the species. */
        Learned learned() {
            return learned;
        }

        private Map<PlantNotes, Outlook> outlooks() {
            Map<PlantNotes, Outlook> known = new java.util.IdentityHashMap<>();
            watched.forEach(w -> w.outlook().ifPresent(outlook -> known.put(w.notes(), outlook)));
            return known;
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
        // What is kept is read here, on this thread; what follows is plain reckoning, species beside species.
        Map<String, Inputs> inputs = new LinkedHashMap<>();
        plantsOf.forEach((key, own) -> inputs.put(key, inputs(key, own, notes)));
        Ground ground = new Ground(weather.weather(), clock.today(), places.latitudeDeg());
        Map<String, OfSpecies> reckoned = inputs.entrySet().parallelStream()
                .collect(Collectors.toMap(Map.Entry::getKey, one -> {
                    OfSpecies was = before == null ? null : before.bySpecies().get(one.getKey());
                    return was != null && was.inputs.equals(one.getValue())
                            ? was
                            : forecasts(rules.species(one.getKey()).orElseThrow(), one.getValue(), ground, was);
                }));
        Map<String, OfSpecies> bySpecies = new LinkedHashMap<>();
        Map<Long, Watched> watched = new HashMap<>();
        for (String key : inputs.keySet()) {
            OfSpecies own = Known.in(reckoned, key);
            bySpecies.put(key, own);
            own.watched.forEach(w -> watched.put(w.plant().id(), w));
        }
        return new Farm(
                inOrder.stream().map(plant -> Known.in(watched, plant.id())).toList(), bySpecies);
    }

    private Inputs inputs(String speciesKey, List<Plant> own, Map<Long, PlantNotes> notes) {
        return new Inputs(
                own,
                own.stream().map(plant -> Known.in(notes, plant.id())).toList(),
                warmth.budWarmth(speciesKey),
                years());
    }

    /** Where and when it is reckoned. */
    private record Ground(Weather weather, LocalDate today, double latitudeDeg) {}

    private OfSpecies forecasts(Species species, Inputs inputs, Ground ground, @Nullable OfSpecies was) {
        FlushRules flush = rules.flush();
        DailySums sums = inputs.sums();
        Lore lore = lore(inputs, ground.today());
        boolean same = was != null && was.lore.equals(lore);
        Skies skies = skies(species, inputs, ground);
        Learned learned = same
                ? Objects.requireNonNull(was).learned
                : Learned.of(
                        new Accounts.Grounds(
                                flush, species.figure(FigureName.SWELL_TO_SWELL).value(), skies.warmthADay()),
                        inputs.notes().stream().map(PlantNotes::record).toList(),
                        skies,
                        (int) lore.until.toEpochDay());
        Map<PlantNotes, Outlook> known =
                was != null && same && was.inputs.years() == inputs.years() ? was.outlooks() : Map.of();
        List<List<Interval>> intervals = new ArrayList<>();
        for (int i = 0; i < inputs.plants().size(); i++) {
            intervals.add(Intervals.of(
                    inputs.plants().get(i).id(), inputs.notes().get(i).swells(), sums));
        }
        RhythmModel model = new RhythmModel(
                species.figure(FigureName.SWELL_TO_SWELL),
                flush,
                intervals.stream().flatMap(List::stream).toList());
        Foresight foresight = new Foresight(
                learned,
                skies.goingOn(inputs.years(), LINES),
                WarmthRuns.of(
                        BudWarmth.of(species, flush),
                        ground.weather(),
                        inputs.years(),
                        ground.today().minusYears(BACK_YEARS)),
                flush);
        LocalDate today = ground.today();
        // Trees are independent of each other and seeded one by one, so the order of reckoning does not matter.
        List<Watched> watched = IntStream.range(0, inputs.plants().size())
                .parallel()
                .mapToObj(i -> {
                    Plant plant = inputs.plants().get(i);
                    PlantNotes own = inputs.notes().get(i);
                    Outlook before = known.get(own);
                    Optional<Outlook> outlook =
                            before != null ? Optional.of(before) : foresight.of(own.record(), SEED + plant.id());
                    Lane lane = Lane.of(own.swells(), outlook, sums, flush, today);
                    return new Watched(
                            plant, own, own.swells(), intervals.get(i), model.plant(plant.id()), outlook, lane);
                })
                .toList();
        return new OfSpecies(inputs, lore, learned, model, watched);
    }

    private static Lore lore(Inputs inputs, LocalDate today) {
        LocalDate until = today.withDayOfMonth(1).minusDays(1);
        return new Lore(
                until, inputs.notes().stream().map(own -> own.until(until)).toList(), inputs.sums());
    }

    private Skies skies(Species species, Inputs inputs, Ground ground) {
        LocalDate first = inputs.notes().stream()
                .map(own -> own.rows().get(0).onDay())
                .min(Comparator.naturalOrder())
                .orElse(ground.today());
        LocalDate earliest = ground.today().minusYears(BACK_YEARS);
        return new Skies(
                BudWarmth.of(species, rules.flush()),
                ground.weather(),
                ground.latitudeDeg(),
                (first.isBefore(earliest) ? earliest : first).minusDays(MEMORY_DAYS),
                ground.today().minusDays(1),
                LINES,
                SEED);
    }

    /** How well ranges told of a species have held on this farm; of one plant where it is named. */
    Kept kept(String speciesKey, Optional<Long> plantId) {
        return species(speciesKey)
                .map(own -> plantId.map(own.learned::told).orElseGet(own.learned::told))
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
                most);
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
