package baylantern.app.lineage;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.place.Spot;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Plants that are moved and visitors who come, above all in and out of insect-proof houses. */
@Service
public class MoveService implements Undoer {

    private final LineageMapper mapper;
    private final PlantService plants;
    private final PlaceService places;
    private final ActService acts;
    private final FarmClock clock;

    MoveService(LineageMapper mapper, PlantService plants, PlaceService places, ActService acts, FarmClock clock) {
        this.mapper = mapper;
        this.plants = plants;
        this.places = places;
        this.acts = acts;
        this.clock = clock;
    }

    /** Movements, newest first. */
    public List<MoveRow> moves() {
        return mapper.moves();
    }

    /** A movement as entered: a plant to another place, or a visitor into one. */
    public record MoveEntry(
            @Nullable Long plantId,

            @Nullable @Size(max = 120, message = "is at most 120 characters")
            String visitor,

            LocalDate day,
            long toSpotId,

            @Nullable @Size(max = 400, message = "is at most 400 characters")
            String remark) {}

    /** Moves a plant, or writes down a visitor. */
    @Transactional
    public LineageDone move(MoveEntry entry) {
        if ((entry.plantId() == null)
                == (entry.visitor() == null || entry.visitor().isBlank())) {
            throw FarmProblem.wrong(
                    "plantId", entry.plantId(), "a plant or a visitor", "Say which plant moved, or who came.");
        }
        if (entry.day().isAfter(clock.today())) {
            throw FarmProblem.wrong("day", entry.day(), "up to " + clock.today(), "The day lies ahead of today.");
        }
        Spot to = places.spot(entry.toSpotId());
        Plant plant = entry.plantId() == null ? null : plants.plant(entry.plantId());
        String sentence = (plant == null ? entry.visitor() + " came into " : plant.code() + " moved to ") + to.name();
        long act = acts.open(kind(), sentence);
        write(entry, plant, act);
        return new LineageDone(act, sentence, to.id());
    }

    private void write(MoveEntry entry, @Nullable Plant plant, @Nullable Long act) {
        Rows.one(mapper.insertMove(
                entry.plantId(),
                entry.visitor(),
                entry.day(),
                plant == null ? null : plant.spotId(),
                entry.toSpotId(),
                Objects.requireNonNullElse(entry.remark(), ""),
                act));
        if (plant != null) {
            plants.put(plant.id(), entry.toSpotId());
        }
    }

    /** A plant was put at another place, within the caller's followed act; nothing where it stands there already. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void moved(Plant plant, Spot to, LocalDate day) {
        if (plant.spotId() != to.id()) {
            write(new MoveEntry(plant.id(), null, day, to.id(), null), plant, null);
        }
    }

    @Override
    public String kind() {
        return "moves";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        mapper.movesOfAct(actId).forEach(move -> {
            if (move.plantId() != null && move.fromSpotId() != null) {
                plants.put(move.plantId(), move.fromSpotId());
            }
        });
        Rows.any(mapper.deleteMovesOfAct(actId));
    }
}
