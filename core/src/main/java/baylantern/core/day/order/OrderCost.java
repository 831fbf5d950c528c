package baylantern.core.day.order;

import java.util.List;

/**
 * What an order of blocks costs, in minutes: blades cleaned at each change of lot, variety or tree, and once before the
 * first; the way from place to place; and the work that is lost with the wood that waits. A block loses
 * {@code work × loss an hour × hours of grafting before it}: the way and the cleanings before it are left out of its
 * waiting, which keeps the cost of what follows free of how one came there.
 *
 * @param cleanMinutes one cleaning, 0 or more
 * @param stepMinutes from one place to the next in walking order, 0 or more
 */
public record OrderCost(double cleanMinutes, double stepMinutes) {

    private static final double MINUTES = 60;

    /** Throws where a time is under 0. */
    public OrderCost {
        if (!(cleanMinutes >= 0 && stepMinutes >= 0)) {
            throw new IllegalArgumentException(cleanMinutes + " and " + stepMinutes + " minutes: 0 or more are wanted");
        }
    }

    /**
     * The cost of an order, told apart.
     *
     * @param lostMinutes work that is lost with wood that waits
     */
    public record Cost(int cleanings, double cleanMinutes, double walkMinutes, double lostMinutes) {

        /** All of it, minutes. */
        public double minutes() {
            return cleanMinutes + walkMinutes + lostMinutes;
        }
    }

    /** What an order costs. */
    public Cost of(List<Block> order) {
        int cleanings = order.isEmpty() ? 0 : 1;
        double walk = 0;
        double lost = 0;
        double before = 0;
        for (int i = 0; i < order.size(); i++) {
            Block block = order.get(i);
            if (i > 0) {
                Block last = order.get(i - 1);
                cleanings += last.cleanedBefore(block) ? 1 : 0;
                walk += walk(last, block);
            }
            lost += lost(block, before);
            before += block.workMinutes();
        }
        return new Cost(cleanings, cleanings * cleanMinutes, walk, lost);
    }

    /** Minutes from the end of a block to the beginning of the next. */
    public double between(Block last, Block next) {
        return (last.cleanedBefore(next) ? cleanMinutes : 0) + walk(last, next);
    }

    /** Minutes of the way from one to the next. */
    public double walk(Block last, Block next) {
        return stepMinutes * Math.abs(last.where().place() - next.where().place());
    }

    /** Work lost of a block that begins after so many minutes of grafting. */
    double lost(Block block, double minutesBefore) {
        return lost(block.workMinutes(), block.wood().lossPerHour(), minutesBefore);
    }

    static double lost(double workMinutes, double lossPerHour, double minutesBefore) {
        return workMinutes * Math.min(1, lossPerHour * minutesBefore / MINUTES);
    }
}
