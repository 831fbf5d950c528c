package baylantern.core.day.order;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The cheapest order of blocks. Suspect wood comes after all other. Up to {@value #EXACT} blocks every order is weighed, by
 * dynamic programming over what was already made (Held and Karp 1962, with the loss of waiting wood added: what waited is
 * known from the set made, not from its order). Beyond that {@link NearOrder} looks for a good one.
 */
public final class DayOrder {

    /** Up to so many blocks the order is the best there is. */
    public static final int EXACT = 12;

    private final OrderCost cost;

    public DayOrder(OrderCost cost) {
        this.cost = cost;
    }

    /** The best order found; never dearer than the blocks as they come with the suspect ones put last. */
    public List<Block> best(List<Block> blocks) {
        if (blocks.size() < 2) {
            return List.copyOf(blocks);
        }
        return blocks.size() <= EXACT ? exact(blocks) : new NearOrder(cost).order(blocks);
    }

    /** The same blocks, each kept in its turn, the suspect ones after the others. */
    public static List<Block> suspectLast(List<Block> blocks) {
        List<Block> order = new ArrayList<>(
                blocks.stream().filter(block -> !block.wood().suspect()).toList());
        blocks.stream().filter(block -> block.wood().suspect()).forEach(order::add);
        return List.copyOf(order);
    }

    private List<Block> exact(List<Block> blocks) {
        int n = blocks.size();
        int sets = 1 << n;
        double[][] least = new double[sets][n];
        int[][] from = new int[sets][n];
        for (double[] row : least) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        double[] work = work(blocks);
        int clean = clean(blocks);
        for (int next = 0; next < n; next++) {
            if (mayFollow(0, next, clean)) {
                least[1 << next][next] = 0;
            }
        }
        for (int made = 1; made < sets; made++) {
            for (int last = 0; last < n; last++) {
                if (least[made][last] < Double.POSITIVE_INFINITY) {
                    step(blocks, least, from, new At(made, last, work[made], clean));
                }
            }
        }
        return traced(blocks, least[sets - 1], from);
    }

    private record At(int made, int last, double work, int clean) {}

    private void step(List<Block> blocks, double[][] least, int[][] from, At at) {
        for (int next = 0; next < blocks.size(); next++) {
            int with = at.made() | 1 << next;
            if (with == at.made() || !mayFollow(at.made(), next, at.clean())) {
                continue;
            }
            double price = least[at.made()][at.last()]
                    + cost.between(blocks.get(at.last()), blocks.get(next))
                    + cost.lost(blocks.get(next), at.work());
            if (price < least[with][next]) {
                least[with][next] = price;
                from[with][next] = at.last();
            }
        }
    }

    // A suspect block waits until every block that is not was made.
    private static boolean mayFollow(int made, int next, int clean) {
        return (clean >> next & 1) == 1 || (made & clean) == clean;
    }

    private static int clean(List<Block> blocks) {
        int clean = 0;
        for (int i = 0; i < blocks.size(); i++) {
            clean |= blocks.get(i).wood().suspect() ? 0 : 1 << i;
        }
        return clean;
    }

    private static double[] work(List<Block> blocks) {
        double[] work = new double[1 << blocks.size()];
        for (int made = 1; made < work.length; made++) {
            int one = Integer.numberOfTrailingZeros(made);
            work[made] = work[made & made - 1] + blocks.get(one).workMinutes();
        }
        return work;
    }

    private static List<Block> traced(List<Block> blocks, double[] ends, int[][] from) {
        int last = 0;
        for (int i = 1; i < ends.length; i++) {
            last = ends[i] < ends[last] ? i : last;
        }
        Block[] order = new Block[blocks.size()];
        int made = (1 << blocks.size()) - 1;
        for (int at = order.length - 1; at >= 0; at--) {
            order[at] = blocks.get(last);
            int before = from[made][last];
            made &= ~(1 << last);
            last = before;
        }
        return List.of(order);
    }
}
