package baylantern.app.place;

import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.MergeService;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.place.Codes;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Plain;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The site, the places in it, the people and the varieties. */
@Service
public class PlaceService implements FarmClock.Zone {

    private static final Logger LOG = LoggerFactory.getLogger(PlaceService.class);

    private final PlaceMapper places;
    private final Rulebook rules;
    private final TrailService trail;
    private final MergeService merges;
    private final ObjectProvider<VarietyUse> uses;
    private final Derived<Optional<Site>> site;
    private final Derived<Map<Long, Variety>> varieties;

    PlaceService(
            PlaceMapper places,
            Rulebook rules,
            Changes changes,
            TrailService trail,
            MergeService merges,
            ObjectProvider<VarietyUse> uses) {
        this.uses = uses;
        this.merges = merges;
        this.places = places;
        this.rules = rules;
        this.trail = trail;
        this.site = changes.derive(() -> Optional.ofNullable(places.site()), Fact.SITE);
        this.varieties = changes.derive(this::readVarieties, Fact.VARIETIES);
    }

    private Map<Long, Variety> readVarieties() {
        Map<Long, Variety> byId = new LinkedHashMap<>();
        places.varieties().forEach(variety -> byId.put(variety.id(), variety));
        return Collections.unmodifiableMap(byId);
    }

    @Override
    public @Nullable ZoneId siteZone() {
        return site().map(known -> ZoneId.of(known.zone())).orElse(null);
    }

    /** The site, empty before the first run. */
    public Optional<Site> site() {
        return site.get();
    }

    /** Latitude in degrees; 0 before the site is known. */
    public double latitudeDeg() {
        return site().map(Site::latitudeDeg).orElse(0.0);
    }

    /** Sets the site; the version must be the stored one. */
    @Transactional
    public Site saveSite(Site site) {
        zone(site.zone());
        trail.follow("The farm " + site.name() + " placed");
        int saved = places.site() == null ? places.insertSite(site) : places.updateSite(site);
        Rows.superseded(saved, "The site");
        return site().orElseThrow();
    }

    /** The site of a farm that has none, as a part of an act that is followed. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Site begin(Site site) {
        zone(site.zone());
        Rows.one(places.insertSite(site));
        return site().orElseThrow();
    }

    private static void zone(String name) {
        try {
            ZoneId.of(name);
        } catch (DateTimeException e) {
            throw FarmProblem.wrong(
                    "zone", name, "a zone name such as Etc/UTC", "\"" + name + "\" is not a time zone.");
        }
    }

    /** Places in walking order. */
    public List<Spot> spots() {
        return places.spots();
    }

    /** Adds a place at the end of the walk. */
    @Transactional
    public Spot addSpot(String name, @Nullable Long actId) {
        return spot(places.insertSpot(name.strip(), actId));
    }

    /** The place of this name, added where there is none. */
    @Transactional
    public Spot spotNamed(String name, @Nullable Long actId) {
        return spots().stream()
                .filter(spot -> spot.name().equalsIgnoreCase(name.strip()))
                .findFirst()
                .orElseGet(() -> addSpot(name, actId));
    }

    /** A place that has no number yet, under an act of its own. */
    @Transactional
    Spot writeSpot(String name) {
        trail.follow("Place " + name.strip() + " added");
        return addSpot(name, null);
    }

    /** The place with this id; throws where there is none. */
    public Spot spot(long id) {
        return find(id).orElseThrow(() -> FarmProblem.unknown("place", id));
    }

    /** The place a form chose; throws what is said at its box where there is none. */
    public Spot chosenSpot(long id) {
        return find(id).orElseThrow(
                        () -> FarmProblem.wrong("spotId", id, "a place of this farm", "There is no such place."));
    }

    private Optional<Spot> find(long id) {
        return spots().stream().filter(spot -> spot.id() == id).findFirst();
    }

    @Transactional
    Spot renameSpot(long id, String name, int version) {
        trail.follow("Place " + spot(id).name() + " renamed to " + name.strip());
        Rows.superseded(places.updateSpot(id, name.strip(), version), "The place");
        return spot(id);
    }

