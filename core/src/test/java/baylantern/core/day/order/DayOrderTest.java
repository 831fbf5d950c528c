package baylantern.core.day.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Orders are weighed against every order there is (brute force over permutations, written here); tolerance 1e-9 minutes. */
class DayOrderTest {

    private static final OrderCost COST = new OrderCost(2, 3);

    private static Block block(String lot, String host, int place, double work) {
        return new Block(
                lot + host, new Block.Wood(lot.substring(0, 1), lot, false, 0), new Block.Where(host, place), work);
    }

    private static List<Block> farm(long seed, int blocks) {
        Random luck = new Random(seed);
        List<Block> all = new ArrayList<>();
        for (int i = 0; i < blocks; i++) {
            int lot = luck.nextInt(5);
            int place = luck.nextInt(6);
            all.add(new Block(
                    "b" + i,
                    new Block.Wood("v" + lot / 2, "l" + lot, luck.nextInt(6) == 0, luck.nextInt(3) * 0.02),
                    new Block.Where(place + "/" + luck.nextInt(2), place),
                    5 + luck.nextInt(90)));
        }
        return all;
    }

    private static double bestOfAll(List<Block> blocks, List<Block> sofar) {
        if (blocks.isEmpty()) {
            return COST.of(sofar).minutes();
        }
        double best = Double.POSITIVE_INFINITY;
        for (Block next : blocks) {
            List<Block> rest = new ArrayList<>(blocks);
            rest.remove(next);
            if (next.wood().suspect() && rest.stream().anyMatch(b -> !b.wood().suspect())) {
                continue;
            }
            List<Block> with = new ArrayList<>(sofar);
            with.add(next);
            best = Math.min(best, bestOfAll(rest, with));
        }
        return best;
    }

    @Property(tries = 60)
    void upToSevenBlocksNoOrderIsCheaper(@ForAll long seed, @ForAll @IntRange(min = 1, max = 7) int blocks) {
        List<Block> all = farm(seed, blocks);
        List<Block> best = new DayOrder(COST).best(all);
        assertThat(best).containsExactlyInAnyOrderElementsOf(all);
        assertThat(COST.of(best).minutes()).isCloseTo(bestOfAll(all, List.of()), within(1e-9));
    }

    @Test
    void nineBlocksToo() {
        for (long seed = 1; seed <= 2; seed++) {
            List<Block> all = farm(seed, 9);
            assertThat(COST.of(new DayOrder(COST).best(all)).minutes())
                    .isCloseTo(bestOfAll(all, List.of()), within(1e-9));
        }
    }

    /** The same 300 days each time; what is beyond twelve blocks is looked for as these are. */
    @Test
    void theSearchForManyIsNearlyAlwaysWithinATwentiethOfTheBest() {
        int over = 0;
        for (long seed = 1; seed <= 300; seed++) {
            List<Block> all = farm(seed, 8 + (int) (seed % 4));
            double best = COST.of(new DayOrder(COST).best(all)).minutes();
            double found = COST.of(new NearOrder(COST).order(all)).minutes();
            assertThat(found).isBetween(best - 1e-9, 1.2 * best);
            over += found > 1.05 * best ? 1 : 0;
        }
        assertThat(over).isLessThanOrEqualTo(3);
    }

    @Property(tries = 20)
    void itIsNeverDearerThanAsWrittenNorPutsSuspectWoodBeforeOther(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 40) int blocks) {
        List<Block> all = farm(seed, blocks);
        List<Block> best = new DayOrder(COST).best(all);
        assertThat(COST.of(best).minutes())
                .isLessThanOrEqualTo(COST.of(DayOrder.suspectLast(all)).minutes() + 1e-9);
        assertThat(best).isEqualTo(DayOrder.suspectLast(best)).containsExactlyInAnyOrderElementsOf(all);
    }

    @Test
    void oneLotStaysTogetherAndOnePlaceIsWalkedOnce() {
        List<Block> order = new DayOrder(COST)
                .best(List.of(
                        block("A1", "far", 4, 10),
                        block("B1", "near", 1, 10),
                        block("A1", "near", 1, 10),
                        block("B1", "far", 4, 10)));
        OrderCost.Cost cost = COST.of(order);
        assertThat(cost.walkMinutes()).isEqualTo(9);
        assertThat(cost.cleanings()).isEqualTo(4);
        assertThat(order)
                .extracting(b -> b.where().host())
                .isIn(List.of("near", "near", "far", "far"), List.of("far", "far", "near", "near"));
    }

    @Test
    void theWoodThatLosesMostGoesFirstWhereNothingElseDiffers() {
        List<Block> blocks = new ArrayList<>();
        for (double loss : new double[] {0.001, 0.03, 0.01}) {
            blocks.add(new Block(
                    "" + loss, new Block.Wood("v", "l" + loss, false, loss), new Block.Where("bench", 1), 60));
        }
        assertThat(new DayOrder(COST).best(blocks)).extracting(Block::key).containsExactly("0.03", "0.01", "0.001");
        Collections.reverse(blocks);
        List<Block> slow =
                blocks.stream().sorted(Comparator.comparing(Block::key)).toList();
        // 60 minutes wait one hour: 1 % of them lost; the last wait two hours: 3 % twice.
        assertThat(COST.of(slow).lostMinutes()).isCloseTo(60 * (0.01 + 2 * 0.03), within(1e-9));
    }

    @Test
    void whatCannotBeReckonedIsRefused() {
        assertThatThrownBy(() -> new Block.Wood("v", "l", false, 1.2)).hasMessage("1.2 lost an hour: 0 to 1 is wanted");
        assertThatThrownBy(() -> block("A1", "x", 1, Double.NaN)).hasMessageContaining("0 or more are wanted");
        assertThat(new DayOrder(COST).best(List.of())).isEmpty();
    }
}
