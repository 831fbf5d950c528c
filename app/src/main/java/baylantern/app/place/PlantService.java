package baylantern.app.place;

import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.MergeService;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.platform.Undoer;
import baylantern.core.rules.Quantity;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The plants and their stems. */
@Service
public class PlantService implements Undoer {

    private static final int MOST_PASTED = 5000;

    private final PlaceMapper places;
    private final PlaceService placeService;
    private final ActService acts;
    private final FarmClock clock;
    private final TrailService trail;
    private final MergeService merges;
    private final ObjectProvider<PlantUse> uses;
    private final ObjectProvider<StemUse> stemUses;

    PlantService(
            PlaceMapper places,
            PlaceService placeService,
            ActService acts,
            FarmClock clock,
            TrailService trail,
            MergeService merges,
            ObjectProvider<PlantUse> uses,
            ObjectProvider<StemUse> stemUses) {
        this.stemUses = stemUses;
        this.merges = merges;
        this.uses = uses;
        this.places = places;
        this.placeService = placeService;
        this.acts = acts;
        this.clock = clock;
        this.trail = trail;
    }

    /** Plants in walking order, at most {@code limit}; the search is in code, variety and place. */
    public List<Plant> plants(@Nullable Long spotId, @Nullable String search, int limit) {
        String like =
                search == null || search.isBlank() ? null : "%" + search.strip().toLowerCase(Locale.ROOT) + "%";
        return places.plants(spotId, like, limit);
    }

    /** Mother and field trees of a variety, in walking order: the farm's own sources of wood. */
    public List<Plant> ofVarieties() {
        return places.plantsOfVarieties();
    }

    /** Puts a plant at another place; the caller keeps the trace. */
    @Transactional
    public void put(long id, long spotId) {
        Rows.oneOr(places.putPlant(id, spotId), FarmProblem.unknown("plant", id));
    }

    /** How many plants there are. */
    public int count() {
        return places.countPlants();
    }

    /** Plants by id, in walking order. */
    public List<Plant> plants(Collection<Long> ids) {
        return ids.isEmpty() ? List.of() : places.plantsByIds(ids);
    }

    /** The plant with this id; throws where there is none. */
    public Plant plant(long id) {
        return plants(List.of(id)).stream().findFirst().orElseThrow(() -> FarmProblem.unknown("plant", id));
    }

    /** The plants with these codes, by code; those there are. */
    public Map<String, Plant> plantsByCodes(Collection<String> codes) {
        return codes.isEmpty()
                ? Map.of()
                : places.plantsByCodes(codes).stream().collect(Collectors.toMap(Plant::code, Function.identity()));
    }

    /** The plant with this code, empty where there is none. */
    public Optional<Plant> plantByCode(String code) {
        return Optional.ofNullable(places.plantByCode(code));
    }

    /** Stems of plants. */
    public List<Stem> stems(Collection<Long> plantIds) {
        return plantIds.isEmpty() ? List.of() : places.stems(plantIds);
    }

    /** The stem with this id; throws where there is none. */
    public Stem stem(long id) {
        return Optional.ofNullable(places.stem(id)).orElseThrow(() -> FarmProblem.unknown("stem", id));
    }

    /** Adds a stem to a plant under a label of its own; its number comes back. */
    @Transactional
    public long addStem(long plantId, StemEntry entry) {
        return addStems(List.of(new StemOf(plantId, entry))).get(0);
    }

    /** Removes a stem nothing has been done on; the store refuses where a graft stands on it. */
    @Transactional
    public void removeStem(long id) {
        Rows.one(places.deleteStem(id));
    }

