package baylantern.core.lineage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.core.lineage.Health.Standing;
import baylantern.core.lineage.HealthTest.Result;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LineageTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    private static final List<Link> LINKS = List.of(
            new Link(Node.source(1), Node.plant(1), DAY.minusDays(900)),
            new Link(Node.plant(1), Node.lot(1), DAY.minusDays(30)),
            new Link(Node.lot(1), Node.graft(1), DAY.minusDays(29)),
            new Link(Node.graft(1), Node.plant(2), DAY.minusDays(29)),
            new Link(Node.plant(2), Node.lot(2), DAY.minusDays(3)));

    @Test
    void aCircleIsToldWithItsPath() {
        Lineage lineage = Lineage.of(LINKS);
        assertThat(lineage.circle(Node.lot(2), Node.plant(1)).orElseThrow())
                .containsExactly(Node.plant(1), Node.lot(1), Node.graft(1), Node.plant(2), Node.lot(2));
        assertThat(lineage.circle(Node.plant(1), Node.plant(1))).isPresent();
        assertThat(lineage.circle(Node.plant(1), Node.plant(9))).isEmpty();
        assertThat(lineage.circle(Node.source(1), Node.plant(2))).isEmpty();
    }

    @Test
    void theWayToTheCleanSourceIsTheNearestOne() {
        Lineage lineage = Lineage.of(LINKS);
        assertThat(lineage.fromNearest(Node.graft(1), n -> n.kind() == Node.Kind.SOURCE)
                        .orElseThrow())
                .containsExactly(Node.source(1), Node.plant(1), Node.lot(1), Node.graft(1));
        assertThat(lineage.fromNearest(Node.graft(1), n -> n.kind() == Node.Kind.PLANT)
                        .orElseThrow())
                .startsWith(Node.plant(1));
        assertThat(lineage.fromNearest(Node.source(1), n -> true)).isEmpty();
        assertThat(lineage.descendants(Node.plant(1))).isEqualTo(4);
        assertThat(lineage.forebears(Node.lot(2))).isEqualTo(5);
    }

    @Test
    void whatCannotBeDrawnIsStackedAndNothingIsLost() {
        List<Link> links = new ArrayList<>(LINKS);
        // All of them older than the lot that stands there already, which is therefore drawn.
        for (int i = 40; i < 90; i++) {
            links.add(new Link(Node.plant(1), Node.lot(i), DAY.minusDays(i)));
        }
        Surroundings found = Surroundings.of(Lineage.of(links), Node.plant(1), 2, 1, 8);
        assertThat(found.cards()).hasSize(1 + 1 + 7);
        assertThat(found.stacks()).singleElement().satisfies(stack -> {
            assertThat(stack.nodes()).hasSize(44);
            assertThat(stack.at()).isEqualTo(Node.plant(1));
            assertThat(stack.column()).isEqualTo(1);
        });
        assertThat(found.cards())
                .filteredOn(c -> c.node().equals(Node.lot(1)))
                .isNotEmpty()
                .allMatch(c -> c.more() == 1 && c.column() == 1);
        assertThat(found.links()).hasSize(8);
    }

    private static HealthBook book(List<Link> links, Map<Node, List<HealthTest>> tests, Map<Node, LocalDate> left) {
        return new HealthBook(DAY, Lineage.of(links), tests, left, Node::key, 30);
    }

    private static HealthTest clear(int daysAgo) {
        return new HealthTest(DAY.minusDays(daysAgo), Result.CLEAR, 365);
    }

    @Test
    void aPlantIsCleanThenDueThenLapsedAndOutOfTheHouseDueAtOnce() {
        for (var wanted : Map.of(100, Standing.CLEAN, 340, Standing.DUE, 400, Standing.LAPSED)
                .entrySet()) {
            HealthBook book = book(List.of(), Map.of(Node.plant(1), List.of(clear(wanted.getKey()))), Map.of());
            assertThat(book.own(Node.plant(1), DAY).standing()).isEqualTo(wanted.getValue());
        }
        HealthBook out =
                book(List.of(), Map.of(Node.plant(1), List.of(clear(100))), Map.of(Node.plant(1), DAY.minusDays(50)));
        assertThat(out.own(Node.plant(1), DAY).standing()).isEqualTo(Standing.DUE);
        assertThat(out.own(Node.plant(1), DAY).reason()).contains("insect-proof house");
        assertThat(book(List.of(), Map.of(), Map.of()).own(Node.plant(3), DAY).standing())
                .isEqualTo(Standing.UNTESTED);
    }

    @Test
    void theWorstOfItselfAndItsSourcesCounts() {
        Map<Node, List<HealthTest>> tests = Map.of(
                Node.source(1), List.of(clear(950)),
                Node.plant(1), List.of(clear(100), new HealthTest(DAY.minusDays(10), Result.SUSPECT, 0)),
                Node.plant(2), List.of(clear(5)));
        HealthBook book = book(LINKS, tests, Map.of());
        assertThat(book.health(Node.plant(1)).standing()).isEqualTo(Standing.SUSPECT);
        assertThat(book.health(Node.lot(1)).standing()).isEqualTo(Standing.SUSPECT);
        assertThat(book.health(Node.lot(1)).reason()).contains("PLANT-1 tested suspect");
        assertThat(book.health(Node.plant(2)).standing()).isEqualTo(Standing.SUSPECT);
    }

    @Test
    void woodThatLeftBeforeTheClearTestIsNotBlamed() {
        Map<Node, List<HealthTest>> tests = Map.of(
                Node.source(1), List.of(clear(950)),
                Node.plant(1), List.of(clear(25), new HealthTest(DAY.minusDays(10), Result.POSITIVE, 0)));
        assertThat(book(LINKS, tests, Map.of()).health(Node.lot(1)).standing()).isEqualTo(Standing.CLEAN);
    }

    @Test
    void aTestThatLapsedAfterTheWoodLeftSaysNothingAboutIt() {
        Map<Node, List<HealthTest>> tests =
                Map.of(Node.source(1), List.of(clear(950)), Node.plant(1), List.of(clear(60)));
        HealthBook book = book(LINKS, tests, Map.of());
        assertThat(book.health(Node.source(1)).standing()).isEqualTo(Standing.LAPSED);
        assertThat(book.health(Node.plant(1)).standing()).isEqualTo(Standing.CLEAN);
    }

    @Test
    void shortNamesAreReadBack() {
        assertThat(Node.parse(Node.graft(7).key())).isEqualTo(Node.graft(7));
        assertThatThrownBy(() -> Node.parse("cow")).hasMessageContaining("PLANT-12");
    }
}
