package baylantern.core.day.crew;

/** What a person does at the bench. */
public enum Role {
    /** Everything, graft by graft. */
    WHOLE,
    /** Prepares sticks: leaves off, tops wrapped, sized. */
    PREPARE,
    /** Cuts stick and stock and joins them; prepares the sticks too where nobody else does. */
    CUT,
    /** Ties, seals and covers; writes the labels too where nobody else does. */
    WRAP,
    /** Writes and hangs labels. */
    LABEL;

    boolean hasBlade() {
        return this == WHOLE || this == PREPARE || this == CUT;
    }

    boolean takesGrafts() {
        return this == WHOLE || this == CUT;
    }
}
