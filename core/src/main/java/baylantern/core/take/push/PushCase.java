package baylantern.core.take.push;

/**
 * What looks tell of when a graft pushed or died: after the one that still showed neither, and by the one that showed it.
 *
 * @param after day of the last look that showed it silent, 0 where there was none; days or healing days since it was made
 * @param by day of the look that showed what came of it, endless where it still waits; the same as {@code after} where the
 *     day is known exactly
 * @param end what came of it
 */
public record PushCase(double after, double by, End end) {

    /** What came of it. */
    public enum End {
        PUSHED,
        DIED,
        /** Nothing yet at the last look. */
        WAITING
    }

    /** Requires 0 ≤ after ≤ by, both finite but for one that waits. */
    public PushCase {
        boolean waits = end == End.WAITING;
        if (!(after >= 0
                && after < Double.POSITIVE_INFINITY
                && by >= after
                && waits == (by == Double.POSITIVE_INFINITY))) {
            throw new IllegalArgumentException("no graft is " + end + " after " + after + " by " + by);
        }
    }

    /** One that is still silent at a day. */
    public static PushCase waiting(double at) {
        return new PushCase(at, Double.POSITIVE_INFINITY, End.WAITING);
    }
}
