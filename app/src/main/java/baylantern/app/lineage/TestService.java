package baylantern.app.lineage;

import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Node;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Health tests of plants and sources. */
@Service
public class TestService implements Undoer {

    private final LineageMapper mapper;
    private final SourceService sources;
    private final PlantService plants;
    private final Rulebook rules;
    private final ActService acts;
    private final FarmClock clock;

    TestService(
            LineageMapper mapper,
            SourceService sources,
            PlantService plants,
            Rulebook rules,
            ActService acts,
            FarmClock clock) {
        this.mapper = mapper;
        this.sources = sources;
        this.plants = plants;
        this.rules = rules;
        this.acts = acts;
        this.clock = clock;
    }

    /** Tests of a plant or source, newest first. */
    public List<TestRow> tests(Node node) {
        return mapper.tests().stream()
                .filter(t -> t.node().equals(node))
                .sorted((a, b) -> b.onDay().compareTo(a.onDay()))
                .toList();
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
        Node node = LineageService.node(entry.key());
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
            return sources.row(node.id()).name();
        }
        throw FarmProblem.wrong("key", entry.key(), "PLANT-n or SOURCE-n", "Plants and sources are tested.");
    }

    /** Stores a test under an act. */
    @Transactional
    public long write(TestEntry entry, @Nullable Long act) {
        Node node = LineageService.node(entry.key());
        boolean plant = node.kind() == Node.Kind.PLANT;
        long id = mapper.insertTest(
                plant ? node.id() : null,
                plant ? null : node.id(),
                entry,
                entry.validDays() == null ? (int) rules.wood().value(FigureName.TEST_VALID) : entry.validDays(),
                act);
        return id;
    }

    /** Takes a test out of the book; its row stays. */
    @Transactional
    public LineageDone removeTest(long id) {
        long act = acts.open(kind(), "A test was removed from the book");
        Rows.oneOr(mapper.endTest(id, act), FarmProblem.unknown("test", id));
        return new LineageDone(act, "The test was removed", id);
    }

    @Override
    public String kind() {
        return "tests";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.deleteTestsOfAct(actId));
        Rows.any(mapper.bringBackTestsOfAct(actId));
    }
}
