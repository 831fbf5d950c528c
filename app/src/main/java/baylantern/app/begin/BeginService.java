package baylantern.app.begin;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantKind;
import baylantern.app.place.PlantPaste;
import baylantern.app.place.PlantService;
import baylantern.app.place.Variety;
import baylantern.app.place.VarietyEntry;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.TrailService;
import baylantern.app.season.WatchService;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes a farm's beginning: all of it, or none with everything that is wrong said at once. */
@Service
class BeginService {

    private final PlaceService places;
    private final PlantService plants;
    private final WatchService watch;
    private final TrailService trail;

    BeginService(PlaceService places, PlantService plants, WatchService watch, TrailService trail) {
        this.places = places;
        this.plants = plants;
        this.watch = watch;
        this.trail = trail;
    }

    /** Begins the farm; refused where it has begun. */
    @Transactional
    BeginController.Begun begin(Beginning entry) {
        if (places.site().isPresent()) {
            throw FarmProblem.conflict("This farm has begun already, maybe on another screen. Load the page again.");
        }
        long act = trail.follow("The farm " + entry.site().name() + " begun");
        FarmProblem.Gathered wrong = new FarmProblem.Gathered();
        wrong.tried("site", () -> places.begin(entry.site()));
        entry.people().forEach(name -> places.personNamed(name, null));
        for (int i = 0; i < entry.grown().size(); i++) {
            grow(entry.grown().get(i), "grown[" + i + "]", act, wrong);
        }
        wrong.ifAny();
        return new BeginController.Begun(act, places.site().orElseThrow(), plants.count());
    }

    private void grow(Beginning.Grown grown, String part, long act, FarmProblem.Gathered wrong) {
        List<Variety> own = new ArrayList<>();
        grown.varieties().forEach(name -> {
            Variety variety =
                    wrong.tried(part, () -> places.addVariety(VarietyEntry.named(grown.speciesKey(), name), null));
            if (variety != null) {
                own.add(variety);
            }
        });
        Beginning.Standing stocks = grown.stocks();
        if (stocks != null) {
            wrong.tried(part + ".stocks", () -> stand(pastes(stocks, grown.speciesKey()), stocks, act));
        }
        Beginning.Standing mothers = grown.mothers();
        if (mothers != null) {
            wrong.tried(part + ".mothers", () -> stand(motherPastes(mothers, grown.speciesKey(), own), mothers, act));
        }
    }

    private List<Plant> stand(List<PlantPaste> pastes, Beginning.Standing standing, long act) {
        FarmProblem.Gathered wrong = new FarmProblem.Gathered();
        List<Plant> standingThere = new ArrayList<>();
        pastes.forEach(paste -> wrong.tried(() -> standingThere.addAll(plants.pasted(paste))));
        wrong.ifAny();
        String stage = Objects.requireNonNullElse(standing.stage(), "").strip();
        if (!stage.isEmpty()) {
            watch.firstNotes(standingThere, stage, act);
        }
        return standingThere;
    }

    private List<PlantPaste> pastes(Beginning.Standing stocks, String speciesKey) {
        return List.of(paste(stocks.lines(), PlantKind.SEEDLING_STOCK, speciesKey, stocks.spot(), null));
    }

    private PlantPaste paste(String lines, PlantKind kind, String speciesKey, String spot, @Nullable Long varietyId) {
        long spotId = places.spotNamed(spot, null).id();
        return new PlantPaste(lines, speciesKey, kind, null, spotId, null, varietyId);
    }

    /** A mother's line is its code and what it is; where only one variety grows here that goes without saying. */
    private List<PlantPaste> motherPastes(Beginning.Standing mothers, String speciesKey, List<Variety> own) {
        Map<Long, List<String>> codes = new LinkedHashMap<>();
        FarmProblem.Gathered wrong = new FarmProblem.Gathered();
        mothers.lines()
                .lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .forEach(line -> wrong.tried(() -> {
                    String[] parts = line.split("[\\s;,]+", 2);
                    Variety meant = meant(line, parts[0], parts.length > 1 ? parts[1].strip() : "", own);
                    return codes.computeIfAbsent(meant.id(), id -> new ArrayList<>())
                            .add(parts[0]);
                }));
        wrong.ifAny();
        return codes.entrySet().stream()
                .map(e -> paste(
                        String.join("\n", e.getValue()), PlantKind.MOTHER_TREE, speciesKey, mothers.spot(), e.getKey()))
                .toList();
    }

    private static Variety meant(String line, String code, String name, List<Variety> own) {
        List<Variety> meant = own.stream()
                .filter(v -> name.isEmpty()
                        || v.name().equalsIgnoreCase(name)
                        || v.letters().equalsIgnoreCase(name))
                .toList();
        if (meant.size() != 1) {
            throw unclear(line, code, name, own);
        }
        return meant.get(0);
    }

    private static FarmProblem unclear(String line, String code, String name, List<Variety> own) {
        String names = own.stream().map(Variety::name).collect(Collectors.joining(", "));
        String sentence = name.isEmpty()
                ? "Say which variety " + code + " is: " + (names.isEmpty() ? "name the varieties first" : names) + "."
                : "\"" + name + "\" of " + code + " is none of the varieties above"
                        + (names.isEmpty() ? "." : ": " + names + ".");
        return FarmProblem.wrong("lines", line, names, sentence);
    }
}
