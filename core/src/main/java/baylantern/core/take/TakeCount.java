package baylantern.core.take;

/**
 * Grafts counted by how they ended. Waiting grafts are neither takes nor failures; lost ones are nobody's fault.
 *
 * @param taken in leaf and alive at the last look, 0 or more
 */
public record TakeCount(int taken, int failed, int waiting, int lost) {

    /** Nothing counted. */
    public static final TakeCount NONE = new TakeCount(0, 0, 0, 0);

    /** Requires every count to be 0 or more. */
    public TakeCount {
        if (!(taken >= 0 && failed >= 0 && waiting >= 0 && lost >= 0)) {
            throw new IllegalArgumentException(
                    "counts are 0 or more, not " + taken + ", " + failed + ", " + waiting + ", " + lost);
        }
    }

    /** Grafts whose fate is known. */
    public int decided() {
        return taken + failed;
    }

    /** Everything counted. */
    public int all() {
        return decided() + waiting + lost;
    }

    /** Both together. */
    public TakeCount plus(TakeCount other) {
        return new TakeCount(taken + other.taken, failed + other.failed, waiting + other.waiting, lost + other.lost);
    }

    /** This without {@code other}, which must be a part of it. */
    public TakeCount minus(TakeCount other) {
        return new TakeCount(taken - other.taken, failed - other.failed, waiting - other.waiting, lost - other.lost);
    }
}
