package baylantern.core.lineage;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.lineage.HealthTest.Result;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class RecallTest {

    private static final LocalDate START = LocalDate.of(2025, 1, 1);
    private static final LocalDate TODAY = START.plusDays(500);

    private static LocalDate day(int n) {
        return START.plusDays(n);
    }

    private static Set<Node> nodes(List<Recall.Held> held, Recall.Why why) {
        Set<Node> nodes = new HashSet<>();
        held.stream().filter(h -> h.why() == why).forEach(h -> nodes.add(h.node()));
        return nodes;
    }

    /** A mother, two lots before and after its clear test, their grafts, and a lot cut from a grafted tree. */
    @Test
    void nothingCutBeforeTheLastClearTestIsListedAndLaterLotsAre() {
        List<Link> links = List.of(
                new Link(Node.plant(1), Node.lot(1), day(5)),
                new Link(Node.plant(1), Node.lot(2), day(20)),
                new Link(Node.lot(1), Node.graft(1), day(6)),
                new Link(Node.lot(2), Node.graft(2), day(21)),
                new Link(Node.graft(2), Node.plant(2), day(21)),
                new Link(Node.plant(2), Node.lot(3), day(10)),
                new Link(Node.plant(2), Node.lot(4), day(200)),
                new Link(Node.graft(9), Node.plant(2), day(15)));
        Map<Node, List<HealthTest>> tests = Map.of(Node.plant(1), List.of(new HealthTest(day(10), Result.CLEAR, 365)));
        List<Recall.Held> held = new Recall(Lineage.of(links), tests, List.of()).of(Node.plant(1), TODAY);
        assertThat(held.get(0).node()).isEqualTo(Node.plant(1));
        assertThat(nodes(held, Recall.Why.DESCENDS))
                .containsExactlyInAnyOrder(Node.lot(2), Node.graft(2), Node.plant(2), Node.lot(4));
        assertThat(nodes(held, Recall.Why.EXPOSED)).containsExactly(Node.graft(9));
        List<Recall.Held> all = new Recall(Lineage.of(links), Map.of(), List.of()).of(Node.plant(1), TODAY);
        assertThat(nodes(all, Recall.Why.DESCENDS)).contains(Node.lot(1), Node.graft(1));
    }

    @Test
    void aBladeCarriesItUntilItIsCleanedAndOnlyOnce() {
        List<Link> links = List.of(
                new Link(Node.plant(1), Node.lot(1), day(5)),
                new Link(Node.plant(2), Node.lot(2), day(5)),
                new Link(Node.plant(3), Node.lot(3), day(6)),
                new Link(Node.lot(2), Node.graft(2), day(8)));
        List<BladeEvent> blade = List.of(
                BladeEvent.cut(7, day(5), Node.lot(1), Optional.of(Node.plant(1))),
                BladeEvent.cut(7, day(5), Node.lot(2), Optional.of(Node.plant(2))),
                BladeEvent.cleaned(7, day(6)),
                BladeEvent.cut(7, day(6), Node.lot(3), Optional.of(Node.plant(3))));
        List<Recall.Held> held = new Recall(Lineage.of(links), Map.of(), List.of(blade)).of(Node.plant(1), TODAY);
        assertThat(nodes(held, Recall.Why.DESCENDS)).containsExactly(Node.lot(1));
        assertThat(nodes(held, Recall.Why.EXPOSED))
                .containsExactlyInAnyOrder(Node.lot(2), Node.plant(2), Node.graft(2));
        assertThat(held)
                .filteredOn(h -> h.node().equals(Node.lot(2)))
                .allMatch(h -> h.blade() && h.by().equals(Node.lot(1)));
    }

    /** A random farm: mothers, lots, grafts on stocks, lots cut from those again, tests and blades. */
    private record Farm(List<Link> links, Map<Node, List<HealthTest>> tests, List<List<BladeEvent>> blades) {

        static Farm grown(long seed) {
            Random random = new Random(seed);
            List<Link> links = new ArrayList<>();
            Map<Node, List<HealthTest>> tests = new HashMap<>();
            Map<Long, List<BladeEvent>> blades = new HashMap<>();
            List<Link> lots = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                LocalDate on = day(i * 10 + random.nextInt(10));
                long blade = random.nextInt(3);
                List<BladeEvent> events = blades.computeIfAbsent(blade, k -> new ArrayList<>());
                if (random.nextInt(3) == 0) {
                    events.add(BladeEvent.cleaned(blade, on));
                } else if (lots.isEmpty() || random.nextBoolean()) {
                    Node plant = Node.plant(random.nextInt(6));
                    Link cut = new Link(plant, Node.lot(i), on);
                    lots.add(cut);
                    links.add(cut);
                    events.add(BladeEvent.cut(blade, on, cut.to(), Optional.of(plant)));
                } else {
                    Node plant = Node.plant(random.nextInt(6));
                    links.add(new Link(lots.get(random.nextInt(lots.size())).to(), Node.graft(i), on));
                    links.add(new Link(Node.graft(i), plant, on));
                    events.add(BladeEvent.cut(blade, on, Node.graft(i), Optional.of(plant)));
                }
                if (random.nextInt(6) == 0) {
                    tests.computeIfAbsent(Node.plant(random.nextInt(6)), k -> new ArrayList<>())
                            .add(new HealthTest(on, Result.CLEAR, 300));
                }
            }
            return new Farm(links, tests, new ArrayList<>(blades.values()));
        }

        LocalDate clear(Node node) {
            return HealthBook.lastClear(tests.getOrDefault(node, List.of()), TODAY)
                    .orElse(LocalDate.MIN);
        }

        // Relaxes every link again and again until nothing changes: slow, plain, and nothing like the walk.
        Map<Node, LocalDate> reached(Map<Node, LocalDate> seeds) {
            Map<Node, LocalDate> since = new HashMap<>(seeds);
            for (boolean changed = true; changed; ) {
                changed = false;
                for (Link link : links) {
                    LocalDate from = since.get(link.from());
                    if (from == null) {
                        continue;
                    }
                    LocalDate suspect = from.isAfter(clear(link.from())) ? from : clear(link.from());
                    LocalDate had = since.get(link.to());
                    if (!link.on().isBefore(suspect)
                            && (had == null || link.on().isBefore(had))) {
                        since.put(link.to(), link.on());
                        changed = true;
                    }
                }
            }
            return since;
        }

        Set<Node> exposed(Map<Node, LocalDate> descends) {
            Map<Node, LocalDate> suspect = new HashMap<>();
            descends.forEach((n, d) -> suspect.put(n, d.isAfter(clear(n)) ? d : clear(n)));
            Map<Node, LocalDate> seeds = new HashMap<>();
            for (Link link : links) {
                boolean stands = link.from().kind() == Node.Kind.GRAFT && descends.containsKey(link.to());
                if (stands) {
                    LocalDate plant = suspect.get(link.to());
                    seeds.merge(link.from(), link.on().isAfter(plant) ? link.on() : plant, Farm::earlier);
                }
            }
            for (List<BladeEvent> events : blades) {
                for (int j = 0; j < events.size(); j++) {
                    if (events.get(j).made().isEmpty() || soils(events.get(j), descends, suspect)) {
                        continue;
                    }
                    for (int i = j - 1; i >= 0 && events.get(i).made().isPresent(); i--) {
                        if (soils(events.get(i), descends, suspect)) {
                            seeds.merge(
                                    events.get(j).made().get(), events.get(j).day(), Farm::earlier);
                            seeds.merge(
                                    events.get(j).touched().orElseThrow(),
                                    events.get(j).day(),
                                    Farm::earlier);
                        }
                    }
                }
            }
            Set<Node> all = new HashSet<>(reached(seeds).keySet());
            all.removeAll(descends.keySet());
            return all;
        }

        private static LocalDate earlier(LocalDate a, LocalDate b) {
            return a.isBefore(b) ? a : b;
        }

        private boolean soils(BladeEvent e, Map<Node, LocalDate> descends, Map<Node, LocalDate> suspect) {
            Node plant = e.touched().orElseThrow();
            return descends.containsKey(e.made().get())
                    || (descends.containsKey(plant) && !e.day().isBefore(suspect.get(plant)));
        }
    }

    @Property(tries = 400)
    void onAnyFarmItEqualsTheSlowWalk(@ForAll long seed) {
        Farm farm = Farm.grown(seed);
        Recall recall = new Recall(Lineage.of(farm.links()), farm.tests(), farm.blades());
        for (int i = 0; i < 6; i++) {
            Node tested = Node.plant(i);
            Map<Node, LocalDate> descends = farm.reached(Map.of(tested, farm.clear(tested)));
            List<Recall.Held> held = recall.of(tested, TODAY);
            Set<Node> expected = new HashSet<>(descends.keySet());
            expected.remove(tested);
            assertThat(nodes(held, Recall.Why.DESCENDS)).isEqualTo(expected);
            assertThat(nodes(held, Recall.Why.EXPOSED)).isEqualTo(farm.exposed(descends));
            assertThat(held).extracting(Recall.Held::node).doesNotHaveDuplicates();
        }
    }

    @Property(tries = 100)
    void nothingThatLeftBeforeItsLastClearTestIsHeldForIt(@ForAll long seed) {
        Farm farm = Farm.grown(seed);
        Node tested = Node.plant(0);
        List<Recall.Held> held = new Recall(Lineage.of(farm.links()), farm.tests(), List.of()).of(tested, TODAY);
        held.stream()
                .filter(h -> h.by().equals(tested) && h.why() == Recall.Why.DESCENDS)
                .forEach(h -> assertThat(h.since()).isAfterOrEqualTo(farm.clear(tested)));
    }

    private static List<List<BladeEvent>> cleanedAfterEachCut(List<List<BladeEvent>> blades) {
        return blades.stream()
                .map(events -> {
                    List<BladeEvent> careful = new ArrayList<>();
                    events.forEach(event -> {
                        careful.add(event);
                        careful.add(BladeEvent.cleaned(event.blade(), event.day()));
                    });
                    return careful;
                })
                .toList();
    }

    private static List<List<BladeEvent>> neverCleaned(List<List<BladeEvent>> blades) {
        return blades.stream()
                .map(events -> events.stream().filter(e -> e.made().isPresent()).toList())
                .toList();
    }

    @Property(tries = 150)
    void aBladeCleanedAfterEachCutCarriesNothingAndOneNeverCleanedCarriesMost(@ForAll long seed) {
        Farm farm = Farm.grown(seed);
        Lineage lineage = Lineage.of(farm.links());
        Node tested = Node.plant(2);
        List<Recall.Held> careful =
                new Recall(lineage, farm.tests(), cleanedAfterEachCut(farm.blades())).of(tested, TODAY);
        List<Recall.Held> usual = new Recall(lineage, farm.tests(), farm.blades()).of(tested, TODAY);
        List<Recall.Held> careless = new Recall(lineage, farm.tests(), neverCleaned(farm.blades())).of(tested, TODAY);
        assertThat(careful).noneMatch(Recall.Held::blade);
        Set<Node> few = new HashSet<>(careful.stream().map(Recall.Held::node).toList());
        Set<Node> some = new HashSet<>(usual.stream().map(Recall.Held::node).toList());
        Set<Node> most = new HashSet<>(careless.stream().map(Recall.Held::node).toList());
        assertThat(some).containsAll(few);
        assertThat(most).containsAll(some);
        assertThat(nodes(careful, Recall.Why.DESCENDS)).isEqualTo(nodes(careless, Recall.Why.DESCENDS));
    }
}
