package baylantern.core.trial;

/** What a reading of a trial says. */
public enum Reading {
    /** A takes better. */
    FIRST,
    /** B takes better. */
    SECOND,
    /** It goes on: there is a reading to come. */
    OPEN,
    /** The last reading, and the arms are not told apart. */
    ALIKE;

    /** A reading of what is decided, 1 to the number of readings. */
    public static Reading of(PairedTakes takes, StoppingBounds bounds, int reading) {
        double apart = takes.apart();
        if (Math.abs(apart) >= bounds.at(reading)) {
            return apart > 0 ? FIRST : SECOND;
        }
        return reading < bounds.readings() ? OPEN : ALIKE;
    }
}
