package baylantern.core.day.order;

/**
 * Grafts made one after the other without anything to clean or to walk between them.
 *
 * @param key what the caller knows it by
 * @param workMinutes how long its grafts take, 0 or more
 */
public record Block(String key, Wood wood, Where where, double workMinutes) {

    /** Throws where a number is not one of these. */
    public Block {
        if (!(workMinutes >= 0 && workMinutes < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(workMinutes + " minutes of work: 0 or more are wanted");
        }
    }

    /**
     * The wood it is made of.
     *
     * @param lot the lot, or what stands for it where the wood is of none
     * @param suspect true where it comes last, whatever that costs
     * @param lossPerHour share of its grafts lost for each hour it waits, 0 to 1
     */
    public record Wood(String variety, String lot, boolean suspect, double lossPerHour) {

        /** Throws where the share is none. */
        public Wood {
            if (!(lossPerHour >= 0 && lossPerHour <= 1)) {
                throw new IllegalArgumentException(lossPerHour + " lost an hour: 0 to 1 is wanted");
            }
        }
    }

    /**
     * Where it is made.
     *
     * @param host the tree that is grafted on, or the bench its stocks stand on
     * @param place of that in walking order
     */
    public record Where(String host, int place) {}

    /** Whether blades are cleaned between the two: another lot, another variety or another tree. */
    public boolean cleanedBefore(Block next) {
        return !(wood.lot().equals(next.wood.lot())
                && wood.variety().equals(next.wood.variety())
                && where.host().equals(next.where.host()));
    }
}
