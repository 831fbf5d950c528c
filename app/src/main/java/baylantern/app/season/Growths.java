package baylantern.app.season;

import baylantern.app.place.PlaceService;
import baylantern.app.place.PlantKind;
import baylantern.app.place.Variety;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.window.Growth;
import baylantern.core.season.window.Pinched;
import baylantern.core.season.window.Shelved;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** The two sides of a pairing: stocks of a place, and whatever gives wood of a variety. */
@Component
class Growths {

    private static final int MOST_IN_GROUP = 10;

    private final FlushService flush;
    private final PlaceService places;
    private final Rulebook rules;
    private final FarmClock clock;
    private final ObjectProvider<WoodAtHand> atHand;

    Growths(
            FlushService flush,
            PlaceService places,
            Rulebook rules,
            FarmClock clock,
            ObjectProvider<WoodAtHand> atHand) {
        this.flush = flush;
        this.places = places;
        this.rules = rules;
        this.clock = clock;
        this.atHand = atHand;
    }

    /** The varieties whose trees are watched, or of which lots lie on the shelf. */
    List<Variety> wooded() {
        Set<Long> ids = new LinkedHashSet<>();
        flush.watched().stream()
                .map(watched -> watched.plant().varietyId())
                .filter(Objects::nonNull)
                .forEach(ids::add);
        atHand.stream().flatMap(kept -> kept.onTheShelf().stream().sorted()).forEach(ids::add);
        return ids.stream().map(places::variety).toList();
    }

    /** Stocks of a species at a place, as far as they are watched. */
    Growth stocks(long spotId, String species) {
        List<Watched> own = flush.watched().stream()
                .filter(w -> w.plant().spotId() == spotId)
                .filter(w -> w.plant().speciesKey().equals(species))
                .filter(w -> w.plant().kind() != PlantKind.MOTHER_TREE)
                .toList();
        return new Growth(spotName(spotId) + " stocks", some(own), floweringUntil(own), flowered(own));
    }

    private String spotName(long id) {
        return places.spots().stream()
                .filter(s -> s.id() == id)
                .findFirst()
                .orElseThrow(() -> FarmProblem.unknown("place", id))
                .name();
    }

    /** What gives wood of a variety. Trees none may be taken from count as not there; that they are is said. */
    Growth wood(Variety variety) {
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
}
