package baylantern.app.lineage;

import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Node;
import baylantern.core.lineage.Recall;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Recalls: what must be held after a positive or suspect test, held in one step, released with a reason. */
@Service
public class RecallService implements Undoer {

    private final RecallMapper mapper;
    private final LineageShelf shelf;
    private final LineageService lineage;
    private final TestService tests;
    private final ActService acts;
    private final FarmClock clock;

    RecallService(
            RecallMapper mapper,
            LineageShelf shelf,
            LineageService lineage,
            TestService tests,
            ActService acts,
            FarmClock clock) {
        this.mapper = mapper;
        this.shelf = shelf;
        this.lineage = lineage;
        this.tests = tests;
        this.acts = acts;
        this.clock = clock;
    }

    /** Something a recall lists: what it is, why, since when, and through what. */
    public record HeldView(
            Member member,
            Recall.Why why,
            @Nullable LocalDate since,
            String byCode,
            boolean blade,
            @Nullable LocalDate releasedOn,
            @Nullable String releaseReason) {}

    /** What a recall would hold, or holds. */
    public record RecallView(
            String name, int plants, int lots, int grafts, int exposed, String since, List<HeldView> held) {}

    /** What a test would hold, before anything is written. */
    public RecallView preview(TestEntry entry) {
        stopping(entry);
        String name = tests.checkTest(entry);
        return view(name, holds(entry, clock.today()));
    }

    private static void stopping(TestEntry entry) {
        if (entry.outcome() == HealthTest.Result.CLEAR) {
            throw FarmProblem.wrong("outcome", entry.outcome(), "SUSPECT or POSITIVE", "A clear test recalls nothing.");
        }
    }

    List<RecallMapper.NewHold> holds(TestEntry entry, LocalDate until) {
        Recall recall = new Recall(shelf.state().lineage(), shelf.state().tests(), shelf.blades());
        return recall.of(LineageService.node(entry.key()), entry.day(), until).stream()
                .map(h -> new RecallMapper.NewHold(
                        h.node().key(),
                        h.why(),
                        h.since().equals(LocalDate.MIN) ? null : h.since(),
                        h.by().key(),
                        h.blade()))
                .toList();
    }

    private RecallView view(String name, List<RecallMapper.NewHold> holds) {
        return told(
                name,
                holds.stream()
                        .map(h -> new HoldRow(
                                0,
                                new HoldRow.Of(0, name, "", clock.today()),
                                h.key(),
                                new HoldRow.Cause(h.why(), h.since(), h.byKey(), h.blade()),
                                new HoldRow.Release(null, null)))
                        .toList());
    }

    private RecallView told(String name, List<HoldRow> holds) {
        Set<Node> nodes = new HashSet<>();
        holds.forEach(h -> {
            nodes.add(h.node());
            nodes.add(Node.parse(h.byKey()));
        });
        Map<Node, Member> members = lineage.members(nodes);
        List<HeldView> views = new ArrayList<>();
        for (HoldRow h : holds) {
            Member member = members.get(h.node());
            Member by = members.get(Node.parse(h.byKey()));
            if (member != null) {
                views.add(new HeldView(
                        member,
                        h.why(),
                        h.sinceDay(),
                        by == null ? "" : by.code(),
                        h.byBlade(),
                        h.releasedOn(),
                        h.releaseReason()));
            }
        }
        LocalDate since = holds.isEmpty() ? null : holds.get(0).sinceDay();
        return new RecallView(
                name,
                count(views, Node.Kind.PLANT),
                count(views, Node.Kind.LOT),
                count(views, Node.Kind.GRAFT),
                (int) views.stream().filter(v -> v.why() == Recall.Why.EXPOSED).count(),
                since == null ? "all of it: there is no earlier clear test" : "since its clear test of " + since,
                views);
    }

    private static int count(List<HeldView> views, Node.Kind kind) {
        return (int) views.stream().filter(v -> v.member().kind() == kind).count();
    }

    /** Writes the test and holds everything it reaches, in one step. */
    @Transactional
    public LineageDone place(TestEntry entry) {
        stopping(entry);
        String name = tests.checkTest(entry);
        List<RecallMapper.NewHold> holds = holds(entry, clock.today());
        String sentence = name + " tested " + (entry.outcome() == HealthTest.Result.POSITIVE ? "positive" : "suspect")
                + " for " + entry.subject() + "; " + holds.size() + " held";
        long act = acts.open(kind(), sentence);
        long id = write(entry, name, holds, act);
        return new LineageDone(act, sentence, id);
    }

    long write(TestEntry entry, String name, List<RecallMapper.NewHold> holds, @Nullable Long act) {
        tests.write(entry, act);
        long id = mapper.insertRecall(entry.key(), name, entry, act);
        Rows.portions(holds).forEach(some -> Rows.all(mapper.insertHolds(id, some, act), some.size()));
        return id;
    }

    /** All recalls, newest first. */
    public List<RecallRow> recalls() {
        return mapper.recalls();
    }

    /** What a recall holds and has released. */
    public RecallView recall(long id) {
        List<HoldRow> holds = mapper.ofRecall(id);
        if (holds.isEmpty()) {
            throw FarmProblem.unknown("recall", id);
        }
        return told(holds.get(0).recallName(), holds);
    }

    /** Releases some, or all where no keys are named; the reason stays with each. */
    @Transactional
    public LineageDone release(long id, @Nullable List<String> keys, String reason, LocalDate day) {
        if (reason.isBlank()) {
            throw FarmProblem.wrong("reason", reason, "a sentence", "Say why it is released: somebody will ask.");
        }
        long act = acts.open(kind(), "Held things released: " + reason);
        int released = mapper.release(id, keys == null || keys.isEmpty() ? null : keys, day, reason, act);
        if (released == 0) {
            throw FarmProblem.conflict("Nothing of that is held any more.");
        }
        return new LineageDone(act, released + " released: " + reason, id);
    }

    @Override
    public String kind() {
        return "recall";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.holdAgain(actId));
        Rows.any(mapper.deleteHoldsOfAct(actId));
        Rows.any(mapper.deleteRecallsOfAct(actId));
        tests.undo(actId);
    }
}
