package baylantern.app.season;

import baylantern.app.place.Plant;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FlushRules;
import baylantern.core.season.account.Sides;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.flush.WarmthRuns;
import baylantern.core.season.foresight.Learned;
import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** All watched plants of one species; who holds the same one holds the same forecasts. */
final class OfSpecies {

    private final Inputs inputs;
    private final Lore lore;
    private final Learned learned;
    private final WarmthRuns runs;
    private final Supplier<Sides> sides;
    private final List<Watched> watched;

    /** What forecasts are reckoned from; as long as it stays equal, so do they. */
    record Inputs(List<Plant> plants, List<PlantNotes> notes, DailySums sums, WeatherYears years, Figures figures) {}

    /** The figures of the rulebook that count, as they are now. */
    record Figures(FlushRules flush, Map<String, Figure> species) {}

    /**
     * What is learned from: looks up to the last evening of the month before, so that a note of today moves the tree it
     * is of and no other.
     */
    record Lore(LocalDate until, List<List<NoteRow>> notes, DailySums sums, Figures figures) {

        static Lore of(Inputs inputs, LocalDate today) {
            LocalDate until = today.withDayOfMonth(1).minusDays(1);
            return new Lore(
                    until,
                    inputs.notes().stream().map(own -> own.until(until)).toList(),
                    inputs.sums(),
                    inputs.figures());
        }
    }

    OfSpecies(
            Inputs inputs, Lore lore, Learned learned, WarmthRuns runs, Supplier<Sides> sides, List<Watched> watched) {
        this.inputs = inputs;
        this.lore = lore;
        this.learned = learned;
        this.runs = runs;
        this.sides = sides;
        this.watched = watched;
    }

    boolean restsOn(Inputs now) {
        return inputs.equals(now);
    }

    boolean learnedFrom(Lore now) {
        return lore.equals(now);
    }

    /** What the farm has learned of the species. */
    Learned learned() {
        return learned;
    }

    List<Watched> watched() {
        return watched;
    }

    /** When the sides of one of them swell; empty where nobody told them apart. */
    Optional<Sides.Apart> sides(Watched one) {
        return one.lane().coming().stream()
                .findFirst()
                .flatMap(next -> sides.get()
                        .of(
                                one.plant().id(),
                                one.notes().notes(),
                                next,
                                inputs.years().first()));
    }

    /** The warmth of these runs of the weather, where it was reckoned already. */
    @Nullable
    WarmthRuns runsIn(WeatherYears years) {
        return inputs.years() == years ? runs : null;
    }

    /** The outlooks that still hold in these runs of the weather, by the notes they rest on. */
    Map<PlantNotes, Outlook> outlooksIn(WeatherYears years) {
        Map<PlantNotes, Outlook> known = new IdentityHashMap<>();
        if (inputs.years() == years) {
            watched.forEach(w -> w.outlook().ifPresent(outlook -> known.put(w.notes(), outlook)));
        }
        return known;
    }
}
