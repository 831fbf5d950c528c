package baylantern.core.wood;

/** Ways of keeping wood. */
public enum KeepMethod {
    COOL_BOX("cool box"),
    FRIDGE("fridge"),
    AMBIENT("shade, not cooled"),
    WATER("standing in water");

    private final String words;

    KeepMethod(String words) {
        this.words = words;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }
}
