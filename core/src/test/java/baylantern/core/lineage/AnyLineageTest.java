package baylantern.core.lineage;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.lineage.Health.Standing;
import baylantern.core.lineage.HealthTest.Result;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** What must hold of any parentage. */
class AnyLineageTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);
    private static final int NODES = 14;

    private static List<Link> links(long seed) {
        Random random = new Random(seed);
        List<Link> links = new ArrayList<>();
        for (int i = 0; i < 22; i++) {
            Node from = node(random.nextInt(NODES));
            links.add(new Link(from, node(random.nextInt(NODES)), DAY.minusDays(random.nextInt(900))));
        }
        return links;
    }

    private static Node node(int i) {
        return new Node(Node.Kind.values()[i % 4], i);
    }

    // Which reaches which, by Warshall's closure over a table: nothing like a walk.
    private static boolean[][] reach(List<Link> links) {
        boolean[][] reach = new boolean[NODES][NODES];
        links.stream()
                .filter(l -> !l.from().equals(l.to()))
                .forEach(l -> reach[(int) l.from().id()][(int) l.to().id()] = true);
        for (int k = 0; k < NODES; k++) {
            for (int i = 0; i < NODES; i++) {
                for (int j = 0; j < NODES; j++) {
                    reach[i][j] |= reach[i][k] && reach[k][j];
                }
            }
        }
        return reach;
    }

    @Property(tries = 200)
    void pathsCirclesAndCountsAgreeWithTheClosureHoweverTheLinksAreParted(@ForAll long seed) {
        List<Link> links = links(seed);
        int cut = new Random(seed).nextInt(links.size() + 1);
        Lineage lineage = Lineage.of(links.subList(0, cut)).and(Lineage.of(links.subList(cut, links.size())));
        boolean[][] reach = reach(links);
        for (int i = 0; i < NODES; i++) {
            int down = 0;
            int up = 0;
            for (int j = 0; j < NODES; j++) {
                boolean there =
                        lineage.path(node(i), node(j)).filter(p -> p.size() > 1).isPresent();
                if (i != j) {
                    assertThat(there).isEqualTo(reach[i][j]);
                    assertThat(lineage.circle(node(j), node(i)).isPresent()).isEqualTo(reach[i][j]);
                    down += reach[i][j] ? 1 : 0;
                    up += reach[j][i] ? 1 : 0;
                }
            }
            assertThat(lineage.descendants(node(i))).isEqualTo(down);
            assertThat(lineage.forebears(node(i))).isEqualTo(up);
        }
    }

    @Property(tries = 200)
    void everyStepOfAPathIsALink(@ForAll long seed) {
        List<Link> links = links(seed);
        Lineage lineage = Lineage.of(links);
        lineage.path(node(0), node(5)).ifPresent(path -> {
            for (int i = 1; i < path.size(); i++) {
                Node from = path.get(i - 1);
                Node to = path.get(i);
                assertThat(links).anyMatch(l -> l.from().equals(from) && l.to().equals(to));
            }
        });
    }

    @Property(tries = 200)
    void aDrawingShowsEachOnceAndLosesNobodyNextToTheFocus(@ForAll long seed) {
        Lineage lineage = Lineage.of(links(seed));
        for (int most = 1; most <= 3; most++) {
            Surroundings drawn = Surroundings.of(lineage, node(1), 2, 2, most);
            List<Node> cards =
                    drawn.cards().stream().map(Surroundings.Card::node).toList();
            assertThat(cards).doesNotHaveDuplicates().contains(node(1));
            assertThat(drawn.links()).allMatch(l -> cards.contains(l.from()) && cards.contains(l.to()));
            Set<Node> told = new HashSet<>(cards);
            drawn.stacks().forEach(s -> told.addAll(s.nodes()));
            lineage.out(node(1)).forEach(l -> assertThat(told).contains(l.to()));
            lineage.in(node(1)).forEach(l -> assertThat(told).contains(l.from()));
            assertThat(drawn.cards()).allMatch(c -> c.more() >= 0 && Math.abs(c.column()) <= 2);
        }
    }

    private static Map<Node, List<HealthTest>> tests(long seed) {
        Random random = new Random(seed + 1);
        Map<Node, List<HealthTest>> tests = new HashMap<>();
        for (int i = 0; i < 12; i++) {
            int which = random.nextInt(NODES);
            Node node = node(which - which % 4 + random.nextInt(2));
            Result result = random.nextInt(6) == 0 ? Result.SUSPECT : Result.CLEAR;
            tests.computeIfAbsent(node, k -> new ArrayList<>())
                    .add(new HealthTest(DAY.minusDays(random.nextInt(700)), result, 365));
        }
        return tests;
    }

    /** The worst of itself and its sources: nothing tested stands better than its own tests say. */
    @Property(tries = 200)
    void nobodyStandsBetterThanItsOwnTests(@ForAll long seed) {
        Map<Node, List<HealthTest>> tests = tests(seed);
        HealthBook book = new HealthBook(DAY, Lineage.of(links(seed)), tests, Map.of(), Node::key, 30);
        for (int i = 0; i < NODES; i++) {
            Node node = node(i);
            if (node.kind() == Node.Kind.PLANT || node.kind() == Node.Kind.SOURCE) {
                Standing own = book.own(node, DAY).standing();
                assertThat(book.health(node).standing()).isGreaterThanOrEqualTo(own);
            }
            assertThat(book.health(node).reason()).isNotBlank();
        }
    }

    /** What a recall holds because it descends, its standing also stops, unless a clear test of its own stands between. */
    @Property(tries = 200)
    void whatDescendsFromASuspectIsNotShownAsClean(@ForAll long seed) {
        List<Link> links = links(seed);
        Map<Node, List<HealthTest>> tests = new HashMap<>();
        Node sick = node(1);
        tests.put(sick, List.of(new HealthTest(DAY, Result.POSITIVE, 0)));
        HealthBook book = new HealthBook(DAY, Lineage.of(links), tests, Map.of(), Node::key, 30);
        assertThat(book.own(sick, DAY).standing()).isEqualTo(Standing.POSITIVE);
        Lineage.of(links).out(sick).stream()
                .filter(l -> l.to().kind() == Node.Kind.LOT)
                .forEach(l -> assertThat(book.health(l.to()).standing()).isEqualTo(Standing.POSITIVE));
    }

    @Test
    void aClearTestAfterASuspectOneClearsItAgain() {
        Node plant = Node.plant(1);
        List<HealthTest> tests = new ArrayList<>(List.of(new HealthTest(DAY.minusDays(30), Result.SUSPECT, 0)));
        HealthBook book = new HealthBook(DAY, Lineage.of(List.of()), Map.of(plant, tests), Map.of(), Node::key, 30);
        assertThat(book.own(plant, DAY).standing()).isEqualTo(Standing.SUSPECT);
        assertThat(book.own(plant, DAY.minusDays(31)).standing()).isEqualTo(Standing.UNTESTED);
        tests.add(new HealthTest(DAY.minusDays(2), Result.CLEAR, 365));
        assertThat(book.own(plant, DAY).standing()).isEqualTo(Standing.CLEAN);
        // On one day the worse result counts: a laboratory that says both is not believed.
        tests.add(new HealthTest(DAY.minusDays(2), Result.POSITIVE, 0));
        assertThat(book.own(plant, DAY).standing()).isEqualTo(Standing.POSITIVE);
        assertThat(Standing.POSITIVE.stops()).isTrue();
        assertThat(Standing.LAPSED.stops()).isFalse();
    }

    @Test
    void aStockIsNotCalledUntestedForTheGraftItCarries() {
        List<Link> links = List.of(
                new Link(Node.plant(1), Node.lot(1), DAY.minusDays(9)),
                new Link(Node.lot(1), Node.graft(1), DAY.minusDays(8)),
                new Link(Node.graft(1), Node.plant(2), DAY.minusDays(8)));
        Map<Node, List<HealthTest>> tests =
                Map.of(Node.plant(2), List.of(new HealthTest(DAY.minusDays(3), Result.CLEAR, 365)));
        HealthBook book = new HealthBook(DAY, Lineage.of(links), tests, Map.of(), Node::key, 30);
        assertThat(book.health(Node.plant(2)).standing()).isEqualTo(Standing.CLEAN);
        assertThat(book.health(Node.graft(1)).standing()).isEqualTo(Standing.UNTESTED);
    }
}
