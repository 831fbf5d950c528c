package baylantern.core.rules;

/** The bud stages, one scale everywhere, in the order of a flush. */
public enum BudStage {
    S("swelling", "buds fat, still tight"),
    P("pushing", "tip open, no leaf unfolded"),
    F("flushing", "soft leaves expanding, often bronze"),
    H("hardening", "full size, still light; stems angular in citrus"),
    M("mature", "leaves dark and firm"),
    R("resting", "buds tight");

    private final String words;
    private final String look;

    BudStage(String words, String look) {
        this.words = words;
        this.look = look;
    }

    /** As a grower says it. */
    public String words() {
        return words;
    }

    /** What one sees. */
    public String look() {
        return look;
    }

    /** True while new growth is under way and soft: swelling, pushing or flushing. */
    public boolean active() {
        return this == S || this == P || this == F;
    }

    /** True where nothing grows: leaves are firm, buds tight. */
    public boolean rests() {
        return this == M || this == R;
    }
}
