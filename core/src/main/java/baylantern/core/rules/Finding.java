package baylantern.core.rules;

import org.jspecify.annotations.Nullable;

/**
 * One structured reason.
 *
 * @param rule the rule's key, for instance "kinship"
 * @param weight what it does to the decision
 * @param field the entry it concerns, as the form names it; null for the whole
 * @param message a sentence the grower understands
 * @param value the value found, as shown
 * @param threshold the valid range or limit, as shown
 */
public record Finding(
        String rule,
        Weight weight,
        @Nullable String field,
        String message,
        @Nullable String value,
        @Nullable String threshold) {

    /** What a finding does to the decision. */
    public enum Weight {
        REFUSES,
        WARNS
    }

    /** A finding that stops. */
    public static Finding refuses(
            String rule, String field, String message, @Nullable Object value, @Nullable String threshold) {
        return new Finding(rule, Weight.REFUSES, field, message, text(value), threshold);
    }

    /** A finding that warns and lets the grower go on. */
    public static Finding warns(
            String rule, String field, String message, @Nullable Object value, @Nullable String threshold) {
        return new Finding(rule, Weight.WARNS, field, message, text(value), threshold);
    }

    /** The same, said of some among many. */
    public Finding saidOf(String which) {
        return new Finding(rule, weight, field, which + ": " + message, value, threshold);
    }

    private static @Nullable String text(@Nullable Object value) {
        return value == null ? null : value.toString();
    }
}
