package baylantern.core.rules;

/**
 * One figure of the rulebook.
 *
 * @param value starting value, in {@code unit}
 * @param low lowest value growers give, in {@code unit}
 * @param high highest value growers give, in {@code unit}
 * @param unit unit in the grower's words, for instance "°C" or "healing days"
 * @param why one line saying why the figure matters
 */
public record Figure(double value, double low, double high, String unit, String why) {

    /** Requires {@code low <= value <= high}, else {@link IllegalArgumentException} with the three figures. */
    public Figure {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException("figure " + value + " " + unit + " is outside " + low + " to " + high);
        }
    }

    /** The same figure at another value; throws {@link IllegalArgumentException} outside its range. */
    public Figure at(double number) {
        return new Figure(number, low, high, unit, why);
    }

    /** True where {@code x}, in {@code unit}, lies in the range, ends included; false for NaN. */
    public boolean spans(double x) {
        return low <= x && x <= high;
    }
}
