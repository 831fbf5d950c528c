package baylantern.app.lineage;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.place.Spot;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Undoer;
import baylantern.core.lineage.Health;
import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Node;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sources of wood, their tests, what plants were raised from, and movements in and out of houses. */
@Service
public class SourceService implements Undoer {

    static final int VALID_DAYS = 365;

    private final LineageMapper mapper;
    private final LineageService lineage;
    private final PlantService plants;
    private final PlaceService places;
    private final ActService acts;
    private final FarmClock clock;
    private final LineagePulse pulse;

    SourceService(
            LineageMapper mapper,
            LineageService lineage,
            PlantService plants,
            PlaceService places,
            ActService acts,
            FarmClock clock,
            LineagePulse pulse) {
        this.mapper = mapper;
        this.lineage = lineage;
        this.plants = plants;
        this.places = places;
        this.acts = acts;
        this.clock = clock;
        this.pulse = pulse;
    }

    /** Something was done; the act takes it back. */
    public record LineageDone(long actId, String sentence, long id) {}

    /**
     * A source with its standing; a plant nobody wrote anything down of has only its plant.
     *
     * @param key PLANT-n or SOURCE-n
     * @param identity what proves the variety, label only where nobody said
     * @param reminders permits and licences that run out within 30 days or have run out
     */
    public record SourceView(
            String key,
            @Nullable SourceRow row,
            String name,
            SourceKind kind,
            Identity identity,
            boolean insectProof,
            @Nullable Long plantId,
            @Nullable Long varietyId,
            @Nullable String varietyName,
            @Nullable String speciesKey,
            String where,
            Health health,
            @Nullable String heldWords,
            List<String> reminders) {}

    /** Mother and field trees, then sources outside. */
    public List<SourceView> sources() {
        Map<Long, SourceRow> byPlant = new HashMap<>();
        List<SourceRow> rows = mapper.sources();
        rows.stream().filter(r -> r.plantId() != null).forEach(r -> byPlant.put(r.plantId(), r));
        List<SourceView> views = new ArrayList<>();
        Map<Long, Boolean> houses = new HashMap<>();
        places.spots().forEach(s -> houses.put(s.id(), s.insectProof()));
        plants.ofVarieties()
                .forEach(p -> views.add(own(p, byPlant.get(p.id()), houses.getOrDefault(p.spotId(), false))));
        rows.stream().filter(r -> r.plantId() == null).forEach(r -> views.add(outside(r)));
        return views;
    }

    private SourceView own(Plant plant, @Nullable SourceRow row, boolean house) {
        Node node = Node.plant(plant.id());
        return new SourceView(
                node.key(),
                row,
                plant.code(),
                SourceKind.OWN,
                row == null ? Identity.LABEL_ONLY : row.identity(),
                house || (row != null && row.insectProof()),
                plant.id(),
                plant.varietyId(),
                plant.varietyName(),
                plant.speciesKey(),
                plant.spotName(),
                lineage.health(node),
                lineage.heldWords(node),
                reminders(row));
    }

    private SourceView outside(SourceRow row) {
        Node node = Node.source(row.id());
        return new SourceView(
                node.key(),
                row,
                row.name(),
                row.kind(),
                row.identity(),
                row.insectProof(),
                null,
                null,
                null,
                null,
                "",
                lineage.health(node),
                lineage.heldWords(node),
                reminders(row));
    }

    private List<String> reminders(@Nullable SourceRow row) {
        List<String> due = new ArrayList<>();
        if (row != null) {
            remind(due, "permit", row.permit(), row.permitDue());
            remind(due, "licence", row.licence(), row.licenceDue());
        }
        return due;
    }

    private void remind(List<String> due, String what, String words, @Nullable LocalDate day) {
        if (day != null && !day.isAfter(clock.today().plusDays(30))) {
            String when = day.isBefore(clock.today()) ? " ran out on " : " runs out on ";
            due.add("The " + what + (words.isBlank() ? "" : " (" + words + ")") + when + day);
        }
    }

    /** Tests of a plant or source, newest first. */
    public List<TestRow> tests(Node node) {
        return mapper.tests().stream()
                .filter(t -> t.node().equals(node))
                .sorted((a, b) -> b.onDay().compareTo(a.onDay()))
                .toList();
    }

