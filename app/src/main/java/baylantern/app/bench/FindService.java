package baylantern.app.bench;

import baylantern.app.place.PlaceService;
import baylantern.app.place.PlantService;
import baylantern.app.place.Variety;
import baylantern.app.platform.FarmProblem;
import baylantern.app.wood.LotService;
import baylantern.core.place.Codes;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;

/** Finds grafts, lots, plants, varieties, places and people by a code however it is typed, a name, or what a note says. */
@Service
class FindService {

    private static final int MOST_LETTERS = 100;
    private static final int FEW = 6;
    private static final int SOME = 12;

    private final GraftService grafts;
    private final PlaceService places;
    private final PlantService plants;
    private final LotService lots;
    private final ObjectProvider<KeptCodes> labels;

    FindService(
            GraftService grafts,
            PlaceService places,
            PlantService plants,
            LotService lots,
            ObjectProvider<KeptCodes> labels) {
        this.labels = labels;
        this.grafts = grafts;
        this.places = places;
        this.plants = plants;
        this.lots = lots;
    }

    /**
     * One thing found.
     *
     * @param kind graft, label, lot, plant, variety, place or person
     * @param whole true where what was typed is its whole code or name, so that nothing else can be meant
     * @param day the graft day a label lies ready for, null for anything else
     */
    record Found(
            String kind,
            String code,
            String words,
            boolean whole,
            @Nullable LocalDate day) {

        Found(String kind, String code, String words, boolean whole) {
            this(kind, code, words, whole, null);
        }
    }

    List<Found> find(String q) {
        if (q.length() > MOST_LETTERS) {
            throw FarmProblem.wrong("q", q.length(), "up to 100 characters", "That is too long to look for.");
        }
        String text = q.strip();
        Map<String, Found> found = new LinkedHashMap<>();
        // Of a code that is said whole nothing longer is meant.
        String code = Codes.read(text).orElse(text);
        byCode(code).forEach(g -> add(found, graft(g, code, state(g))));
        label(code).ifPresent(label -> add(found, label));
        lots.found(code, FEW)
                .forEach(f -> add(
                        found, new Found("lot", f.code(), f.words(), f.code().equalsIgnoreCase(code))));
        if (text.isEmpty()) {
            return List.copyOf(found.values());
        }
        byCode(text).forEach(g -> add(found, graft(g, code, state(g))));
        plants.plants((Long) null, text, 8)
                .forEach(p -> add(found, named("plant", p.code(), p.speciesKey() + ", " + p.spotName(), text)));
        for (Variety variety : places.varieties()) {
            if (holds(variety.name(), text)) {
                add(found, named("variety", variety.name(), "codes begin with " + variety.letters(), text));
                ofVariety(variety).forEach(g -> add(found, graft(g, code, state(g))));
            }
        }
        places.spots().stream()
                .filter(spot -> holds(spot.name(), text))
                .forEach(spot -> add(found, named("place", spot.name(), "its plants", text)));
        places.people().stream()
                .filter(person -> holds(person.name(), text))
                .forEach(person -> add(found, named("person", person.name(), "of the farm", text)));
        grafts.noted(text, FEW).forEach(g -> add(found, graft(g, code, "noted: " + g.notes())));
        return new ArrayList<>(found.values());
    }

    // A label that lies ready for a graft to be, where that is not made yet.
    private Optional<Found> label(String code) {
        String said = code.toUpperCase(Locale.ROOT);
        return grafts.find(said).isPresent()
                ? Optional.empty()
                : labels.stream()
                        .map(part -> part.kept(said))
                        .filter(Objects::nonNull)
                        .findFirst()
                        .map(kept -> new Found("label", said, kept.words(), true, kept.day()));
    }

    private List<Graft> byCode(String start) {
        return grafts.list(filter(null, start), SOME);
    }

    private List<Graft> ofVariety(Variety variety) {
        return grafts.list(filter(variety.id(), null), 4);
    }

    private static GraftFilter filter(@Nullable Long varietyId, @Nullable String search) {
        return new GraftFilter(varietyId, null, null, null, null, null, null, null, null, search);
    }

    private static boolean holds(String name, String text) {
        return name.toLowerCase(Locale.ROOT).contains(text.toLowerCase(Locale.ROOT));
    }

    private static String state(Graft graft) {
        return graft.state().words();
    }

    private static Found named(String kind, String name, String words, String text) {
        return new Found(kind, name, words, name.equalsIgnoreCase(text));
    }

    private static Found graft(Graft graft, String code, String words) {
        String where = graft.varietyName() + " on " + graft.plantCode() + ", " + graft.spotName() + ", ";
        return new Found("graft", graft.code(), where + words, graft.code().equalsIgnoreCase(code));
    }

    private static void add(Map<String, Found> found, Found one) {
        found.putIfAbsent(one.kind() + one.code(), one);
    }
}