    /** Adds a plant with its stems; a plant told without stems has one. */
    @Transactional
    public Plant add(PlantEntry entry, @Nullable Long actId) {
        check(entry);
        if (plantByCode(entry.code().strip()).isPresent()) {
            throw FarmProblem.wrong(
                    "code", entry.code(), "a new code", "There is a plant " + entry.code() + " already.");
        }
        long id = addBare(List.of(entry), actId).get(0);
        List<StemEntry> stems = entry.stems() == null || entry.stems().isEmpty()
                ? List.of(new StemEntry("1", null, null))
                : entry.stems();
        List<StemOf> all = new ArrayList<>();
        for (StemEntry stem : stems) {
            String label = stem.label().isBlank() ? "" + (all.size() + 1) : stem.label();
            all.add(new StemOf(id, new StemEntry(label, stem.diameterMm(), stem.heightMm())));
        }
        Rows.all(addStems(all).size(), all.size());
        return plant(id);
    }

    /** Adds plants without stems, many at once; tells their ids in the same order. */
    @Transactional
    public List<Long> addBare(List<PlantEntry> entries, @Nullable Long actId) {
        if (entries.isEmpty()) {
            return List.of();
        }
        Map<Long, Integer> last = new HashMap<>();
        List<PlaceMapper.OnWalk> plants = new ArrayList<>();
        entries.stream().map(PlantEntry::spotId).distinct().forEach(placeService::chosenSpot);
        for (PlantEntry entry : entries) {
            checkItself(entry);
            last.computeIfAbsent(entry.spotId(), places::lastOnWalk);
            plants.add(new PlaceMapper.OnWalk(entry, last.merge(entry.spotId(), 1, Integer::sum)));
        }
        List<Long> ids = places.insertPlants(plants, actId);
        Rows.all(ids.size(), entries.size());
        return ids;
    }

    /** A stem of a plant. */
    public record StemOf(long plantId, StemEntry stem) {}

    /** Adds stems, many at once; tells their ids in the same order. */
    @Transactional
    public List<Long> addStems(List<StemOf> stems) {
        if (stems.isEmpty()) {
            return List.of();
        }
        List<Long> ids =
                places.insertStems(stems, stems.stream().map(StemOf::plantId).collect(Collectors.toSet()));
        Rows.all(ids.size(), stems.size());
        return ids;
    }

    /** Changes a plant; of its stems those named are changed or added, the others stay. */
    @Transactional
    public Plant change(long id, PlantEntry entry) {
        check(entry);
        Plant old = plant(id);
        plantByCode(entry.code().strip()).filter(other -> other.id() != id).ifPresent(other -> {
            throw FarmProblem.wrong(
                    "code",
                    entry.code(),
                    "a new code",
                    "There is a plant " + other.code() + " already. If they are one and the same, say so instead.");
        });
        String renamed = old.code().equals(entry.code().strip())
                ? ""
                : " to " + entry.code().strip();
        trail.follow(old.code() + (renamed.isEmpty() ? " changed" : " changed" + renamed));
        Rows.superseded(places.updatePlant(id, entry), "The plant " + entry.code());
        Map<String, Stem> stems =
                stems(List.of(id)).stream().collect(Collectors.toMap(Stem::label, Function.identity()));
        for (StemEntry stem : Objects.requireNonNullElse(entry.stems(), List.<StemEntry>of())) {
            Stem there = stems.get(stem.label());
            if (there == null) {
                Rows.made(addStem(id, stem));
            } else {
                Rows.one(places.updateStem(there.id(), stem));
                if (!Objects.equals(there.diameterMm(), stem.diameterMm())) {
                    stemUses.forEach(use -> use.thicknessPutRight(there.id()));
                }
            }
        }
        return plant(id);
    }

    /** Puts many plants at another place at once, where they were written at a wrong one. */
    @Transactional
    long placed(List<Long> ids, long spotId) {
        List<Plant> named = plants(ids);
        if (named.size() < ids.stream().distinct().count()) {
            throw FarmProblem.unknown("plant among", ids);
        }
        String spot = placeService.spot(spotId).name();
        String which = named.size() == 1 ? named.get(0).code() : named.size() + " plants";
        long act = trail.follow(which + " put at " + spot);
        named.forEach(plant -> put(plant.id(), spotId));
        return act;
    }