    /** Adds a source. */
    @Transactional
    public LineageDone add(SourceEntry entry) {
        check(entry);
        String sentence = "Source " + entry.name() + " written down";
        long act = acts.open(kind(), sentence);
        long id = mapper.insertSource(entry, act);
        pulse.beat();
        return new LineageDone(act, sentence, id);
    }

    /** Adds a source without an undo of its own; for the demo. */
    @Transactional
    public long remember(SourceEntry entry) {
        long id = mapper.insertSource(entry, null);
        pulse.beat();
        return id;
    }

    private void check(SourceEntry entry) {
        boolean own = entry.kind() == SourceKind.OWN;
        if (own != (entry.plantId() != null)) {
            throw FarmProblem.wrong(
                    "kind",
                    entry.kind(),
                    "OWN with a plant, else another sort",
                    "A source of your own is one of your plants.");
        }
        if (entry.plantId() != null) {
            plants.plant(entry.plantId());
        }
    }

    /** Changes what is written of a source. */
    @Transactional
    public LineageDone change(long id, SourceEntry entry) {
        check(entry);
        if (mapper.updateSource(id, entry) == 0) {
            throw FarmProblem.conflict("The source " + entry.name()
                    + " was changed by somebody else meanwhile. Look again, then change it.");
        }
        pulse.beat();
        return new LineageDone(acts.open("kept", entry.name() + " changed"), entry.name() + " changed", id);
    }

    /** Archives a source: it is offered no more, its trace stays. */
    @Transactional
    public LineageDone archive(long id) {
        String name = row(id).name();
        String sentence = name + " archived; its trace stays";
        long act = acts.open(kind(), sentence);
        mapper.archiveSource(id, act);
        pulse.beat();
        return new LineageDone(act, sentence, id);
    }

    private SourceRow row(long id) {
        return mapper.sources().stream()
                .filter(r -> r.id() == id)
                .findFirst()
                .orElseThrow(() -> FarmProblem.unknown("source", id));
    }

    /** Writes down a clear test; a suspect or positive one places a recall instead. */
    @Transactional
    public LineageDone clear(TestEntry entry) {
        if (entry.outcome() != HealthTest.Result.CLEAR) {
            throw FarmProblem.wrong(
                    "outcome",
                    entry.outcome(),
                    "CLEAR",
                    "A suspect or positive test is entered as a recall, so that what descends is held in the same step.");
        }
        String name = checkTest(entry);
        String sentence = name + " tested clear of " + entry.subject() + " on " + entry.day();
        long act = acts.open(kind(), sentence);
        long id = write(entry, act);
        return new LineageDone(act, sentence, id);
    }

    /** Checks a test and tells the name of what was tested. */
    String checkTest(TestEntry entry) {
        Node node = node(entry.key());
        if (entry.day().isAfter(clock.today())) {
            throw FarmProblem.wrong("day", entry.day(), "up to " + clock.today(), "The test lies ahead of today.");
        }
        if (node.kind() == Node.Kind.PLANT) {
            Plant plant = plants.plant(node.id());
            if (plant.startedOn() != null && entry.day().isBefore(plant.startedOn())) {
                throw FarmProblem.wrong(
                        "day",
                        entry.day(),
                        "from " + plant.startedOn(),
                        plant.code() + " was tested before it was sown or planted.");
            }
            return plant.code();
        }
        if (node.kind() == Node.Kind.SOURCE) {
            return row(node.id()).name();
        }
        throw FarmProblem.wrong("key", entry.key(), "PLANT-n or SOURCE-n", "Plants and sources are tested.");
    }

    static Node node(String key) {
        try {
            return Node.parse(key);
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong("key", key, "such as PLANT-12", String.valueOf(e.getMessage()));
        }
    }

    /** Stores a test under an act. */
    @Transactional
    public long write(TestEntry entry, @Nullable Long act) {
        Node node = node(entry.key());
        boolean plant = node.kind() == Node.Kind.PLANT;
        long id = mapper.insertTest(
                plant ? node.id() : null,
                plant ? null : node.id(),
                entry,
                entry.validDays() == null ? VALID_DAYS : entry.validDays(),
                act);
        pulse.beat();
        return id;
    }

    /** Takes a test out of the book; its row stays. */
    @Transactional
    public LineageDone removeTest(long id) {
        long act = acts.open(kind(), "A test was removed from the book");
        if (mapper.endTest(id, act) == 0) {
            throw FarmProblem.unknown("test", id);
        }
        pulse.beat();
        return new LineageDone(act, "The test was removed", id);
    }

