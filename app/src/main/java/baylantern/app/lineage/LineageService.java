package baylantern.app.lineage;

import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.core.lineage.Health;
import baylantern.core.lineage.Lineage;
import baylantern.core.lineage.Node;
import baylantern.core.lineage.Surroundings;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Tells where something comes from, where it went, how clean it is held to be, and whether it may be used. */
@Service
public class LineageService {

    private static final int COLUMNS = 2;
    private static final int MOST_DRAWN = 7;

    private final LineageShelf shelf;
    private final HoldBook holds;
    private final PlantService plants;
    private final FarmClock clock;

    LineageService(LineageShelf shelf, HoldBook holds, PlantService plants, FarmClock clock) {
        this.shelf = shelf;
        this.holds = holds;
        this.plants = plants;
        this.clock = clock;
    }

    /** How clean something is held to be today. */
    public Health health(Node node) {
        return shelf.state().book().health(node);
    }

    /** Why something may not be used: held, or suspect and never released; null where it may. */
    public @Nullable String refusal(Node node, String name) {
        HoldRow hold = holds.on(node);
        if (hold != null) {
            return name + " is held: " + holds.words(hold) + ".";
        }
        Health health = health(node);
        if (health.standing().stops() && !holds.released(node)) {
            return name + " is " + health.standing().words() + ": " + health.reason();
        }
        return null;
    }

    /** The sentence of the hold on something, null where it is not held. */
    public @Nullable String heldWords(Node node) {
        HoldRow hold = holds.on(node);
        return hold == null ? null : holds.words(hold);
    }

    /** Everything held now. */
    public Set<Node> held() {
        return holds.nodes();
    }

    /** Members as they are shown, by node. */
    public Map<Node, Member> members(Collection<Node> nodes) {
        Map<Node, Member> found = new HashMap<>();
        nodes.stream().collect(Collectors.groupingBy(Node::kind)).forEach((kind, some) -> {
            List<Long> ids = some.stream().map(Node::id).distinct().toList();
            Rows.portions(ids).forEach(part -> put(kind, part, found));
        });
        return found;
    }

    private void put(Node.Kind kind, List<Long> ids, Map<Node, Member> found) {
        switch (kind) {
            case PLANT -> plants.plants(ids).forEach(p -> found.put(Node.plant(p.id()), plant(p)));
            case SOURCE -> ids.forEach(id -> found.put(Node.source(id), source(id)));
            default -> shelf.part(kind).members(ids).forEach((id, m) -> found.put(new Node(kind, id), m));
        }
    }

    private static Member plant(Plant plant) {
        String what = Objects.requireNonNullElse(plant.varietyName(), plant.speciesKey() + " stock");
        return new Member(
                Node.plant(plant.id()).key(), Node.Kind.PLANT, plant.code(), what, plant.spotName(), plant.startedOn());
    }

    private Member source(long id) {
        SourceRow row = shelf.state().sources().get(id);
        String name = row == null ? "archived source" : row.name();
        String kind = row == null ? "" : row.kind().name().toLowerCase(java.util.Locale.ROOT);
        return new Member(Node.source(id).key(), Node.Kind.SOURCE, name, kind, "", null);
    }

    /** What lies around one member, few enough to draw, with the counts of all. */
    Around around(Node focus) {
        Lineage lineage = shelf.state().lineage();
        return new Around(
                Surroundings.of(lineage, focus, COLUMNS, COLUMNS, MOST_DRAWN),
                lineage.forebears(focus),
                lineage.descendants(focus));
    }

    /** What lies around, and how many there are in all. */
    record Around(Surroundings drawn, int forebears, int descendants) {}

    /** The way from the nearest forebear with a clear standing of its own tests, empty where there is none. */
    Optional<List<Node>> cleanPath(Node node) {
        LineageShelf.State state = shelf.state();
        return state.lineage()
                .fromNearest(
                        node,
                        n -> (n.kind() == Node.Kind.PLANT || n.kind() == Node.Kind.SOURCE)
                                && state.book().own(n, clock.today()).standing() == Health.Standing.CLEAN);
    }

    /** The circle that would close if the child came from the parent, empty for none. */
    Optional<List<Node>> circle(Node parent, Node child) {
        return shelf.state().lineage().circle(parent, child);
    }

    /** Whether anything came from it. */
    public boolean hasOffspring(Node node) {
        return !shelf.state().lineage().out(node).isEmpty();
    }

    /** Reads a short name as it comes from a form or an address. */
    static Node node(String key) {
        try {
            return Node.parse(key);
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong("key", key, "such as PLANT-12", String.valueOf(e.getMessage()));
        }
    }
}
