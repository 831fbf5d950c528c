package baylantern.core.care;

/** The life of a graft, in order; the last two end it at any point. */
public enum GraftState {
    MADE("made"),
    HEALING("healing"),
    ALIVE("alive, not pushed"),
    PUSHED("pushed, no leaf yet"),
    LEAFED("in leaf"),
    FIRM("first flush firm"),
    SECOND_FLUSH("second flush"),
    ESTABLISHED("established"),
    PLANTED_OUT("planted out"),
    FAILED("failed"),
    LOST("lost");

    private final String words;

    GraftState(String words) {
        this.words = words;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }

    /** True while the graft may still need a look. */
    public boolean live() {
        return ordinal() < PLANTED_OUT.ordinal();
    }

    /** True where this life is at or past {@code other}; never true of a failed or lost graft. */
    public boolean atLeast(GraftState other) {
        return this != FAILED && this != LOST && ordinal() >= other.ordinal();
    }

    /** How it counts: waiting is neither taken nor failed; a lost graft is nobody's fault and is left out. */
    public Outcome outcome() {
        return switch (this) {
            case MADE, HEALING, ALIVE, PUSHED -> Outcome.WAITING;
            case FAILED -> Outcome.FAILED;
            case LOST -> Outcome.LOST;
            default -> Outcome.TAKEN;
        };
    }

    /** How a graft counts in a take rate. */
    public enum Outcome {
        TAKEN,
        FAILED,
        WAITING,
        LOST
    }
}
