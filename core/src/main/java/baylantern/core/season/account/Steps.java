package baylantern.core.season.account;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The steps after a look in which chances are told: single days first, then wider, and one beyond all others. */
public final class Steps {

    /** The last day that is told by itself, days after the look. */
    static final int DAYS = 430;

    private static final int WIDE_DAYS = 3;
    private static final int SINGLE_DAYS = 40;
    private static final int[] ENDS = reckoned();

    private Steps() {}

    private static int[] reckoned() {
        List<Integer> ends = new ArrayList<>();
        for (int end = 1; end <= DAYS; end += end < SINGLE_DAYS ? 1 : WIDE_DAYS) {
            ends.add(end);
        }
        return ends.stream().mapToInt(Integer::intValue).toArray();
    }

    /** Ends of the steps but the last, days after the look. */
    static int[] ends() {
        return ENDS;
    }

    /** How many there are, the one beyond all others included. */
    public static int count() {
        return ENDS.length + 1;
    }

    /** The step in which so many days after the look lie, the last for those beyond all others. */
    public static int of(double days) {
        int at = Arrays.binarySearch(ENDS, (int) Math.ceil(days));
        return at < 0 ? -at - 1 : at;
    }

    /** Where a step ends, days after the look; the last has no end. */
    public static int end(int step) {
        return ENDS[step];
    }
}
