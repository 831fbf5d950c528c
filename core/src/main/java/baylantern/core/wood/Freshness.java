package baylantern.core.wood;

/**
 * How alive a lot is.
 *
 * @param used share of life used; 1 is 70 % by the figures
 * @param viability middle estimate, 0 to 1, with its low and high
 * @param lifeLow share of its good life left, 0 to 1, at least; lifeHigh at most
 * @param toGood days until it is a last resort
 * @param toLast days until it is not worth a stock
 */
public record Freshness(
        double used,
        double viability,
        double viabilityLow,
        double viabilityHigh,
        double lifeLow,
        double lifeHigh,
        DaysLeft toGood,
        DaysLeft toLast) {

    /** Days left, kept as it is kept now. */
    public record DaysLeft(double low, double mid, double high) {}
}
