package baylantern.app.season;

import baylantern.app.place.PlaceService;
import baylantern.app.place.PlantKind;
import baylantern.app.place.Variety;
import baylantern.app.platform.Changes;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.season.window.GraftSky;
import baylantern.core.season.window.Growth;
import baylantern.core.season.window.Meeting;
import baylantern.core.season.window.Pinched;
import baylantern.core.season.window.Shelved;
import baylantern.core.season.window.Standing;
import baylantern.core.season.window.WindowFinder;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;

/** Windows of every pairing of watched stocks and watched wood. */
@Service
public class WindowService {

    private static final int DAYS = 150;
    private static final int MOST_IN_GROUP = 10;

    private final FlushService flush;
    private final WeatherService weather;
    private final WarmthService warmth;
    private final PlaceService places;
    private final Rulebook rules;
    private final FarmClock clock;
    private final ObjectProvider<WoodAtHand> atHand;
    private final DerivedEach<String, GraftSky> skies;
    private final DerivedEach<Pair, WindowFinder.Found> found;

    WindowService(
            FlushService flush,
            WeatherService weather,
            WarmthService warmth,
            PlaceService places,
            Rulebook rules,
            FarmClock clock,
            ObjectProvider<WoodAtHand> atHand,
            Changes changes) {
        this.flush = flush;
        this.weather = weather;
        this.warmth = warmth;
        this.places = places;
        this.rules = rules;
        this.clock = clock;
        this.atHand = atHand;
        this.skies = changes.deriveEach(this::sky, SeasonFacts.SKY);
        this.found = changes.deriveEachFrom(this::inputs, this::reckon, SeasonFacts.WINDOWS);
    }

    /** Stocks of one species at one place, wood of one variety, and whether the bark must slip. */
    public record Pair(long spotId, String stockSpecies, long varietyId, boolean slipping) {}

    /** A pairing with its names. */
    public record Named(Pair pair, String spotName, String varietyName, String woodSpecies) {}

    /** What the technique asks of the bark. */
    public enum Bark {
        ANY,
        MUST_SLIP
    }