    /** A plant was raised from something: a lot, a graft, another plant, a source. */
    @Transactional
    public LineageDone raisedFrom(long plantId, String fromKey, LocalDate day) {
        Plant plant = plants.plant(plantId);
        Node from = node(fromKey);
        Map<Node, Member> known = lineage.members(List.of(from));
        Member parent = known.get(from);
        if (parent == null) {
            throw FarmProblem.wrong("fromKey", fromKey, "something of this farm", "There is no " + fromKey + ".");
        }
        if (day.isAfter(clock.today())) {
            throw FarmProblem.wrong("day", day, "up to " + clock.today(), "It was raised after today.");
        }
        String why = lineage.refusal(from, parent.code());
        if (why != null) {
            throw FarmProblem.wrong("fromKey", fromKey, "something that is not held", why);
        }
        lineage.circle(from, Node.plant(plantId)).ifPresent(circle -> {
            throw FarmProblem.wrong(
                    "fromKey", fromKey, "nothing that comes from " + plant.code(), circleWords(circle, plant));
        });
        String sentence = plant.code() + " was raised from " + parent.code();
        long act = acts.open(kind(), sentence);
        mapper.insertParent(plantId, fromKey, day, act);
        pulse.beat();
        return new LineageDone(act, sentence, plantId);
    }

    /** Writes a parent without an undo of its own; for the demo. */
    @Transactional
    public void rememberParent(long plantId, Node from, LocalDate day) {
        mapper.insertParent(plantId, from.key(), day, null);
        pulse.beat();
    }

    private String circleWords(List<Node> circle, Plant plant) {
        Map<Node, Member> members = lineage.members(circle);
        String path = String.join(
                " → ",
                circle.stream()
                        .map(n -> Objects.requireNonNull(members.get(n)).code())
                        .toList());
        return plant.code() + " cannot come from its own offspring: " + path + ".";
    }

    /** Movements, newest first. */
    public List<MoveRow> moves() {
        return mapper.moves();
    }

    /** A movement as entered: a plant to another place, or a visitor into one. */
    public record MoveEntry(
            @Nullable Long plantId,

            @Nullable @jakarta.validation.constraints.Size(max = 120, message = "is at most 120 characters")
            String visitor,

            LocalDate day,
            long toSpotId,

            @Nullable @jakarta.validation.constraints.Size(max = 400, message = "is at most 400 characters")
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
        Spot to = places.spots().stream()
                .filter(s -> s.id() == entry.toSpotId())
                .findFirst()
                .orElseThrow(() -> FarmProblem.unknown("place", entry.toSpotId()));
        Plant plant = entry.plantId() == null ? null : plants.plant(entry.plantId());
        String sentence = (plant == null ? entry.visitor() + " came into " : plant.code() + " moved to ") + to.name();
        long act = acts.open(kind(), sentence);
        mapper.insertMove(
                entry.plantId(),
                entry.visitor(),
                entry.day(),
                plant == null ? null : plant.spotId(),
                to.id(),
                Objects.requireNonNullElse(entry.remark(), ""),
                act);
        if (plant != null) {
            plants.put(plant.id(), to.id());
        }
        pulse.beat();
        return new LineageDone(act, sentence, to.id());
    }

    /** Writes a movement of the past, the plant standing again where it stood; for the demo. */
    @Transactional
    public void rememberMove(
            @Nullable Long plantId, @Nullable String visitor, LocalDate day, @Nullable Long from, long to) {
        mapper.insertMove(plantId, visitor, day, from, to, "", null);
        pulse.beat();
    }

    @Override
    public String kind() {
        return "sources";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        mapper.movesOfAct(actId).forEach(move -> {
            if (move.plantId() != null && move.fromSpotId() != null) {
                plants.put(move.plantId(), move.fromSpotId());
            }
        });
        mapper.deleteMovesOfAct(actId);
        mapper.deleteParentsOfAct(actId);
        mapper.deleteTestsOfAct(actId);
        mapper.bringBackTestsOfAct(actId);
        mapper.deleteSourcesOfAct(actId);
        mapper.bringBackSourcesOfAct(actId);
        pulse.beat();
    }
}
