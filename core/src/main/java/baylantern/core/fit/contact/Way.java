package baylantern.core.fit.contact;

/** How a technique is cut where there is a choice. */
public enum Way {
    USUAL("as usual"),
    SHOULDERED("shouldered wedge: the faces begin wide, inside the bark"),
    PLAIN("plain wedge: the faces begin as a point at the bark"),
    TWO("two scions in one split, one at each end"),
    THIN("thin shield, bark only"),
    THICK("shield with wood behind the bud");

    private final String words;

    Way(String words) {
        this.words = words;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }
}
