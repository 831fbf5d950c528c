package baylantern.app.wood;

import baylantern.app.lineage.LineageService;
import baylantern.app.lineage.SourceService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.place.Variety;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.core.lineage.Node;
import baylantern.core.rules.Quantity;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** What stops a lot from being written down. */
@Component
class LotChecks {

    private static final double LEAST_MM = 0.5;
    private static final double MOST_MM = 60;

    private final StoreService stores;
    private final LineageService lineage;
    private final SourceService sources;
    private final PlantService plants;
    private final PlaceService places;
    private final FarmClock clock;

    LotChecks(
            StoreService stores,
            LineageService lineage,
            SourceService sources,
            PlantService plants,
            PlaceService places,
            FarmClock clock) {
        this.stores = stores;
        this.lineage = lineage;
        this.sources = sources;
        this.plants = plants;
        this.places = places;
        this.clock = clock;
    }

    /** The variety of an entry that can be; throws with the field at fault. */
    Variety check(LotEntry entry) {
        if ((entry.plantId() == null) == (entry.sourceId() == null)) {
            throw FarmProblem.wrong(
                    "plantId",
                    entry.plantId(),
                    "a plant or a source",
                    "Say which plant it was cut from, or who it came from.");
        }
        LocalDate today = clock.today();
        if (entry.cutOn().isAfter(today)) {
            throw FarmProblem.wrong("cutOn", entry.cutOn(), "up to " + today, "It was cut after today.");
        }
        if (entry.receivedOn() != null
                && (entry.receivedOn().isBefore(entry.cutOn())
                        || entry.receivedOn().isAfter(today))) {
            throw FarmProblem.wrong(
                    "receivedOn",
                    entry.receivedOn(),
                    entry.cutOn() + " to " + today,
                    "It came before it was cut, or after today.");
        }
        for (Double mm : Objects.requireNonNullElse(entry.diametersMm(), List.<Double>of())) {
            if (!(mm >= LEAST_MM && mm <= MOST_MM)) {
                throw FarmProblem.wrong(
                        "diametersMm",
                        Quantity.mm(mm),
                        Quantity.mm(LEAST_MM, MOST_MM),
                        "No stick is " + Quantity.mm(mm) + " thick.");
            }
        }
        stores.store(entry.storeId());
        return entry.plantId() == null ? fromOutside(entry) : fromPlant(entry, plants.plant(entry.plantId()));
    }

    private Variety fromPlant(LotEntry entry, Plant plant) {
        if (plant.startedOn() != null && entry.cutOn().isBefore(plant.startedOn())) {
            throw FarmProblem.wrong(
                    "cutOn",
                    entry.cutOn(),
                    "from " + plant.startedOn(),
                    plant.code() + " was only sown or planted on " + plant.startedOn()
                            + "; nothing was cut from it before.");
        }
        Long variety = entry.varietyId() != null ? entry.varietyId() : plant.varietyId();
        if (variety == null) {
            throw FarmProblem.wrong(
                    "varietyId", null, "a variety", plant.code() + " has no variety; say which wood it is.");
        }
        return places.variety(variety);
    }

    private Variety fromOutside(LotEntry entry) {
        if (entry.varietyId() == null) {
            throw FarmProblem.wrong("varietyId", null, "a variety", "Say which variety it is.");
        }
        if (sources.sources().stream().noneMatch(s -> s.key().equals("SOURCE-" + entry.sourceId()))) {
            throw FarmProblem.unknown("source", Objects.requireNonNull(entry.sourceId()));
        }
        return places.variety(entry.varietyId());
    }

    /** Refuses wood of a held or suspect plant or source. */
    void refuse(LotEntry entry) {
        Node from = entry.plantId() != null
                ? Node.plant(entry.plantId())
                : Node.source(Objects.requireNonNull(entry.sourceId()));
        String why = lineage.refusal(
                from, entry.plantId() != null ? plants.plant(entry.plantId()).code() : "This source");
        if (why != null) {
            throw FarmProblem.wrong(
                    entry.plantId() != null ? "plantId" : "sourceId",
                    from.key(),
                    "a clean source",
                    "No wood may be taken: " + why);
        }
    }
}
