package baylantern.app.season;

import baylantern.app.place.PlaceService;
import baylantern.app.place.PlantKind;
import baylantern.app.place.Variety;
import baylantern.app.platform.Changes;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.EachAlone;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.season.window.GraftSky;
import baylantern.core.season.window.GraftWindow;
import baylantern.core.season.window.Growth;
import baylantern.core.season.window.Meeting;
import baylantern.core.season.window.Standing;
import baylantern.core.season.window.WindowFinder;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BinaryOperator;
import org.springframework.stereotype.Service;

/** Windows of every pairing of watched stocks and watched wood. */
@Service
public class WindowService {

    private static final int DAYS = 150;

    private final FlushService flush;
    private final WeatherService weather;
    private final WarmthService warmth;
    private final PlaceService places;
    private final Rulebook rules;
    private final FarmClock clock;
    private final Growths growths;
    private final DerivedEach<String, GraftSky> skies;
    private final DerivedEach<Pair, WindowFinder.Found> found;

    WindowService(
            FlushService flush,
            WeatherService weather,
            WarmthService warmth,
            PlaceService places,
            Rulebook rules,
            FarmClock clock,
            Growths growths,
            Changes changes) {
        this.flush = flush;
        this.weather = weather;
        this.warmth = warmth;
        this.places = places;
        this.rules = rules;
        this.clock = clock;
        this.growths = growths;
        this.skies = changes.deriveEach(this::sky, SeasonFacts.SKY);
        this.found = changes.deriveEachFrom(this::inputs, this::reckon, SeasonFacts.WINDOWS);
    }

    /** Stocks of one species at one place, wood of one variety, and whether the bark must slip. */
    public record Pair(long spotId, String stockSpecies, long varietyId, boolean slipping) {}

    /** A pairing with its names. */
    public record Named(Pair pair, String spotName, String varietyName, String woodSpecies) {

        /** Its lamp in words. */
        public String lamp() {
            return "The lamp of " + varietyName + " on stocks of " + spotName;
        }
    }

    /** What the technique asks of the bark. */
    public enum Bark {
        ANY,
        MUST_SLIP
    }

    /** Every pairing within a species of stocks that are watched and wood that is watched or lies on the shelf. */
    public List<Named> pairings(Bark bark) {
        List<Variety> wood = growths.wooded();
        Map<Pair, Named> named = new LinkedHashMap<>();
        for (Watched stock : flush.watched()) {
            if (stock.plant().kind() == PlantKind.MOTHER_TREE) {
                continue;
            }
            for (Variety variety : wood) {
                if (variety.speciesKey().equals(stock.plant().speciesKey())) {
                    Pair pair = new Pair(
                            stock.plant().spotId(), variety.speciesKey(), variety.id(), bark == Bark.MUST_SLIP);
                    named.putIfAbsent(
                            pair, new Named(pair, stock.plant().spotName(), variety.name(), variety.speciesKey()));
                }
            }
        }
        return List.copyOf(named.values());
    }

    /** What a pairing comes to; throws where place or variety are unknown. */
    public WindowFinder.Found find(Pair pair) {
        return found.get(pair);
    }

    /** Whether stocks and wood of a pairing will be ready together; throws where place or variety are unknown. */
    public Meeting meeting(Pair pair) {
        Inputs from = inputs(pair);
        return finder(from).meeting(from.stocks, from.wood);
    }

    /** What a pairing is reckoned from: another species' notes leave it as it is. */
    private record Inputs(
            Growth stocks, Growth wood, GraftSky sky, String woodSpecies, Technique.Bark bark, int pinchDays) {}

    private Inputs inputs(Pair pair) {
        Variety variety = places.variety(pair.varietyId());
        return new Inputs(
                growths.stocks(pair.spotId(), pair.stockSpecies()),
                growths.wood(variety),
                skies.get(pair.stockSpecies()),
                variety.speciesKey(),
                pair.slipping() ? Technique.Bark.YES : Technique.Bark.NO,
                pinchDays(variety.speciesKey()));
    }

    private WindowFinder.Found reckon(Inputs from) {
        return finder(from).find(from.stocks, from.wood);
    }

    private WindowFinder finder(Inputs from) {
        return new WindowFinder(rules.flush(), from.sky, from.woodSpecies, from.bark, from.pinchDays);
    }

    private GraftSky sky(String speciesKey) {
        Species species = rules.species(speciesKey).orElseThrow(() -> FarmProblem.unknown("species", speciesKey));
        return new GraftSky(species, rules.flush(), weather.weather().climate(), flush.years(), DAYS);
    }

    private int pinchDays(String species) {
        double pinch = rules.flush().value(FigureName.PINCH);
        LocalDate ready = warmth.healing(species).after(clock.today(), pinch);
        return (int) ChronoUnit.DAYS.between(clock.today(), ready);
    }

    /** Years in which the variety was seen in flower within so many days of this day of the year. */
    public List<Integer> floweredAround(long varietyId, LocalDate day, int within) {
        return growths.wood(places.variety(varietyId)).flowersLikely().stream()
                .filter(seen -> seen.getYear() < day.getYear())
                .filter(seen -> Math.abs(ChronoUnit.DAYS.between(seen.plusYears(day.getYear() - seen.getYear()), day))
                        <= within)
                .map(LocalDate::getYear)
                .distinct()
                .toList();
    }

    /** How the pairing stands today. */
    public Standing standing(Pair pair) {
        return Standing.of(find(pair), clock.today());
    }

    /** The best standing pairing of each species, lit ones first; of those that wait the one whose window opens first. */
    public EachAlone<Named> leading() {
        EachAlone<Ranked> ranked = EachAlone.of(pairings(Bark.ANY), this::ranked, Named::lamp);
        Map<String, Ranked> best = new LinkedHashMap<>();
        for (Ranked one : ranked.done()) {
            best.merge(one.named.woodSpecies(), one, BinaryOperator.minBy(Ranked.BEST_FIRST));
        }
        List<Named> leading = best.values().stream()
                .sorted(Ranked.BEST_FIRST)
                .map(Ranked::named)
                .toList();
        return new EachAlone<>(leading, ranked.failed());
    }

    /** A pairing with what it is chosen by: how it stands, on which day its window opens, how good today is. */
    private record Ranked(Named named, int stands, LocalDate opens, double today) {

        static final Comparator<Ranked> BEST_FIRST = Comparator.comparingInt(Ranked::stands)
                .thenComparing(Ranked::opens)
                .thenComparing(Comparator.comparingDouble(Ranked::today).reversed());
    }

    private Ranked ranked(Named named) {
        WindowFinder.Found pairing = find(named.pair());
        Standing standing = standing(named.pair());
        // Whichever wick it waits for, it waits.
        int stands = Math.min(standing.ordinal(), Standing.WAITING_FOR_STOCK.ordinal());
        LocalDate opens =
                Standing.window(pairing, clock.today()).map(GraftWindow::first).orElse(LocalDate.MAX);
        return new Ranked(named, stands, opens, pairing.days().get(0).score());
    }
}
