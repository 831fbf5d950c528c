package baylantern.app.place;

import baylantern.app.platform.ActService;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Site, places, people, varieties and plants. */
@RestController
@RequestMapping("/api")
class PlaceController {

    private static final int MOST = 1000;

    private final PlaceService places;
    private final PlantService plants;
    private final ActService acts;
    private final AwayService away;

    PlaceController(PlaceService places, PlantService plants, ActService acts, AwayService away) {
        this.away = away;
        this.places = places;
        this.plants = plants;
        this.acts = acts;
    }

    @Needs(Role.OWNER)
    @PutMapping("/site")
    Site saveSite(@Valid @RequestBody Site site) {
        return places.saveSite(site);
    }

    @Needs(Role.GUEST)
    @GetMapping("/spots")
    List<Spot> spots() {
        return places.spots();
    }

    @Needs(Role.OWNER)
    @PostMapping("/spots")
    Spot addSpot(@Valid @RequestBody Named entry) {
        return places.writeSpot(entry.name());
    }

    /** A place's new name. */
    record SpotEntry(@Valid Named to, int version) {}

    @Needs(Role.OWNER)
    @PutMapping("/spots/{id}")
    Spot renameSpot(@PathVariable long id, @Valid @RequestBody SpotEntry entry) {
        return places.renameSpot(id, entry.to().name(), entry.version());
    }

    /** Whether a place is an insect-proof house. */
    record HouseEntry(boolean insectProof) {}

    /** No pot holds more. */
    static final int MOST_LITRES = 1000;

    /** How much the pots of a place hold, in litres; null where nobody knows. */
    record PotsEntry(
            @Nullable
            @DecimalMin(value = "0.1", message = "is at least 0.1 litres")
            @Max(value = MOST_LITRES, message = "is at most 1000 litres")
            Double litres) {}

    @Needs(Role.HAND)
    @PutMapping("/spots/{id}/pots")
    Spot pots(@PathVariable long id, @Valid @RequestBody PotsEntry entry) {
        return places.pots(id, entry.litres());
    }

    @Needs(Role.OWNER)
    @PutMapping("/spots/{id}/house")
    Spot house(@PathVariable long id, @RequestBody HouseEntry entry) {
        return places.house(id, entry.insectProof());
    }

    /** The walk, as ids of places in order. */
    record Walk(List<Long> ids) {}

    @Needs(Role.OWNER)
    @PutMapping("/walk")
    List<Spot> walk(@RequestBody Walk walk) {
        return places.orderSpots(walk.ids());
    }

    @Needs(Role.GUEST)
    @GetMapping("/people")
    List<Person> people() {
        return places.people();
    }

    @Needs(Role.OWNER)
    @PostMapping("/people")
    Person addPerson(@Valid @RequestBody Named entry) {
        return places.writePerson(entry.name());
    }

    /** A person's new name. */
    record PersonEntry(@Valid Named to, int version) {}

    @Needs(Role.OWNER)
    @PutMapping("/people/{id}")
    Person renamePerson(@PathVariable long id, @Valid @RequestBody PersonEntry entry) {
        return places.renamePerson(id, entry.to().name(), entry.version());
    }

    @Needs(Role.GUEST)
    @GetMapping("/away")
    List<Away> away() {
        return away.all();
    }

    @Needs(Role.OWNER)
    @PostMapping("/away")
    List<Away> putAway(@Valid @RequestBody Away one) {
        return away.put(one);
    }

    @Needs(Role.OWNER)
    @DeleteMapping("/away/{kind}/{id}")
    List<Away> bringBack(@PathVariable Away.Kind kind, @PathVariable long id) {
        return away.bringBack(new Away(kind, id));
    }

    @Needs(Role.GUEST)
    @GetMapping("/varieties")
    List<Variety> varieties() {
        return places.varieties();
    }

    @Needs(Role.OWNER)
    @PostMapping("/varieties")
    Variety addVariety(@Valid @RequestBody VarietyEntry entry) {
        return places.writeVariety(entry);
    }

    @Needs(Role.OWNER)
    @PutMapping("/varieties/{id}")
    Variety changeVariety(@PathVariable long id, @Valid @RequestBody VarietyEntry entry) {
        return places.changeVariety(id, entry);
    }

    /** Plants with their stems; total tells how many there are in all. */
    record PlantList(int total, List<Plant> plants, List<Stem> stems) {}

    @Needs(Role.GUEST)
    @GetMapping("/plants")
    PlantList plants(
            @RequestParam(required = false) @Nullable Long spotId,
            @RequestParam(required = false) @Nullable String search) {
        List<Plant> found = plants.plants(spotId, search, MOST);
        return new PlantList(
                plants.count(),
                found,
                plants.stems(found.stream().map(Plant::id).toList()));
    }

    @Needs(Role.HAND)
    @PostMapping("/plants")
    Plant addPlant(@Valid @RequestBody PlantEntry entry) {
        return plants.add(entry, acts.open(plants.kind(), entry.code() + " added"));
    }

    @Needs(Role.HAND)
    @PutMapping("/plants/{id}")
    Plant changePlant(@PathVariable long id, @Valid @RequestBody PlantEntry entry) {
        return plants.change(id, entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/plants/{id}/gone")
    Map<String, Long> plantGone(@PathVariable long id, @Valid @RequestBody PlantLeft gone) {
        return Map.of("actId", plants.gone(id, gone));
    }

    /** Plants that were written at a wrong place. */
    record PlacedEntry(
            @NotEmpty(message = "needs a plant") @Size(max = 2000, message = "are at most 2000 at once")
            List<Long> ids,

            @NotNull(message = "needs a place") Long spotId) {}

    @Needs(Role.HAND)
    @PutMapping("/plants/spot")
    Map<String, Long> putAt(@Valid @RequestBody PlacedEntry entry) {
        return Map.of("actId", plants.placed(entry.ids(), entry.spotId()));
    }

    /** What something turned out to be the same as. */
    record SameEntry(long as) {}

    @Needs(Role.OWNER)
    @PostMapping("/people/{id}/same")
    Person samePerson(@PathVariable long id, @RequestBody SameEntry entry) {
        return places.samePerson(id, entry.as());
    }

    @Needs(Role.OWNER)
    @PostMapping("/spots/{id}/same")
    Spot sameSpot(@PathVariable long id, @RequestBody SameEntry entry) {
        return places.sameSpot(id, entry.as());
    }

    @Needs(Role.OWNER)
    @PostMapping("/varieties/{id}/same")
    Variety sameVariety(@PathVariable long id, @RequestBody SameEntry entry) {
        return places.sameVariety(id, entry.as());
    }

    @Needs(Role.OWNER)
    @PostMapping("/plants/{id}/same")
    Plant samePlant(@PathVariable long id, @RequestBody SameEntry entry) {
        return plants.samePlant(id, entry.as());
    }

    @Needs(Role.OWNER)
    @PostMapping("/plants/paste")
    Map<String, Long> paste(@Valid @RequestBody PlantPaste paste) {
        return Map.of("actId", plants.paste(paste));
    }
}
