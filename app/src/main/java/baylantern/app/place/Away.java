package baylantern.app.place;

import jakarta.validation.constraints.NotNull;

/** Something that is no longer offered where one is chosen. */
public record Away(@NotNull(message = "needs what it is") Kind kind, long id) {

    /** What can be put away. */
    public enum Kind {
        PERSON,
        VARIETY,
        SPOT
    }
}
