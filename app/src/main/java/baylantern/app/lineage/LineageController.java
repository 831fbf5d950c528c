package baylantern.app.lineage;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.lineage.Health;
import baylantern.core.lineage.Link;
import baylantern.core.lineage.Node;
import baylantern.core.lineage.Surroundings;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
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

/** Sources, tests, parentage, movements and recalls. */
@RestController
@RequestMapping("/api")
class LineageController {

    private static final int MOST_STACKED = 400;

    private final SourceService sources;
    private final TestService tests;
    private final ParentService parents;
    private final MoveService moves;
    private final RecallService recalls;
    private final LineageService lineage;
    private final FarmClock clock;

    LineageController(
            SourceService sources,
            TestService tests,
            ParentService parents,
            MoveService moves,
            RecallService recalls,
            LineageService lineage,
            FarmClock clock) {
        this.sources = sources;
        this.tests = tests;
        this.parents = parents;
        this.moves = moves;
        this.recalls = recalls;
        this.lineage = lineage;
        this.clock = clock;
    }

    @Needs(Role.GUEST)
    @GetMapping("/sources")
    List<SourceService.SourceView> sources() {
        return sources.sources();
    }

    @Needs(Role.OWNER)
    @PostMapping("/sources")
    LineageDone addSource(@Valid @RequestBody SourceEntry entry) {
        return sources.add(entry);
    }

    @Needs(Role.OWNER)
    @PutMapping("/sources/{id}")
    LineageDone changeSource(@PathVariable long id, @Valid @RequestBody SourceEntry entry) {
        return sources.change(id, entry);
    }

    @Needs(Role.OWNER)
    @DeleteMapping("/sources/{id}")
    LineageDone archiveSource(@PathVariable long id) {
        return sources.archive(id);
    }

    @Needs(Role.GUEST)
    @GetMapping("/tests")
    List<TestRow> tests(@RequestParam String key) {
        return tests.tests(LineageService.node(key));
    }

    @Needs(Role.OWNER)
    @PostMapping("/tests")
    LineageDone addTest(@Valid @RequestBody TestEntry entry) {
        return tests.clear(entry);
    }

    @Needs(Role.OWNER)
    @DeleteMapping("/tests/{id}")
    LineageDone removeTest(@PathVariable long id) {
        return tests.removeTest(id);
    }

    /** What a plant was raised from. */
    record Raised(long plantId, String fromKey, @Nullable LocalDate day) {}

    @Needs(Role.OWNER)
    @PostMapping("/lineage/parents")
    LineageDone raised(@RequestBody Raised entry) {
        return parents.raisedFrom(
                entry.plantId(), entry.fromKey(), Objects.requireNonNullElse(entry.day(), clock.today()));
    }

    @Needs(Role.GUEST)
    @GetMapping("/lineage/moves")
    List<MoveRow> moves() {
        return moves.moves();
    }

    @Needs(Role.OWNER)
    @PostMapping("/lineage/moves")
    LineageDone move(@Valid @RequestBody MoveService.MoveEntry entry) {
        return moves.move(entry);
    }

    /** A member drawn in a column, with its standing; more tells how many lie beyond the drawing. */
    record DrawnMember(
            Member member,
            int column,
            int more,
            Health.Standing standing,
            String reason,
            boolean held,
            boolean onCleanPath) {}

    /** Members not drawn, as one stack. */
    record DrawnStack(
            String atKey, int column, Node.Kind kind, boolean forebears, int count, int held, List<Member> members) {}

    /** A line from one drawn member to another. */
    record DrawnLink(String fromKey, String toKey, LocalDate on, boolean onCleanPath) {}

    /** What lies around a member, both ways. */
    record LineageView(
            DrawnMember focus,
            @Nullable String heldWords,
            int forebears,
            int descendants,
            List<DrawnMember> members,
            List<DrawnStack> stacks,
            List<DrawnLink> links,
            List<Member> cleanPath) {}

    @Needs(Role.GUEST)
    @GetMapping("/lineage/{key}")
    LineageView around(@PathVariable String key) {
        Node focus = LineageService.node(key);
        LineageService.Around around = lineage.around(focus);
        Surroundings drawn = around.drawn();
        List<Node> clean = lineage.cleanPath(focus).orElse(List.of());
        Set<Node> nodes = new HashSet<>(clean);
        drawn.cards().forEach(c -> nodes.add(c.node()));
        drawn.stacks()
                .forEach(s -> nodes.addAll(
                        s.nodes().subList(0, Math.min(MOST_STACKED, s.nodes().size()))));
        Map<Node, Member> members = lineage.members(nodes);
        if (!members.containsKey(focus)) {
            throw baylantern.app.platform.FarmProblem.unknown("member of the lineage", key);
        }
        Set<Node> held = lineage.held();
        List<DrawnMember> shown = new ArrayList<>();
        drawn.cards().stream()
                .filter(c -> members.containsKey(c.node()))
                .forEach(c -> shown.add(member(c, members, held, clean)));
        return new LineageView(
                shown.get(0),
                lineage.heldWords(focus),
                around.forebears(),
                around.descendants(),
                shown,
                drawn.stacks().stream().map(s -> stack(s, members, held)).toList(),
                drawn.links().stream().map(l -> link(l, clean)).toList(),
                clean.stream().map(members::get).filter(Objects::nonNull).toList());
    }

    private DrawnMember member(Surroundings.Card card, Map<Node, Member> members, Set<Node> held, List<Node> clean) {
        Health health = lineage.health(card.node());
        return new DrawnMember(
                Objects.requireNonNull(members.get(card.node())),
                card.column(),
                card.more(),
                health.standing(),
                health.reason(),
                held.contains(card.node()),
                clean.contains(card.node()));
    }

    private static DrawnStack stack(Surroundings.Stack stack, Map<Node, Member> members, Set<Node> held) {
        return new DrawnStack(
                stack.at().key(),
                stack.column(),
                stack.kind(),
                stack.forebears(),
                stack.nodes().size(),
                (int) stack.nodes().stream().filter(held::contains).count(),
                stack.nodes().stream()
                        .map(members::get)
                        .filter(Objects::nonNull)
                        .toList());
    }

    private static DrawnLink link(Link link, List<Node> clean) {
        int at = clean.indexOf(link.from());
        boolean on = at >= 0 && at + 1 < clean.size() && clean.get(at + 1).equals(link.to());
        return new DrawnLink(link.from().key(), link.to().key(), link.on(), on);
    }

    @Needs(Role.GUEST)
    @GetMapping("/recalls")
    List<RecallRow> recalls() {
        return recalls.recalls();
    }

    @Needs(Role.GUEST)
    @GetMapping("/recalls/{id}")
    RecallService.RecallView recall(@PathVariable long id) {
        return recalls.recall(id);
    }

    @Needs(Role.OWNER)
    @PostMapping("/recalls/preview")
    RecallService.RecallView preview(@Valid @RequestBody TestEntry entry) {
        return recalls.preview(entry);
    }

    @Needs(Role.OWNER)
    @PostMapping("/recalls")
    LineageDone place(@Valid @RequestBody TestEntry entry) {
        return recalls.place(entry);
    }

    /** What to release: all where no keys are named. */
    record ReleaseEntry(
            @Nullable List<String> keys, @Nullable String reason) {}

    @Needs(Role.OWNER)
    @PostMapping("/recalls/{id}/release")
    LineageDone release(@PathVariable long id, @RequestBody ReleaseEntry entry) {
        return recalls.release(id, entry.keys(), Objects.requireNonNullElse(entry.reason(), ""), clock.today());
    }
}