    /** Every pairing within a species of stocks that are watched and wood that is watched or lies on the shelf. */
    public List<Named> pairings(Bark bark) {
        List<Variety> wood = wooded();
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

    private List<Variety> wooded() {
        Set<Long> ids = new LinkedHashSet<>();
        flush.watched().stream()
                .map(watched -> watched.plant().varietyId())
                .filter(Objects::nonNull)
                .forEach(ids::add);
        atHand.stream().flatMap(kept -> kept.onTheShelf().stream().sorted()).forEach(ids::add);
        return ids.stream().map(places::variety).toList();
    }

    /** What a pairing comes to; throws where place or variety are unknown. */
    public WindowFinder.Found find(Pair pair) {
        return found.get(pair);
    }

    /** Whether stocks and wood of a pairing will be ready together; throws where place or variety are unknown. */
    public Meeting meeting(Pair pair) {
        return finder(pair).meeting(stocks(pair), wood(places.variety(pair.varietyId())));
    }

    /** What a pairing is reckoned from: another species' notes leave it as it is. */
    private record Inputs(
            Variety variety,
            String spot,
            Optional<OfSpecies> stocks,
            Optional<OfSpecies> wood,
            List<Pinched> pinched,
            List<Shelved> shelved,
            List<String> refusals,
            GraftSky sky,
            HealingClock healing) {}

    private Inputs inputs(Pair pair) {
        Variety variety = places.variety(pair.varietyId());
        return new Inputs(
                variety,
                spotName(pair.spotId()),
                flush.species(pair.stockSpecies()),
                flush.species(variety.speciesKey()),
                pinched(variety),
                shelved(variety),
                ofVariety(variety).stream().flatMap(w -> refusal(w).stream()).toList(),
                skies.get(pair.stockSpecies()),
                warmth.healing(variety.speciesKey()));
    }

    private WindowFinder.Found reckon(Pair pair) {
        return finder(pair).find(stocks(pair), wood(places.variety(pair.varietyId())));
    }

    private WindowFinder finder(Pair pair) {
        String species = places.variety(pair.varietyId()).speciesKey();
        return new WindowFinder(
                rules.flush(),
                skies.get(pair.stockSpecies()),
                species,
                pair.slipping() ? Technique.Bark.YES : Technique.Bark.NO,
                pinchDays(species));
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

    private Growth stocks(Pair pair) {
        List<Watched> own = flush.watched().stream()
                .filter(w -> w.plant().spotId() == pair.spotId())
                .filter(w -> w.plant().speciesKey().equals(pair.stockSpecies()))
                .filter(w -> w.plant().kind() != PlantKind.MOTHER_TREE)
                .toList();
        return new Growth(spotName(pair.spotId()) + " stocks", some(own), floweringUntil(own), flowered(own));
    }

    private String spotName(long id) {
        return places.spots().stream()
                .filter(s -> s.id() == id)
                .findFirst()
                .orElseThrow(() -> FarmProblem.unknown("place", id))
                .name();
    }

    // Trees no wood may be taken from count as not there; that they are is said.
    private Growth wood(Variety variety) {
        List<Watched> all = ofVariety(variety);
        List<Watched> free = all.stream().filter(w -> refusal(w).isEmpty()).toList();
        return new Growth(
                variety.name(),
                some(free),
                floweringUntil(free),
                flowered(all),
                pinched(variety),
                shelved(variety),
                all.stream().flatMap(w -> refusal(w).stream()).findFirst().orElse(null));
    }

    private List<Watched> ofVariety(Variety variety) {
        return flush.watched().stream()
                .filter(w -> Objects.equals(w.plant().varietyId(), variety.id()))
                .toList();
    }

    private Optional<String> refusal(Watched wood) {
        return atHand.stream()
                .flatMap(kept -> Stream.ofNullable(
                        kept.refusal(wood.plant().id(), wood.plant().code())))
                .findFirst();
    }

    private List<Pinched> pinched(Variety variety) {
        return atHand.stream()
                .flatMap(kept -> kept.pinched(variety.id()).stream())
                .toList();
    }

    private List<Shelved> shelved(Variety variety) {
        return atHand.stream()
                .flatMap(kept -> kept.shelved(variety.id()).stream())
                .toList();
    }

    private static List<Outlook> some(List<Watched> own) {
        int every = Math.max(1, (own.size() + MOST_IN_GROUP - 1) / MOST_IN_GROUP);
        List<Outlook> outlooks = new ArrayList<>();
        for (int i = 0; i < own.size(); i += every) {
            own.get(i).outlook().ifPresent(outlooks::add);
        }
        return List.copyOf(outlooks);
    }

    private static List<LocalDate> flowered(List<Watched> own) {
        return own.stream()
                .flatMap(w -> w.notes().rows().stream())
                .filter(NoteRow::flowering)
                .map(NoteRow::onDay)
                .sorted()
                .toList();
    }

    // In flower counts until it fades, unless it was seen without since.
    private @Nullable LocalDate floweringUntil(List<Watched> own) {
        long days = (long) rules.flush().value(FigureName.FLOWER_DAYS);
        return own.stream()
                .map(w -> w.last().note())
                .filter(BudNote::flowering)
                .map(note -> note.day().plusDays(days))
                .filter(until -> !until.isBefore(clock.today()))
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    /** Years in which the variety was seen in flower within so many days of this day of the year. */
    public List<Integer> floweredAround(long varietyId, LocalDate day, int within) {
        return wood(places.variety(varietyId)).flowersLikely().stream()
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

    /** The best standing pairing of each species, lit ones first. */
    public List<Named> leading() {
        Map<String, Named> best = new LinkedHashMap<>();
        for (Named named : pairings(Bark.ANY)) {
            best.merge(named.woodSpecies(), named, (a, b) -> rank(b) > rank(a) ? b : a);
        }
        return best.values().stream()
                .sorted(Comparator.comparingDouble(this::rank).reversed())
                .toList();
    }

    private double rank(Named named) {
        WindowFinder.Found pairing = find(named.pair());
        Standing standing = standing(named.pair());
        double near = pairing.days().get(0).score();
        return (standing == Standing.LIT ? 2 : standing == Standing.CLOSING ? 1 : 0) + near;
    }
}
