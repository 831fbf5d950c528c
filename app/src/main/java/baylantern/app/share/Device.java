package baylantern.app.share;

import java.time.Instant;

/**
 * A device that is signed in.
 *
 * @param seenAt when it last asked for something, to the minute
 */
public record Device(long id, String name, long personId, String personName, Instant madeAt, Instant seenAt) {

    /** The same, seen then. */
    Device seen(Instant at) {
        return new Device(id, name, personId, personName, madeAt, at);
    }
}
