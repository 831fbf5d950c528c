package baylantern.core.season.account;

import java.util.stream.IntStream;

/** Right after a swell no other comes: buds rest, and wake over some weeks, on every day of them as many. */
final class Rest {

    /** Days after a swell on which the first have rested. */
    static final int FIRST_DAYS = 22;

    private static final int LAST_DAYS = 45;
    private static final int PARTS = 4;

    private Rest() {}

    /** The share that has rested so many days after a swell, 0 to 1. */
    static double over(int days) {
        return days <= FIRST_DAYS ? 0 : Math.min(1, (days - FIRST_DAYS) / (double) (LAST_DAYS - FIRST_DAYS));
    }

    /** Days after a swell on which it ends, one for each of a few parts as large as one another. */
    static int[] ends() {
        return IntStream.range(0, PARTS)
                .map(part -> (int) Math.ceil(FIRST_DAYS + (LAST_DAYS - FIRST_DAYS) * (part + 0.5) / PARTS))
                .toArray();
    }
}
