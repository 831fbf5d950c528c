package baylantern.core.day.crew;

/**
 * Some time of a person's day, minutes after it began.
 *
 * @param block what is worked on
 * @param grafts grafts worked on in it
 */
public record Span(Doing doing, String block, double from, double until, int grafts) {

    /** What it is spent on. */
    public enum Doing {
        CLEAN,
        WALK,
        WORK,
        WAIT,
        PAUSE
    }
}