    /** Makes two plants of a species one: stems, notes, lots and lineage of the one are the other's. */
    @Transactional
    Plant samePlant(long id, long as) {
        Plant one = plant(id);
        Plant other = plant(as);
        PlaceService.sameSpecies(one.speciesKey(), other.speciesKey(), other.code());
        trail.follow(one.code() + " is the same as " + other.code());
        Set<String> labels = new HashSet<>();
        stems(List.of(as)).forEach(stem -> labels.add(stem.label()));
        for (Stem stem : stems(List.of(id))) {
            int number = 1;
            while (!labels.add("" + number)) {
                number++;
            }
            Rows.one(places.labelStem(stem.id(), "" + number));
        }
        merges.into("place_plant", "PLANT", id, as);
        return plant(as);
    }

    /** Takes a plant that died, was sold or given away off the lists; its grafts, notes and history stay. */
    @Transactional
    long gone(long id, PlantLeft told) {
        Plant plant = plant(id);
        List<String> living =
                uses.stream().flatMap(use -> use.living(id).stream()).toList();
        if (!Boolean.TRUE.equals(told.withGrafts()) && !living.isEmpty()) {
            throw FarmProblem.wrong(
                    "withGrafts",
                    plant.code(),
                    "said that its grafts go with it",
                    plant.code() + " carries " + String.join(", ", living)
                            + (living.size() == 1 ? ", which lives. Its visits end" : ", which live. Their visits end")
                            + " if the plant is taken off.");
        }
        PlantLeft end = ended(plant, told);
        Plant.Gone gone =
                new Plant.Gone(Objects.requireNonNull(end.day()), end.how(), Objects.requireNonNullElse(end.to(), ""));
        long act = acts.open(kind(), plant.code() + " " + gone.words() + "; its history stays");
        Rows.oneOr(places.removePlant(id, end, act), FarmProblem.conflict(plant.code() + " left the farm already."));
        return act;
    }

    private PlantLeft ended(Plant plant, PlantLeft told) {
        LocalDate day = Objects.requireNonNullElse(told.day(), clock.today());
        if (day.isAfter(clock.today())) {
            throw FarmProblem.wrong("day", day, "up to " + clock.today(), "It left after today.");
        }
        if (plant.startedOn() != null && day.isBefore(plant.startedOn())) {
            throw FarmProblem.wrong(
                    "day",
                    day,
                    "from " + plant.startedOn(),
                    plant.code() + " was sown or planted on " + plant.startedOn() + ".");
        }
        String to = told.to() == null ? "" : told.to().strip();
        if (!to.isEmpty() && !told.how().toSomebody()) {
            throw FarmProblem.wrong("to", to, "nobody", "Only what is sold or given away goes to somebody.");
        }
        return new PlantLeft(told.how(), day, to, told.withGrafts());
    }

    /** A stock has become a tree of a variety, within the caller's followed act; another that made it one first is told. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void bears(Plant stock, PlantKind kind, long varietyId, LocalDate day) {
        Rows.oneOr(
                places.plantBears(stock.id(), kind, varietyId, day),
                FarmProblem.conflict(stock.code() + " is a tree already, or left the farm."));
    }

    private void check(PlantEntry entry) {
        placeService.chosenSpot(entry.spotId());
        checkItself(entry);
    }

    private void checkItself(PlantEntry entry) {
        placeService.checkSpecies(entry.speciesKey());
        placeService.checkThickness(entry);
        if (entry.varietyId() != null
                && !placeService.variety(entry.varietyId()).speciesKey().equals(entry.speciesKey())) {
            throw FarmProblem.wrong(
                    "varietyId",
                    entry.varietyId(),
                    "a variety of " + entry.speciesKey(),
                    placeService.variety(entry.varietyId()).name() + " is of another species.");
        }
        if (entry.startedOn() != null && entry.startedOn().isAfter(clock.today())) {
            throw FarmProblem.wrong(
                    "startedOn", entry.startedOn(), "up to " + clock.today(), "It was sown or planted after today.");
        }
    }

    /** Adds many plants of one sort, all or none. */
    @Transactional
    long paste(PlantPaste paste) {
        List<PlantEntry> entries = entries(paste);
        long act = acts.open(kind(), entries.size() + (entries.size() == 1 ? " plant" : " plants") + " added");
        entries.forEach(entry -> add(entry, act));
        return act;
    }

