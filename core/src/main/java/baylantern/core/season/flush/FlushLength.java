package baylantern.core.season.flush;

/**
 * The bud warmth of which the stages of a plant's flush take their parts: between what the plant usually takes from swell
 * to swell, whenever the next one comes, and what lies between the two swells around it.
 *
 * @param usual bud warmth that the plant usually takes from swell to swell, degree-days, above 0
 * @param toNext how much it goes by the swell that follows, 0 not at all to 1 by it alone
 */
public record FlushLength(double usual, double toNext) {

    /** By the swell that follows alone: a stage is a share of the way to it. */
    public static final FlushLength BY_NEXT = new FlushLength(1, 1);

    /** Degree-days, where the next swell follows after so many. */
    public double of(double whole) {
        return (1 - toNext) * usual + toNext * whole;
    }

    /**
     * How far a flush has come, 0 at its swell to 1.
     *
     * @param gone bud warmth since its swell, degree-days
     * @param whole bud warmth from its swell to the next, degree-days
     */
    public double way(double gone, double whole) {
        double length = of(whole);
        return length <= 0 ? 0 : Math.max(0, Math.min(1, gone / length));
    }
}
