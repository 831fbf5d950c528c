package baylantern.core.exchange;

/** What a column of a notebook holds. */
public enum ColumnRole {
    MADE_ON("day it was made"),
    SEEN_ON("day of the last look"),
    PLANT("tree or pot"),
    VARIETY("variety"),
    SPECIES("species"),
    TECHNIQUE("technique"),
    MAKER("who made it"),
    SOURCE("where the wood came from"),
    WOOD_CUT_ON("day the wood was cut"),
    SCION_MM("scion diameter"),
    STOCK_MM("stock diameter"),
    RESULT("result"),
    PLACE("place"),
    NOTES("notes"),
    IGNORED("leave out");

    private final String words;

    ColumnRole(String words) {
        this.words = words;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }
}
