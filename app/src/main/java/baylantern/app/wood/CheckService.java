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
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.wood.StickGrade;
import baylantern.core.wood.StickGrader;
import baylantern.core.wood.StickLook;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Checks of sticks, on their tree or in a lot. */
@Service
public class CheckService implements Undoer {

    private static final int SHOWN_DAYS = 60;

    private final WorkMapper mapper;
    private final LotMapper lots;
    private final PlantService plants;
    private final WarmthService warmth;
    private final Rulebook rules;
    private final ActService acts;
    private final FarmClock clock;
    private final LineageService lineage;

    CheckService(
            WorkMapper mapper,
            LotMapper lots,
            PlantService plants,
            WarmthService warmth,
            Rulebook rules,
            ActService acts,
            FarmClock clock,
            LineageService lineage) {
        this.lineage = lineage;
        this.mapper = mapper;
        this.lots = lots;
        this.plants = plants;
        this.warmth = warmth;
        this.rules = rules;
        this.acts = acts;
        this.clock = clock;
    }

    /** A stick as looked at, in a lot or on a plant; one of the two is named. */
    public record CheckEntry(
            @Nullable Long lotId,
            @Nullable Long plantId,
            @NotNull(message = "are needed") Map<String, String> states,
            @NotNull(message = "are needed") Map<String, Double> measures,
            @Nullable Long personId) {}

    /** A check with its grade. */
    public record CheckView(
            long id,
            @Nullable Long lotId,
            @Nullable Long plantId,
            LocalDate onDay,
            Map<String, String> states,
            Map<String, Double> measures,
            @Nullable String personName,
            StickGrade grade) {}

    /** A check was kept; the act takes it back. The refusal says why none of this wood may be used, null where it may. */
    public record Checked(
            @Nullable Long actId,
            StickGrade grade,
            @Nullable String refusal) {}

    /** What a stick would be graded, without keeping it. */
    public Checked judge(CheckEntry entry) {
        return new Checked(null, grade(entry), refusal(entry));
    }

    StickGrade grade(CheckEntry entry) {
        String species = species(entry);
        boolean cut = entry.lotId() != null;
        try {
            return new StickGrader(rules.wood(), species)
                    .grade(
                            new StickLook(entry.states(), entry.measures(), cut),
                            clock.today(),
                            warmth.healing(species));
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong("states", entry.states(), "what the rules know", String.valueOf(e.getMessage()));
        }
    }

    private String species(CheckEntry entry) {
        if ((entry.lotId() == null) == (entry.plantId() == null)) {
            throw FarmProblem.wrong(
                    "lotId", entry.lotId(), "a lot or a plant", "Say which lot or plant the stick is of.");
        }
        return entry.lotId() != null
                ? lots.existing(entry.lotId()).speciesKey()
                : plants.plant(Objects.requireNonNull(entry.plantId())).speciesKey();
    }

    /** Keeps a check. */
    @Transactional
    public Checked keep(CheckEntry entry) {
        StickGrade grade = grade(entry);
        String what = entry.lotId() != null
                ? lots.existing(entry.lotId()).code()
                : plants.plant(Objects.requireNonNull(entry.plantId())).code();
        long act = acts.open(kind(), "A stick of " + what + ": " + grade.grade().words());
        write(entry, clock.today(), act);
        return new Checked(act, grade, refusal(entry));
    }

    private @Nullable String refusal(CheckEntry entry) {
        return entry.lotId() != null
                ? lineage.refusal(
                        Node.lot(entry.lotId()), lots.existing(entry.lotId()).code())
                : lineage.refusal(
                        Node.plant(Objects.requireNonNull(entry.plantId())),
                        plants.plant(entry.plantId()).code());
    }

    void write(CheckEntry entry, LocalDate day, @Nullable Long act) {
        Rows.one(mapper.insertCheck(
                entry.lotId(),
                entry.plantId(),
                day,
                written(entry.states()),
                written(entry.measures()),
                entry.lotId() != null,
                entry.personId(),
                clock.now(),
                act));
    }

    private static String written(Map<String, ?> pairs) {
        return new TreeMap<>(pairs)
                .entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()).collect(Collectors.joining(" "));
    }

    static Map<String, String> read(String written) {
        return Arrays.stream(written.split(" "))
                .filter(s -> s.contains("="))
                .map(s -> s.split("=", 2))
                .collect(Collectors.toMap(s -> s[0], s -> s[1]));
    }

    static Map<String, Double> measures(String written) {
        return read(written).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> Double.valueOf(e.getValue())));
    }

    /** Checks of lots, by lot, oldest first. */
    Map<Long, List<CheckView>> ofLots(Collection<LotRow> which) {
        if (which.isEmpty()) {
            return Map.of();
        }
        Map<Long, String> species = which.stream().collect(Collectors.toMap(LotRow::id, LotRow::speciesKey));
        return mapper.checksOfLots(species.keySet()).stream()
                .map(row -> view(row, Objects.requireNonNull(species.get(row.lotId()))))
                .collect(Collectors.groupingBy(v -> Objects.requireNonNull(v.lotId())));
    }

    /** A stick of a lot as it was graded. */
    public record Graded(LocalDate onDay, Grade grade) {}

    /** How sticks of all lots were graded, by lot, oldest first. */
    public Map<Long, List<Graded>> graded() {
        return mapper.checksOfAllLots().stream()
                .collect(Collectors.groupingBy(
                        WorkMapper.LotCheck::lotId, Collectors.mapping(this::graded, Collectors.toList())));
    }

    private Graded graded(WorkMapper.LotCheck check) {
        StickLook look = new StickLook(read(check.states()), measures(check.measures()), check.isCut());
        StickGrade grade = new StickGrader(rules.wood(), check.speciesKey())
                .grade(look, check.onDay(), warmth.healing(check.speciesKey()));
        return new Graded(check.onDay(), grade.grade());
    }

    /** Checks on trees of the last sixty days, newest first. */
    List<CheckView> onTrees() {
        List<WorkMapper.CheckRow> rows = mapper.checksOfPlants(clock.today().minusDays(SHOWN_DAYS));
        Map<Long, String> species =
                plants
                        .plants(rows.stream()
                                .map(r -> Objects.requireNonNull(r.plantId()))
                                .distinct()
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(Plant::id, Plant::speciesKey));
        return rows.stream()
                .filter(r -> species.containsKey(r.plantId()))
                .map(r -> view(r, Objects.requireNonNull(species.get(r.plantId()))))
                .toList();
    }

    private CheckView view(WorkMapper.CheckRow row, String species) {
        Map<String, String> states = read(row.states());
        Map<String, Double> measures = measures(row.measures());
        StickGrade grade = new StickGrader(rules.wood(), species)
                .grade(new StickLook(states, measures, row.isCut()), row.onDay(), warmth.healing(species));
        return new CheckView(
                row.id(), row.lotId(), row.plantId(), row.onDay(), states, measures, row.personName(), grade);
    }

    @Override
    public String kind() {
        return "checks";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.deleteChecksOfAct(actId));
    }
}
