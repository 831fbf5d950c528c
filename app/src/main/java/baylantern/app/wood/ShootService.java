package baylantern.app.wood;

import baylantern.app.lineage.LineageService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.app.season.WarmthService;
import baylantern.core.lineage.Node;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.window.Pinched;
import baylantern.core.wood.Conditioning;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pinched shoots on their way to being sticks. */
@Service
public class ShootService implements Undoer {

    private final WorkMapper mapper;
    private final PlantService plants;
    private final LineageService lineage;
    private final WarmthService warmth;
    private final Rulebook rules;
    private final ActService acts;
    private final FarmClock clock;

    ShootService(
            WorkMapper mapper,
            PlantService plants,
            LineageService lineage,
            WarmthService warmth,
            Rulebook rules,
            ActService acts,
            FarmClock clock) {
        this.mapper = mapper;
        this.plants = plants;
        this.lineage = lineage;
        this.warmth = warmth;
        this.rules = rules;
        this.acts = acts;
        this.clock = clock;
    }

    /** Shoots pinched; planNo names the graft day they are for. */
    public record ShootEntry(
            @NotNull(message = "needs a plant") Long plantId,
            @NotNull(message = "needs its day") LocalDate pinchedOn,

            @DecimalMin(value = "1", message = "is a whole number from 1 to 500")
            @DecimalMax(value = "500", message = "is a whole number from 1 to 500")
            int shoots,

            @DecimalMin(value = "1", message = "is a whole number from 1 to 2000")
            @DecimalMax(value = "2000", message = "is a whole number from 1 to 2000")
            int sticksExpected,

            @Nullable Integer planNo,

            @Nullable @Size(max = 400, message = "is at most 400 characters")
            String remark) {}

    /** Pinched shoots with their countdown. */
    public record ShootView(
            long id,
            @JsonUnwrapped WorkMapper.ShootRow.Tree tree,
            @JsonUnwrapped Work work,
            Conditioning conditioning,
            String phaseWords,
            @Nullable String refusal) {

        /** What is pinched, and for what. */
        public record Work(
                int shoots, int sticksExpected, @Nullable Integer planNo, String remark) {}

        /** See {@link Tree}. */
        public String plantCode() {
            return tree.plantCode();
        }

        /** See {@link Tree}. */
        public @Nullable Long varietyId() {
            return tree.varietyId();
        }

        /** See {@link Work}. */
        public int sticksExpected() {
            return work.sticksExpected();
        }
    }

    /** Shoots on their way, the earliest pinched first. */
    public List<ShootView> shoots() {
        return mapper.shoots().stream().map(this::view).toList();
    }

    private ShootView view(WorkMapper.ShootRow row) {
        Conditioning conditioning =
                Conditioning.of(row.pinchedOn(), clock.today(), warmth.healing(row.speciesKey()), rules);
        return new ShootView(
                row.id(),
                row.tree(),
                new ShootView.Work(row.shoots(), row.sticksExpected(), row.planNo(), row.remark()),
                conditioning,
                conditioning.phase().words(),
                lineage.refusal(Node.plant(row.plantId()), row.plantCode()));
    }

    /** Shoots of a variety on trees that may give wood, with the days on which they serve. */
    List<Pinched> pinched(long varietyId) {
        return mapper.shoots().stream()
                .filter(row -> Objects.equals(row.varietyId(), varietyId))
                .filter(row -> lineage.refusal(Node.plant(row.plantId()), row.plantCode()) == null)
                .map(row -> {
                    Conditioning stands =
                            Conditioning.of(row.pinchedOn(), clock.today(), warmth.healing(row.speciesKey()), rules);
                    return new Pinched(row.pinchedOn(), stands.earliest(), stands.latest(), row.shoots());
                })
                .toList();
    }

    /** Writes down shoots as pinched. */
    @Transactional
    public WoodDone pinch(ShootEntry entry) {
        Plant plant = check(entry);
        String why = lineage.refusal(Node.plant(plant.id()), plant.code());
        if (why != null) {
            throw FarmProblem.wrong("plantId", plant.code(), "a clean plant", "No wood may be taken: " + why);
        }
        String sentence = entry.shoots() + (entry.shoots() == 1 ? " shoot" : " shoots") + " pinched on " + plant.code();
        long act = acts.open(kind(), sentence);
        long id = mapper.insertShoots(entry, act);
        return new WoodDone(act, sentence, id, null);
    }

    Plant check(ShootEntry entry) {
        Plant plant = plants.plant(entry.plantId());
        if (entry.pinchedOn().isAfter(clock.today())) {
            throw FarmProblem.wrong(
                    "pinchedOn", entry.pinchedOn(), "up to " + clock.today(), "The day lies ahead of today.");
        }
        if (plant.startedOn() != null && entry.pinchedOn().isBefore(plant.startedOn())) {
            throw FarmProblem.wrong(
                    "pinchedOn", entry.pinchedOn(), "from " + plant.startedOn(), plant.code() + " was not there yet.");
        }
        return plant;
    }

    /** Gives shoots up. */
    @Transactional
    public WoodDone giveUp(long id) {
        long act = acts.open(kind(), "Pinched shoots given up");
        cut(id, act);
        return new WoodDone(act, "Pinched shoots given up", id, null);
    }

    /** Ends shoots under an act, as they were cut. */
    void cut(long id, long actId) {
        Rows.oneOr(mapper.endShoots(id, actId), FarmProblem.conflict("Those shoots were cut or given up already."));
    }

    void uncut(long actId) {
        Rows.any(mapper.bringBackShootsOfAct(actId));
    }

    @Override
    public String kind() {
        return "shoots";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.deleteShootsOfAct(actId));
        Rows.any(mapper.bringBackShootsOfAct(actId));
    }
}
