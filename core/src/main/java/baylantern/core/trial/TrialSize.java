package baylantern.core.trial;

/**
 * How many grafts of each arm a trial needs.
 *
 * @param each grafts of each arm
 * @param bounds at which it may be ended
 */
public record TrialSize(int each, StoppingBounds bounds) {

    /**
     * The least number of pairs after which a difference is told with a chance of {@code power}.
     *
     * <p>What two groups of n differ by has, in standard errors of two like ones, the mean {@code d √(n / 2 p (1 − p))}, p the
     * mean of both rates, and a spread a little under 1 (Fleiss, Statistical Methods for Rates and Proportions, 2nd ed., eq.
     * 3.14); more than one reading asks for a little more.
     *
     * @param expected rate of the arm that is usual, 0 to 1
     * @param difference what the other should bring at least, so that both rates lie between 0 and 1; not 0
     */
    public static TrialSize of(double expected, double difference, double power, StoppingBounds bounds) {
        double other = expected + difference;
        if (!(expected >= 0 && expected <= 1 && other >= 0 && other <= 1 && Math.abs(difference) > 0)) {
            throw new IllegalArgumentException("rates " + expected + " and " + other);
        }
        double mean = (expected + other) / 2;
        double alike = Math.sqrt(2 * mean * (1 - mean));
        double apart = Math.sqrt(expected * (1 - expected) + other * (1 - other));
        double reach = bounds.drift(power) - bounds.last();
        double root = (bounds.last() * alike + reach * apart) / difference;
        return new TrialSize(Math.max(bounds.readings(), (int) Math.ceil(root * root)), bounds);
    }

    /** How many decided grafts of both arms together a reading waits for, 1 to the number of readings. */
    public int due(int reading) {
        int readings = bounds.readings();
        return (2 * each * reading + readings - 1) / readings;
    }

    /** Which reading so many decided grafts allow, 0 for none yet. */
    public int reading(int decided) {
        int reading = 0;
        while (reading < bounds.readings() && decided >= due(reading + 1)) {
            reading++;
        }
        return reading;
    }
}