    /** Says how much the pots of a place hold; null where nobody knows. */
    @Transactional
    Spot pots(long id, @Nullable Double litres) {
        trail.follow(
                litres == null
                        ? spot(id).name() + ": the size of its pots is not known"
                        : spot(id).name() + ": its pots hold " + Plain.number(litres)
                                + (litres == 1 ? " litre" : " litres"));
        Rows.oneOr(places.potsOfSpot(id, litres), FarmProblem.unknown("place", id));
        return spot(id);
    }

    /** Says whether a place is an insect-proof house. */
    @Transactional
    public Spot house(long id, boolean insectProof) {
        trail.follow(spot(id).name() + (insectProof ? " is an" : " is no") + " insect-proof house");
        Rows.oneOr(places.houseSpot(id, insectProof), FarmProblem.unknown("place", id));
        return spot(id);
    }

    @Transactional
    List<Spot> orderSpots(List<Long> ids) {
        if (!new HashSet<>(ids)
                .equals(new HashSet<>(spots().stream().map(Spot::id).toList()))) {
            throw FarmProblem.wrong("ids", ids, "every place once", "The walk must name every place once.");
        }
        trail.follow("The walk put in another order");
        for (int i = 0; i < ids.size(); i++) {
            Rows.one(places.orderSpot(ids.get(i), i + 1));
        }
        return spots();
    }

    /** People, in the order they came. */
    public List<Person> people() {
        return places.people();
    }

    /** Adds a person. */
    @Transactional
    public Person addPerson(String name, @Nullable Long actId) {
        long id = places.insertPerson(name.strip(), actId);
        return new Person(id, name.strip(), 0);
    }

    /** A person under an act of its own. */
    @Transactional
    Person writePerson(String name) {
        trail.follow(name.strip() + " added");
        return addPerson(name, null);
    }

    /** The person with this id; throws where there is none. */
    public Person person(long id) {
        return people().stream()
                .filter(person -> person.id() == id)
                .findFirst()
                .orElseThrow(() -> FarmProblem.unknown("person", id));
    }

    /** Gives a person another name; what they did follows. */
    @Transactional
    Person renamePerson(long id, String name, int version) {
        trail.follow(person(id).name() + " renamed to " + name.strip());
        Rows.superseded(places.updatePerson(id, name.strip(), version), "The name");
        return person(id);
    }

    /** Makes two people one; what the one did, the other did. */
    @Transactional
    Person samePerson(long id, long as) {
        trail.follow(person(id).name() + " is the same as " + person(as).name());
        merges.into("place_person", null, id, as);
        return person(as);
    }

    /** Makes two places one; what stands at the one stands at the other. */
    @Transactional
    Spot sameSpot(long id, long as) {
        trail.follow(spot(id).name() + " is the same as " + spot(as).name());
        merges.into("place_spot", null, id, as);
        return spot(as);
    }

    /** Makes two varieties of a species one; grafts and lots keep the codes they were given. */
    @Transactional
    Variety sameVariety(long id, long as) {
        Variety one = variety(id);
        Variety other = variety(as);
        sameSpecies(one.speciesKey(), other.speciesKey(), other.name());
        trail.follow(one.name() + " is the same as " + other.name());
        merges.into("place_variety", null, id, as);
        return variety(as);
    }

    /** Refuses to make two one that are of two species. */
    static void sameSpecies(String one, String other, String otherName) {
        if (!one.equals(other)) {
            throw FarmProblem.wrong("as", otherName, "one of " + one, otherName + " is of another species.");
        }
    }

    /** The person of this name, added where there is none. */
    @Transactional
    public Person personNamed(String name, @Nullable Long actId) {
        return people().stream()
                .filter(person -> person.name().equalsIgnoreCase(name.strip()))
                .findFirst()
                .orElseGet(() -> addPerson(name, actId));
    }

    /** Varieties by species and name. */
    public List<Variety> varieties() {
        return List.copyOf(varieties.get().values());
    }

    /** The variety with this id; throws where there is none. */
    public Variety variety(long id) {
        Variety known = varieties.get().get(id);
        if (known == null) {
            throw FarmProblem.unknown("variety", id);
        }
        return known;
    }

