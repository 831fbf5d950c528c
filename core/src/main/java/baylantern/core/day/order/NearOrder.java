package baylantern.core.day.order;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jgrapht.alg.tour.TwoOptHeuristicTSP;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;

/**
 * A good order of many blocks: the shortest round found by exchanging two of its ways (Croes 1958, as JGraphT has it)
 * through all blocks and the shed, opened at the shed; beside it the order as written, and the one that takes the wood
 * first that loses most, and from several blocks always on to what costs least next. Each is then bettered by moving runs of one to three blocks, also turned about, as long as that
 * makes the whole cheaper (Or 1976); the cheapest is taken.
 */
final class NearOrder {

    private static final int PASSES = 4;
    private static final int NEAREST = 12;
    private static final long SEED = 20260516;
    private static final int LONGEST_RUN = 3;
    private static final int SHED = -1;
    private static final double NOTHING = 1e-9;

    private final OrderCost cost;

    NearOrder(OrderCost cost) {
        this.cost = cost;
    }

    List<Block> order(List<Block> blocks) {
        List<Block> hasty = blocks.stream()
                .sorted(Comparator.comparingDouble(
                        (Block block) -> -block.wood().lossPerHour()))
                .toList();
        Stream<List<Block>> near = IntStream.range(0, Math.min(NEAREST, blocks.size()))
                .mapToObj(i -> nearest(blocks, i * blocks.size() / Math.min(NEAREST, blocks.size())));
        return Stream.concat(Stream.of(blocks, hasty, tour(blocks)), near)
                .map(DayOrder::suspectLast)
                .map(this::bettered)
                .min(Comparator.comparingDouble(order -> cost.of(order).minutes()))
                .orElseThrow();
    }

    // From one block always on to what costs least next.
    private List<Block> nearest(List<Block> blocks, int first) {
        List<Block> left = new ArrayList<>(blocks);
        List<Block> order = new ArrayList<>(List.of(left.remove(first)));
        double[] work = {order.get(0).workMinutes()};
        while (!left.isEmpty()) {
            Block last = order.get(order.size() - 1);
            Block next = left.stream()
                    .min(Comparator.comparingDouble(block -> cost.between(last, block) - cost.lost(block, work[0])))
                    .orElseThrow();
            left.remove(next);
            order.add(next);
            work[0] += next.workMinutes();
        }
        return order;
    }

    private List<Block> tour(List<Block> blocks) {
        SimpleWeightedGraph<Integer, DefaultWeightedEdge> ways = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        ways.addVertex(SHED);
        for (int i = 0; i < blocks.size(); i++) {
            ways.addVertex(i);
            ways.setEdgeWeight(ways.addEdge(SHED, i), 0);
            for (int j = 0; j < i; j++) {
                ways.setEdgeWeight(ways.addEdge(i, j), cost.between(blocks.get(i), blocks.get(j)));
            }
        }
        List<Integer> round = new ArrayList<>(new TwoOptHeuristicTSP<Integer, DefaultWeightedEdge>(PASSES, SEED)
                .getTour(ways)
                .getVertexList());
        round.remove(round.size() - 1);
        Collections.rotate(round, -round.indexOf(SHED));
        return round.stream().skip(1).map(blocks::get).toList();
    }

    private List<Block> bettered(List<Block> start) {
        Prices prices = Prices.of(start, cost);
        int[] order = IntStream.range(0, start.size()).toArray();
        double price = prices.of(order);
        for (boolean better = true; better; ) {
            better = false;
            for (Move move : moves(order.length)) {
                int[] other = move.made(order);
                double its = prices.of(other);
                if (its < price - NOTHING) {
                    order = other;
                    price = its;
                    better = true;
                }
            }
        }
        return Arrays.stream(order).mapToObj(start::get).toList();
    }

    private static List<Move> moves(int blocks) {
        List<Move> moves = new ArrayList<>();
        for (int length = 1; length <= Math.min(LONGEST_RUN, blocks - 1); length++) {
            for (int from = 0; from + length <= blocks; from++) {
                for (int to = 0; to + length <= blocks; to++) {
                    moves.add(new Move(from, length, to, Way.AS_IT_WAS));
                    if (length > 1) {
                        moves.add(new Move(from, length, to, Way.TURNED));
                    }
                }
            }
        }
        return moves;
    }

    private enum Way {
        AS_IT_WAS,
        TURNED
    }

    /** A run of blocks put elsewhere. */
    private record Move(int from, int length, int to, Way way) {

        int[] made(int[] order) {
            int[] other = new int[order.length];
            int[] rest = IntStream.range(0, order.length)
                    .filter(i -> i < from || i >= from + length)
                    .map(i -> order[i])
                    .toArray();
            System.arraycopy(rest, 0, other, 0, to);
            for (int i = 0; i < length; i++) {
                other[to + i] = order[from + (way == Way.TURNED ? length - 1 - i : i)];
            }
            System.arraycopy(rest, to, other, to + length, rest.length - to);
            return other;
        }
    }

    /** The prices of steps, reckoned once; an order with suspect wood before other has none. */
    private record Prices(double[][] between, double[] work, double[] loss, boolean[] suspect) {

        static Prices of(List<Block> blocks, OrderCost cost) {
            int n = blocks.size();
            Prices prices = new Prices(new double[n][n], new double[n], new double[n], new boolean[n]);
            for (int i = 0; i < n; i++) {
                Block block = blocks.get(i);
                prices.work[i] = block.workMinutes();
                prices.loss[i] = block.wood().lossPerHour();
                prices.suspect[i] = block.wood().suspect();
                for (int j = 0; j < n; j++) {
                    prices.between[i][j] = cost.between(block, blocks.get(j));
                }
            }
            return prices;
        }

        double of(int[] order) {
            double price = 0;
            double before = 0;
            for (int i = 0; i < order.length; i++) {
                if (i > 0) {
                    if (suspect[order[i - 1]] && !suspect[order[i]]) {
                        return Double.POSITIVE_INFINITY;
                    }
                    price += between[order[i - 1]][order[i]];
                }
                price += OrderCost.lost(work[order[i]], loss[order[i]], before);
                before += work[order[i]];
            }
            return price;
        }
    }
}
