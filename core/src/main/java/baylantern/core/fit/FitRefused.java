package baylantern.core.fit;

import baylantern.core.rules.Quantity;

/** A measure that cannot be, told with the range it should lie in. */
public final class FitRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String sentence;
    private final String field;
    private final String value;
    private final String valid;

    /**
     * @param field the entry at fault, as the form names it
     * @param valid the range, as shown
     */
    public FitRefused(String field, Object value, String valid, String sentence) {
        super(Quantity.plain(sentence));
        this.sentence = sentence;
        this.field = field;
        this.value = value.toString();
        this.valid = valid;
    }

    /** Why, its measures to be told in the reader's units; the message has them in mm. */
    public String sentence() {
        return sentence;
    }

    /** The entry at fault. */
    public String field() {
        return field;
    }

    /** The value found, as shown. */
    public String value() {
        return value;
    }

    /** The valid range, as shown. */
    public String valid() {
        return valid;
    }

    /** Requires {@code low <= x <= high}; false for NaN. */
    public static double within(String field, String what, double x, double low, double high, String unit) {
        if (x >= low && x <= high) {
            return x;
        }
        String valid = Quantity.of(low, high, unit);
        String said = Double.isNaN(x) ? "not a number" : Quantity.of(x, unit);
        throw new FitRefused(
                field, said, valid, what + " is " + valid + ", " + (Double.isNaN(x) ? said : "not " + said) + ".");
    }
}
