package baylantern.app.platform;

import java.util.List;
import java.util.stream.IntStream;

/** How many rows a statement must change, and how many it takes at once. */
public final class Rows {

    private static final int PORTION = 500;

    private Rows() {}

    /** Exactly one; else the store and the program have come apart, and nothing of the transaction may stand. */
    public static void one(int changed) {
        if (changed != 1) {
            throw new IllegalStateException(changed + " rows changed where it must be one");
        }
    }

    /** Exactly one; else somebody else was first, told with this sentence. */
    public static void oneOr(int changed, FarmProblem problem) {
        if (changed != 1) {
            throw problem;
        }
    }

    /** Exactly as many as were given. */
    public static void all(int changed, int given) {
        if (changed != given) {
            throw new IllegalStateException(changed + " rows changed where it must be " + given);
        }
    }

    /** None, one or many: whatever hung on it. */
    public static void any(int changed) {
        if (changed < 0) {
            throw new IllegalStateException(changed + " rows changed");
        }
    }

    /** A row was made and has its number. */
    public static void made(Long id) {
        if (id < 1) {
            throw new IllegalStateException("a new row has the number " + id);
        }
    }

    /** The row that was read still stood: ended, or written at the version read; else somebody else changed it first. */
    public static void superseded(int changed, String what) {
        oneOr(
                changed,
                FarmProblem.conflict(what + " was changed by somebody else meanwhile. Look again, then change it."));
    }

    /** A list in portions of as many rows as are named or written by one statement. */
    public static <T> List<List<T>> portions(List<T> all) {
        return IntStream.iterate(0, from -> from < all.size(), from -> from + PORTION)
                .mapToObj(from -> all.subList(from, Math.min(all.size(), from + PORTION)))
                .toList();
    }
}
