package baylantern.app.season;

import baylantern.app.place.Plant;
import baylantern.app.platform.FarmProblem;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Sides;
import baylantern.core.season.account.Skies;
import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.flush.Lane;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.flush.WarmthRuns;
import baylantern.core.season.foresight.Foresight;
import baylantern.core.season.foresight.Learned;
import baylantern.core.season.weather.Weather;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.util.function.SingletonSupplier;

/** Reckons the forecasts of a species' watched plants; plain reckoning that reads nothing that is kept. */
final class SpeciesForecasts {

    /** Same farm, same forecasts. */
    static final long SEED = 20_260_514L;

    private static final int BACK_YEARS = 10;
    private static final int LINES = 5;
    private static final int MEMORY_DAYS = 120;

    private final Rulebook rules;
    private final Weather weather;
    private final LocalDate today;
    private final double latitudeDeg;

    SpeciesForecasts(Rulebook rules, Weather weather, LocalDate today, double latitudeDeg) {
        this.rules = rules;
        this.weather = weather;
        this.today = today;
        this.latitudeDeg = latitudeDeg;
    }

    /** A species as the rulebook has it now; throws where it knows none of that key. */
    Species species(String key) {
        return rules.species(key).orElseThrow(() -> FarmProblem.unknown("species", key));
    }

    /** The forecasts; what was learned and foreseen before is kept as far as it still holds. */
    OfSpecies of(Species species, OfSpecies.Inputs inputs, @Nullable OfSpecies was) {
        BudWarmth warmth = BudWarmth.of(species, rules.flush());
        Skies skies = skies(warmth, inputs);
        OfSpecies.Lore lore = OfSpecies.Lore.of(inputs, today);
        OfSpecies kept = was != null && was.learnedFrom(lore) ? was : null;
        Learned learned = kept != null ? kept.learned() : learned(species, inputs, skies, lore);
        Map<PlantNotes, Outlook> known = kept != null ? kept.outlooksIn(inputs.years()) : Map.of();
        // Outlooks that still hold stand in the runs they were reckoned in: those of all trees are the same.
        WarmthRuns before = kept == null ? null : kept.runsIn(inputs.years());
        WarmthRuns runs =
                before != null ? before : WarmthRuns.of(warmth, weather, inputs.years(), today.minusYears(BACK_YEARS));
        Foresight foresight = new Foresight(learned, skies.goingOn(inputs.years(), LINES), runs);
        // Trees are independent of each other and seeded one by one, so the order of reckoning does not matter.
        List<Watched> watched = IntStream.range(0, inputs.plants().size())
                .parallel()
                .mapToObj(
                        i -> watched(inputs.plants().get(i), inputs.notes().get(i), learned, known, foresight, inputs))
                .toList();
        // Only a sheet asks for them. What is held for it is what is held already.
        FlushRules figures = rules.flush();
        Supplier<Sides> sides = SingletonSupplier.of(() -> Sides.learn(
                figures,
                learned.accounts(),
                watched.stream()
                        .collect(Collectors.toMap(
                                w -> w.plant().id(), w -> w.notes().notes()))));
        return new OfSpecies(inputs, lore, learned, runs, sides, watched);
    }

    private Watched watched(
            Plant plant,
            PlantNotes own,
            Learned learned,
            Map<PlantNotes, Outlook> known,
            Foresight foresight,
            OfSpecies.Inputs inputs) {
        Outlook before = known.get(own);
        Optional<Outlook> outlook =
                before != null ? Optional.of(before) : foresight.of(own.record(), SEED + plant.id());
        Lane lane =
                Lane.of(own.swells(), outlook, inputs.sums(), learned.accounts().course(plant.id()), today);
        return new Watched(plant, own, learned.accounts().rhythm(plant.id()), outlook, lane);
    }

    private Learned learned(Species species, OfSpecies.Inputs inputs, Skies skies, OfSpecies.Lore lore) {
        return Learned.of(
                new Accounts.Grounds(rules.flush(), swellToSwell(species), skies.warmthADay(), latitudeDeg),
                inputs.notes().stream().map(PlantNotes::record).toList(),
                skies,
                (int) lore.until().toEpochDay());
    }

    /** What a species usually takes from swell to swell, degree-days. */
    static double swellToSwell(Species species) {
        return species.figure(FigureName.SWELL_TO_SWELL).value();
    }

    private Skies skies(BudWarmth warmth, OfSpecies.Inputs inputs) {
        LocalDate first = inputs.notes().stream()
                .map(own -> own.rows().get(0).onDay())
                .min(Comparator.naturalOrder())
                .orElse(today);
        LocalDate earliest = today.minusYears(BACK_YEARS);
        return new Skies(
                warmth,
                weather,
                latitudeDeg,
                (first.isBefore(earliest) ? earliest : first).minusDays(MEMORY_DAYS),
                today.minusDays(1),
                LINES,
                SEED);
    }
}
