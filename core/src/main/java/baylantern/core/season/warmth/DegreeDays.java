package baylantern.core.season.warmth;

/**
 * Degree-days of one day by the single-sine method with a horizontal upper cut-off (Baskerville and Emin 1969; Allen
 * 1976): the day's temperature is a sine between its lowest and highest, and the area between the lower and the upper
 * threshold is counted. Exact in closed form.
 *
 * <p>With the mean m, half range a, and θ = asin((b − m)/a), the area of the sine above a threshold b is
 * A(b) = ((m − b)(π/2 − θ) + a·cos θ)/π; it is m − b where the whole day is above b, and 0 where none of it is. With the
 * cut-off the day counts A(lower) − A(upper).
 */
public final class DegreeDays {

    private DegreeDays() {}

    /**
     * Degree-days, 0 or more.
     *
     * @param minC lowest temperature, °C
     * @param maxC highest temperature, °C, not below the lowest
     * @param baseC lower threshold, °C
     * @param upperC upper cut-off, °C, above the base
     */
    public static double of(double minC, double maxC, double baseC, double upperC) {
        if (!(minC <= maxC && baseC < upperC)) {
            throw new IllegalArgumentException("degree-days need lowest ≤ highest and base < cut-off, not " + minC
                    + ", " + maxC + ", " + baseC + ", " + upperC);
        }
        double counted = above(minC, maxC, baseC) - above(minC, maxC, upperC);
        return Math.max(0, Math.min(upperC - baseC, counted));
    }

    private static double above(double minC, double maxC, double threshold) {
        double mean = (minC + maxC) / 2;
        double half = (maxC - minC) / 2;
        if (minC >= threshold) {
            return mean - threshold;
        }
        if (maxC <= threshold) {
            return 0;
        }
        double theta = Math.asin((threshold - mean) / half);
        return ((mean - threshold) * (Math.PI / 2 - theta) + half * Math.cos(theta)) / Math.PI;
    }
}
