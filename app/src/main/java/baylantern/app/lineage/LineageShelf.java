package baylantern.app.lineage;

import baylantern.app.place.PlantService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.core.lineage.BladeEvent;
import baylantern.core.lineage.HealthBook;
import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Lineage;
import baylantern.core.lineage.Link;
import baylantern.core.lineage.Node;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** The lineage as it stands, gathered from all features and kept at hand until something changes. */
@Component
class LineageShelf {

    private static final Fact[] LINKS = {
        Fact.DAY,
        Fact.LOTS,
        Fact.GRAFTS,
        Fact.PLANTS,
        Fact.SPOTS,
        Fact.VARIETIES,
        Fact.SOURCES,
        Fact.TESTS,
        Fact.PARENTS,
        Fact.MOVES,
        Fact.PEOPLE
    };

    private final LineageMapper mapper;
    private final PlantService plants;
    private final ObjectProvider<LineagePart> parts;
    private final GraftLineage grafts;
    private final FarmClock clock;
    private final Rulebook rules;
    private final Derived<State> state;
    private final Derived<Collection<List<BladeEvent>>> blades;

    LineageShelf(
            LineageMapper mapper,
            PlantService plants,
            ObjectProvider<LineagePart> parts,
            GraftLineage grafts,
            FarmClock clock,
            Rulebook rules,
            Changes changes) {
        this.mapper = mapper;
        this.plants = plants;
        this.parts = parts;
        this.grafts = grafts;
        this.clock = clock;
        this.rules = rules;
        this.state = changes.derive(this::read, LINKS);
        this.blades = changes.derive(this::readBlades, Fact.LOTS, Fact.GRAFTS, Fact.PLANTS, Fact.BLADES, Fact.PEOPLE);
    }

    /** Links, tests and standings. */
    record State(Lineage lineage, Map<Node, List<HealthTest>> tests, Map<Long, SourceRow> sources, HealthBook book) {}

    State state() {
        return state.get();
    }

    /** What each blade did, in order. */
    Collection<List<BladeEvent>> blades() {
        return blades.get();
    }

    LineagePart part(Node.Kind kind) {
        return parts.stream().filter(p -> p.kind() == kind).findFirst().orElseThrow();
    }

    private State read() {
        List<Link> links = new ArrayList<>();
        parts.forEach(part -> links.addAll(part.links()));
        mapper.parents().forEach(row -> links.add(row.link()));
        Map<Node, List<HealthTest>> tests = new HashMap<>();
        mapper.tests()
                .forEach(row -> tests.computeIfAbsent(row.node(), k -> new ArrayList<>())
                        .add(row.test()));
        Map<Long, SourceRow> sources = new LinkedHashMap<>();
        mapper.sources().forEach(row -> sources.put(row.id(), row));
        Lineage lineage = grafts.lineage().and(Lineage.of(links));
        Map<Node, String> names = new ConcurrentHashMap<>();
        HealthBook book = new HealthBook(
                clock.today(),
                lineage,
                tests,
                leftHouse(),
                node -> names.computeIfAbsent(node, n -> name(n, sources)),
                (int) rules.wood().value(FigureName.TEST_DUE));
        return new State(lineage, tests, sources, book);
    }

    private Map<Node, LocalDate> leftHouse() {
        Map<Node, LocalDate> left = new HashMap<>();
        mapper.moves().stream()
                .filter(m -> m.plantId() != null && m.fromHouse() && !m.toHouse())
                .forEach(m -> left.merge(
                        Node.plant(java.util.Objects.requireNonNull(m.plantId())),
                        m.onDay(),
                        (a, b) -> a.isAfter(b) ? a : b));
        return left;
    }

    private String name(Node node, Map<Long, SourceRow> sources) {
        if (node.kind() == Node.Kind.PLANT) {
            return plants.plant(node.id()).code();
        }
        SourceRow source = node.kind() == Node.Kind.SOURCE ? sources.get(node.id()) : null;
        return source == null ? "an archived source" : source.name();
    }

    private Collection<List<BladeEvent>> readBlades() {
        List<BladeMoment> all = new ArrayList<>();
        parts.forEach(part -> all.addAll(part.blades()));
        all.sort(Comparator.comparing(BladeMoment::at).thenComparing(BladeMoment::order));
        return all.stream()
                .map(BladeMoment::event)
                .collect(Collectors.groupingBy(BladeEvent::blade))
                .values();
    }
}