    /** Adds a variety and gives it free letters. */
    @Transactional
    public Variety addVariety(VarietyEntry entry, @Nullable Long actId) {
        checkSpecies(entry.speciesKey());
        boolean there = varieties().stream()
                .anyMatch(v -> v.speciesKey().equals(entry.speciesKey())
                        && v.name().equalsIgnoreCase(entry.name().strip()));
        if (there) {
            throw FarmProblem.wrong(
                    "name", entry.name(), "a new name", "There is a variety " + entry.name() + " already.");
        }
        String letters = Codes.letters(entry.name(), places.letters());
        long id = places.insertVariety(variety(0, letters, entry, 0), actId);
        return variety(id);
    }

    /** A variety under an act of its own. */
    @Transactional
    Variety writeVariety(VarietyEntry entry) {
        trail.follow("Variety " + entry.name().strip() + " added");
        return addVariety(entry, null);
    }

    /** Changes a variety; its letters stay, since codes rest on them. Grafts, lots and trees are of its species. */
    @Transactional
    public Variety changeVariety(long id, VarietyEntry entry) {
        Variety old = variety(id);
        int version = Objects.requireNonNullElse(entry.version(), -1);
        trail.follow("Variety " + old.name() + " changed");
        checkSpecies(entry.speciesKey());
        Rows.superseded(places.updateVariety(variety(id, old.letters(), entry, version)), old.name());
        if (!old.speciesKey().equals(entry.speciesKey())) {
            Rows.any(places.putSpeciesRight(id, entry.speciesKey()));
            uses.forEach(use -> use.speciesPutRight(id, entry.speciesKey()));
        }
        return variety(id);
    }

    /** Removes what an act added, except what something else has come to need. */
    @Transactional
    public void removeOfAct(long actId) {
        places.varietiesOfAct(actId).forEach(id -> unlessNeeded(() -> Rows.one(places.deleteVariety(id))));
        places.peopleOfAct(actId).forEach(id -> unlessNeeded(() -> Rows.one(places.deletePerson(id))));
        places.spotsOfAct(actId).forEach(id -> unlessNeeded(() -> Rows.one(places.deleteSpot(id))));
    }

    private static void unlessNeeded(Runnable delete) {
        try {
            delete.run();
        } catch (DataIntegrityViolationException e) {
            LOG.debug("kept, since something needs it", e);
        }
    }

    /** Refuses a seedling stock as thick as a tree: most likely the unit or the sort is another. */
    void checkThickness(PlantEntry entry) {
        double most = rules.fit().value(FigureName.SEEDLING_MOST_MM);
        List<StemEntry> stems = Objects.requireNonNullElse(entry.stems(), List.of());
        for (StemEntry stem : entry.kind() == PlantKind.SEEDLING_STOCK ? stems : List.<StemEntry>of()) {
            Double mm = stem.diameterMm();
            if (mm != null && mm > most) {
                throw FarmProblem.wrong(
                        "lines",
                        mm,
                        "up to " + Quantity.mm(most) + ", or as a field tree",
                        entry.code() + " is " + Quantity.mm(mm) + " thick: too much for a seedling stock, where "
                                + Quantity.mm(most) + " is the most. Mend the size, or enter it as a field tree.");
            }
        }
    }

    void checkSpecies(String key) {
        if (rules.species(key).isEmpty()) {
            String valid =
                    String.join(", ", rules.species().stream().map(s -> s.key()).toList());
            throw FarmProblem.wrong("speciesKey", key, valid, "\"" + key + "\" is not a species in the rulebook.");
        }
    }

    private static Variety variety(long id, String letters, VarietyEntry entry, int version) {
        return new Variety(
                id,
                entry.speciesKey(),
                entry.name().strip(),
                letters,
                entry.flowering(),
                Objects.requireNonNullElse(entry.harvestMonths(), ""),
                entry.vigour(),
                Boolean.TRUE.equals(entry.protectedRight()),
                Objects.requireNonNullElse(entry.notes(), ""),
                version);
    }
}
