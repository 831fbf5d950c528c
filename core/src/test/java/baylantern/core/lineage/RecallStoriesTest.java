package baylantern.core.lineage;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.lineage.HealthTest.Result;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Recalls a grower could tell from memory, each with the trap in it. */
class RecallStoriesTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private static LocalDate ago(int days) {
        return TODAY.minusDays(days);
    }

    private static List<Node> held(List<Link> links, Map<Node, List<HealthTest>> tests, Node tested) {
        return new Recall(Lineage.of(links), tests, List.of())
                .of(tested, TODAY).stream().map(Recall.Held::node).toList();
    }

    private static HealthTest clear(int daysAgo) {
        return new HealthTest(ago(daysAgo), Result.CLEAR, 365);
    }

    @Test
    void aNurseryThatTestsPositiveReachesEveryLotThatCameSinceItWasClear() {
        Node nursery = Node.source(1);
        List<Link> links = List.of(
                new Link(nursery, Node.lot(1), ago(300)),
                new Link(nursery, Node.lot(2), ago(20)),
                new Link(Node.source(2), Node.lot(3), ago(20)));
        assertThat(held(links, Map.of(nursery, List.of(clear(100))), nursery)).containsExactly(nursery, Node.lot(2));
        assertThat(held(links, Map.of(), nursery)).containsExactly(nursery, Node.lot(1), Node.lot(2));
    }

    @Test
    void aMotherRaisedFromSuspectWoodIsHeldAndItsOwnClearTestSparesWhatItGaveBefore() {
        List<Link> links = List.of(
                new Link(Node.plant(1), Node.lot(1), ago(400)),
                new Link(Node.lot(1), Node.plant(2), ago(390)),
                new Link(Node.plant(2), Node.lot(2), ago(200)),
                new Link(Node.plant(2), Node.lot(3), ago(30)));
        assertThat(held(links, Map.of(Node.plant(2), List.of(clear(100))), Node.plant(1)))
                .containsExactlyInAnyOrder(Node.plant(1), Node.lot(1), Node.plant(2), Node.lot(3));
    }

    @Test
    void woodTakenFromAStockBeforeItWasGraftedIsFree() {
        List<Link> links = List.of(
                new Link(Node.plant(1), Node.lot(1), ago(50)),
                new Link(Node.lot(1), Node.graft(1), ago(49)),
                new Link(Node.graft(1), Node.plant(2), ago(49)),
                new Link(Node.plant(2), Node.lot(2), ago(60)),
                new Link(Node.plant(2), Node.lot(3), ago(49)));
        assertThat(held(links, Map.of(), Node.plant(1))).contains(Node.lot(3)).doesNotContain(Node.lot(2));
    }

    @Test
    void aTreesOwnWoodGraftedBackOntoItDoesNotGoRoundForEver() {
        List<Link> links = List.of(
                new Link(Node.plant(1), Node.lot(1), ago(10)),
                new Link(Node.lot(1), Node.graft(1), ago(9)),
                new Link(Node.graft(1), Node.plant(1), ago(9)),
                new Link(Node.plant(1), Node.plant(1), ago(9)));
        assertThat(held(links, Map.of(), Node.plant(1))).containsExactly(Node.plant(1), Node.lot(1), Node.graft(1));
        assertThat(held(links, Map.of(), Node.plant(7))).containsExactly(Node.plant(7));
    }

    @Test
    void aTestAfterTheRecallDoesNotSpareWhatLeftBeforeIt() {
        Node plant = Node.plant(1);
        List<Link> links = List.of(new Link(plant, Node.lot(1), ago(20)));
        Recall recall = new Recall(Lineage.of(links), Map.of(plant, List.of(clear(5))), List.of());
        assertThat(recall.of(plant, ago(10))).extracting(Recall.Held::node).contains(Node.lot(1));
        assertThat(recall.of(plant, TODAY)).extracting(Recall.Held::node).doesNotContain(Node.lot(1));
    }

    private static List<Node> exposed(BladeEvent... events) {
        List<Link> links = List.of(
                new Link(Node.plant(1), Node.lot(1), ago(9)),
                new Link(Node.lot(1), Node.graft(1), ago(8)),
                new Link(Node.graft(1), Node.plant(5), ago(8)),
                new Link(Node.plant(2), Node.lot(2), ago(8)));
        return new Recall(Lineage.of(links), Map.of(), List.of(List.of(events)))
                .of(Node.plant(1), TODAY).stream()
                        .filter(h -> h.why() == Recall.Why.EXPOSED)
                        .map(Recall.Held::node)
                        .toList();
    }

    private static BladeEvent cut(Node made, long plant, int daysAgo) {
        return BladeEvent.cut(3, ago(daysAgo), made, Optional.of(Node.plant(plant)));
    }

    @Test
    void aBladeSoiledByGraftingSuspectWoodSoilsTheNextTreeTooDaysLater() {
        assertThat(exposed(cut(Node.graft(1), 5, 8), cut(Node.lot(2), 2, 3)))
                .containsExactlyInAnyOrder(Node.lot(2), Node.plant(2));
        assertThat(exposed(cut(Node.graft(1), 5, 8), BladeEvent.cleaned(3, ago(8)), cut(Node.lot(2), 2, 3)))
                .isEmpty();
        assertThat(exposed(cut(Node.lot(2), 2, 8), cut(Node.graft(1), 5, 8))).isEmpty();
    }

    @Test
    void cuttingIntoAStockThatCarriesSuspectWoodSoilsTheBladeButNotBeforeItCarriedIt() {
        Node onStock = Node.graft(9);
        assertThat(exposed(cut(onStock, 5, 4), cut(Node.lot(2), 2, 3))).contains(Node.lot(2), Node.plant(2));
        assertThat(exposed(cut(onStock, 5, 20), cut(Node.lot(2), 2, 3))).isEmpty();
    }

    @Test
    void eachHeldThingNamesWhatItWasReachedFromAndTheFirstDayItCouldBe() {
        List<Link> links = new ArrayList<>(List.of(
                new Link(Node.plant(1), Node.lot(1), ago(30)),
                new Link(Node.plant(1), Node.lot(2), ago(20)),
                new Link(Node.lot(2), Node.graft(2), ago(5)),
                new Link(Node.lot(1), Node.graft(1), ago(10)),
                new Link(Node.graft(1), Node.plant(2), ago(10)),
                new Link(Node.graft(2), Node.plant(2), ago(5))));
        List<Recall.Held> held = new Recall(Lineage.of(links), Map.of(), List.of()).of(Node.plant(1), TODAY);
        Recall.Held stock = held.stream()
                .filter(h -> h.node().equals(Node.plant(2)))
                .findFirst()
                .orElseThrow();
        assertThat(stock.since()).isEqualTo(ago(10));
        assertThat(stock.by()).isEqualTo(Node.graft(1));
        assertThat(held.get(0).why()).isEqualTo(Recall.Why.TESTED);
        assertThat(held.get(0).by()).isEqualTo(Node.plant(1));
    }
}
