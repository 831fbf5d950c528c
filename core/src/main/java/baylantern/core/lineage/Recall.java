package baylantern.core.lineage;

import baylantern.core.rules.Known;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;

/**
 * What must be held when a plant or a source tests positive or suspect.
 *
 * <p><b>Descends</b>: everything cut from it on or after the day of its last clear test (all of it where there is none),
 * every graft with that wood, the plant that carries it from the day it was grafted, and what was cut from that plant on
 * or after that day or its own last clear test, whichever is later; and so on. <b>Exposed</b>: what stands on a plant that
 * descends, and what a blade made or cut into after it cut suspect material and before it was next cleaned, with all that
 * was taken from those since. Exposure is not handed on by blades a second time.
 */
public final class Recall {

    private final Lineage lineage;
    private final Map<Node, List<HealthTest>> tests;
    private final Collection<List<BladeEvent>> blades;

    /** A recall over a lineage, the tests of plants and sources, and the events of each blade in their order. */
    public Recall(Lineage lineage, Map<Node, List<HealthTest>> tests, Collection<List<BladeEvent>> blades) {
        this.lineage = lineage;
        this.tests = tests;
        this.blades = blades;
    }

    /** Why something must be held. */
    public enum Why {
        TESTED,
        DESCENDS,
        EXPOSED
    }

    /**
     * Something to hold.
     *
     * @param since the day it was reached
     * @param by what it was reached from; itself for the one tested
     * @param blade true where a blade carried it
     */
    public record Held(Node node, Why why, LocalDate since, Node by, boolean blade) {}

    private record Reach(Node node, LocalDate since, Node by, boolean blade) {}

    /** What must be held for a test of a day, with all there is; the one tested first, then by reason, day and name. */
    public List<Held> of(Node tested, LocalDate day) {
        return of(tested, day, LocalDate.MAX);
    }

    /** What had to be held at the end of a day for a test of that day or before: of what came later nothing is listed. */
    public List<Held> of(Node tested, LocalDate day, LocalDate until) {
        LocalDate from = lastClear(tested, day).orElse(LocalDate.MIN);
        Map<Node, Reach> descends = walk(List.of(new Reach(tested, from, tested, false)), day, until);
        Map<Node, Reach> exposed = walk(exposures(descends, day, until), day, until);
        List<Held> held = new ArrayList<>();
        descends.values().forEach(r -> held.add(held(r, r.node().equals(tested) ? Why.TESTED : Why.DESCENDS)));
        exposed.values().stream()
                .filter(r -> !descends.containsKey(r.node()))
                .forEach(r -> held.add(held(r, Why.EXPOSED)));
        held.sort(Comparator.comparing(Held::why).thenComparing(Held::since).thenComparing(Held::node));
        return List.copyOf(held);
    }

    private static Held held(Reach reach, Why why) {
        return new Held(reach.node(), why, reach.since(), reach.by(), reach.blade());
    }

    private Optional<LocalDate> lastClear(Node node, LocalDate day) {
        return HealthBook.lastClear(tests.getOrDefault(node, List.of()), day);
    }

    // Earliest first, so that each is reached on the first day it could be.
    private Map<Node, Reach> walk(List<Reach> seeds, LocalDate day, LocalDate until) {
        PriorityQueue<Reach> queue = new PriorityQueue<>(Comparator.comparing(Reach::since));
        queue.addAll(seeds);
        Map<Node, Reach> reached = new LinkedHashMap<>();
        while (!queue.isEmpty()) {
            Reach at = queue.remove();
            if (reached.putIfAbsent(at.node(), at) != null) {
                continue;
            }
            LocalDate since = suspectSince(at, day);
            for (Link link : lineage.out(at.node())) {
                boolean then = !link.on().isBefore(since) && !link.on().isAfter(until);
                if (then && !reached.containsKey(link.to())) {
                    queue.add(new Reach(link.to(), link.on(), at.node(), false));
                }
            }
        }
        return reached;
    }

    private LocalDate suspectSince(Reach at, LocalDate day) {
        LocalDate clear = lastClear(at.node(), day).orElse(LocalDate.MIN);
        return clear.isAfter(at.since()) ? clear : at.since();
    }

    private List<Reach> exposures(Map<Node, Reach> descends, LocalDate day, LocalDate until) {
        List<Reach> seeds = new ArrayList<>();
        Map<Node, LocalDate> suspect = new HashMap<>();
        descends.values().forEach(r -> suspect.put(r.node(), suspectSince(r, day)));
        for (Reach at : descends.values()) {
            if (at.node().kind() == Node.Kind.PLANT) {
                lineage.in(at.node()).stream()
                        .filter(link -> link.from().kind() == Node.Kind.GRAFT)
                        .filter(link -> !descends.containsKey(link.from()))
                        .filter(link -> !link.on().isAfter(until))
                        .forEach(link -> seeds.add(new Reach(
                                link.from(), later(link.on(), Known.in(suspect, at.node())), at.node(), false)));
            }
        }
        blades.stream()
                .map(events -> events.stream()
                        .filter(event -> !event.day().isAfter(until))
                        .toList())
                .forEach(events -> seeds.addAll(carried(events, descends, suspect)));
        return seeds;
    }

    private static LocalDate later(LocalDate a, LocalDate b) {
        return a.isAfter(b) ? a : b;
    }

    private static List<Reach> carried(
            List<BladeEvent> events, Map<Node, Reach> descends, Map<Node, LocalDate> suspect) {
        List<Reach> seeds = new ArrayList<>();
        Optional<Node> soiledBy = Optional.empty();
        for (BladeEvent event : events) {
            if (event.made().isEmpty()) {
                soiledBy = Optional.empty();
                continue;
            }
            Node made = event.made().get();
            Optional<Node> soiling = soils(event, made, descends, suspect);
            if (soiling.isPresent()) {
                soiledBy = soiling;
            } else if (soiledBy.isPresent()) {
                Node by = soiledBy.get();
                seeds.add(new Reach(made, event.day(), by, true));
                event.touched().ifPresent(plant -> seeds.add(new Reach(plant, event.day(), by, true)));
            }
        }
        return seeds;
    }

    // A cut soils the blade where what it made descends, or where it went into a plant already suspect.
    private static Optional<Node> soils(
            BladeEvent event, Node made, Map<Node, Reach> descends, Map<Node, LocalDate> suspect) {
        if (descends.containsKey(made)) {
            return Optional.of(made);
        }
        return event.touched()
                .filter(descends::containsKey)
                .filter(plant -> !event.day().isBefore(suspect.get(plant)));
    }
}
