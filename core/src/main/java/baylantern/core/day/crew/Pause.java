package baylantern.core.day.crew;

/** A pause everybody makes, minutes after the day began: nothing is begun in it, what is in hand is finished. */
public record Pause(double from, double until) {

    /** Throws where it ends before it begins. */
    public Pause {
        if (!(from >= 0 && until >= from)) {
            throw new IllegalArgumentException("a pause from " + from + " to " + until + " ends before it begins");
        }
    }
}
