package baylantern.core.exchange;

/**
 * A spelling that looks like another.
 *
 * @param from as written
 * @param to what it would become
 * @param rows how many rows it concerns
 */
public record Spelling(String from, String to, int rows, Likeness likeness) {

    /** Why the two look like one. */
    public enum Likeness {
        SAME_LETTERS,
        NEAR_MISS,
        INITIAL;

        /** True where it is merged unless the grower says no; always shown. */
        public boolean mergedUnlessRefused() {
            return this != INITIAL;
        }
    }
}
