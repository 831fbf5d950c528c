package baylantern.core.drawings;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.day.crew.Crew;
import baylantern.core.day.crew.Flow;
import baylantern.core.day.crew.Hand;
import baylantern.core.day.crew.Pause;
import baylantern.core.day.crew.Role;
import baylantern.core.day.crew.Span;
import baylantern.core.day.crew.Stint;
import baylantern.core.day.order.Block;
import baylantern.core.day.order.DayOrder;
import baylantern.core.day.order.OrderCost;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The drawings of a graft day's models; run with LANTERN_DRAW=1 to draw them anew. */
class DayDrawingsTest {

    private static final String SEA = "#0f5257";
    private static final String LAMP = "#f0a202";
    private static final String LEAF = "#2d6a3e";

    private static void keep(String name, String svg) throws IOException {
        Path file = Path.of("../docs/models/drawings", name + ".svg");
        if ("1".equals(System.getenv("LANTERN_DRAW"))) {
            Files.writeString(file, svg);
        }
        assertThat(Files.readString(file)).isEqualTo(svg);
    }

    private static List<Block> day(int seed) {
        Random luck = new Random(seed);
        List<Block> blocks = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            int lot = luck.nextInt(4);
            int place = luck.nextInt(5);
            blocks.add(new Block(
                    "" + i,
                    new Block.Wood("v" + lot / 2, "l" + lot, false, 0.002 * luck.nextInt(4)),
                    new Block.Where("p" + place, place),
                    20 + luck.nextInt(40)));
        }
        return blocks;
    }

    @Test
    void whatAnOrderCostsAsWrittenAndAtBest() throws IOException {
        OrderCost cost = new OrderCost(2, 3);
        Sheet sheet = new Sheet(-0.5, 7.5, 0, 90)
                .upTick(0, "0")
                .upTick(30, "30 min")
                .upTick(60, "60")
                .upTick(90, "90");
        for (int seed = 0; seed < 8; seed++) {
            List<Block> written = day(seed);
            sheet.box(seed - 0.35, seed, 0, cost.of(written).minutes(), LAMP, 0.5);
            sheet.box(
                    seed,
                    seed + 0.35,
                    0,
                    cost.of(new DayOrder(cost).best(written)).minutes(),
                    SEA,
                    0.6);
            sheet.acrossTick(seed, "day " + (seed + 1));
        }
        keep(
                "order",
                sheet.svg(
                        "Minutes of cleaning, walking and lost wood of eight days of nine blocks: as written, and the best order"));
    }

    @Test
    void aDayOfTwoWhoCutAndOneWhoWraps() throws IOException {
        List<Hand> hands = List.of(
                new Hand("cuts", Role.CUT, 0, 0.9),
                new Hand("cuts too, from 8:20", Role.CUT, 20, 1.2),
                new Hand("wraps", Role.WRAP, 0, 1));
        List<Stint> stints = List.of(
                new Stint("a", 12, new Stint.Seconds(25, 150, 60, 15), 2, 0),
                new Stint("b", 16, new Stint.Seconds(25, 70, 45, 15), 2, 6));
        Flow flow = new Crew(hands, List.of(new Pause(45, 55)), 2).usual(stints);
        Sheet sheet = new Sheet(0, 70, 0, 3);
        for (int hour = 0; hour <= 60; hour += 20) {
            sheet.acrossTick(hour, hour == 0 ? "8:00" : hour == 60 ? "9:00" : "8:" + hour);
        }
        for (int i = 0; i < 3; i++) {
            double low = 2 - i;
            for (Span span : flow.lanes().get(i).spans()) {
                String colour = span.doing() == Span.Doing.WORK ? (span.block().equals("a") ? SEA : LEAF) : LAMP;
                boolean drawn = span.doing() == Span.Doing.WORK || span.doing() == Span.Doing.CLEAN;
                if (drawn) {
                    sheet.box(span.from(), span.until(), low + 0.15, low + 0.65, colour, 0.55);
                }
            }
            sheet.words(1, low + 0.75, hands.get(i).name());
        }
        keep("pace", sheet.svg("Two who cut and one who wraps: twelve clefts, a way, sixteen buds, with a pause"));
    }
}
