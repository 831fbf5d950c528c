package baylantern.core.bench;

/** What covers a fresh graft. */
public enum Cover {
    FILM("wax film only"),
    BAG("bag with air"),
    FILM_FOIL("film and foil"),
    FOIL("foil or paper"),
    SHADE("shade"),
    SLEEVE("padded sleeve"),
    NONE("nothing"),
    /** An old record does not say. */
    UNKNOWN("not written");

    private final String words;

    Cover(String words) {
        this.words = words;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }
}