    /** The same as a part of an act that is followed. */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<Plant> pasted(PlantPaste paste) {
        return entries(paste).stream().map(entry -> add(entry, null)).toList();
    }

    // Everything wrong in the lines is said at once; none is written while one is wrong.
    private List<PlantEntry> entries(PlantPaste paste) {
        FarmProblem.Gathered wrong = new FarmProblem.Gathered();
        Set<String> codes = new HashSet<>();
        List<PlantEntry> entries = paste.lines()
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .map(line -> wrong.tried(() -> checked(entry(line, paste), codes)))
                .filter(Objects::nonNull)
                .toList();
        wrong.ifAny();
        if (entries.isEmpty() || entries.size() > MOST_PASTED) {
            throw FarmProblem.wrong(
                    "lines", entries.size(), "1 to 5000 plants", "That is " + entries.size() + " plants.");
        }
        return entries;
    }

    private PlantEntry checked(PlantEntry entry, Set<String> codes) {
        placeService.checkThickness(entry);
        String code = entry.code();
        if (!codes.add(code)) {
            throw FarmProblem.wrong("lines", code, "each code once", code + " stands there twice.");
        }
        if (plantByCode(code).isPresent()) {
            throw FarmProblem.wrong("lines", code, "a new code", "There is a plant " + code + " already.");
        }
        return entry;
    }

    private static PlantEntry entry(String line, PlantPaste paste) {
        String[] parts = line.split("[\\s;]+");
        Double height = parts.length > 2 ? mm(parts[2], line, 0, 20_000) : null;
        List<StemEntry> stems = new ArrayList<>();
        for (String diameter : parts.length > 1 ? parts[1].split("\\+") : new String[0]) {
            stems.add(new StemEntry("" + (stems.size() + 1), mm(diameter, line, 0.5, 500), height));
        }
        return new PlantEntry(
                parts[0],
                paste.speciesKey(),
                paste.kind(),
                paste.stockKind(),
                paste.spotId(),
                paste.startedOn(),
                paste.varietyId(),
                null,
                stems,
                null);
    }

    private static Double mm(String written, String line, double least, double most) {
        String valid = Quantity.mm(least, most);
        try {
            double mm = Double.parseDouble(written.replace(",", ".").replace("mm", ""));
            if (mm >= least && mm <= most) {
                return mm;
            }
        } catch (NumberFormatException e) {
            throw FarmProblem.wrong("lines", line, valid, "\"" + written + "\" is not a diameter.");
        }
        throw FarmProblem.wrong("lines", line, valid, "\"" + line + "\" holds a size outside " + valid + ".");
    }

    @Override
    public String kind() {
        return "plants";
    }

    @Override
    public void undo(long actId) {
        removeOfAct(actId);
    }

    /** Removes the plants an act added; refused by the store where something still needs one. */
    public void removeOfAct(long actId) {
        Rows.any(places.deletePlantsOfAct(actId));
        List<Long> back = places.plantsTakenOffBy(actId);
        if (!back.isEmpty()) {
            Rows.all(places.bringBackPlants(back), back.size());
        }
    }

    /** The walking order numbers and names a new plant gets are the store's; this only tells a free code. */
    public String freeCode(String wanted) {
        String code = Objects.requireNonNull(wanted);
        for (int n = 2; plantByCode(code).isPresent(); n++) {
            code = wanted + "-" + n;
        }
        return code;
    }
}
