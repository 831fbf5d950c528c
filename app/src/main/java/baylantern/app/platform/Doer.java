package baylantern.app.platform;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Who is at work on this thread: the person chosen on the device the request came from. */
@Component
public class Doer {

    private final ThreadLocal<@Nullable Long> person = new ThreadLocal<>();

    /** The id of the person, null where none is chosen or no request is served. */
    public @Nullable Long personId() {
        return person.get();
    }

    /** Does some work as a person. */
    void as(@Nullable Long personId, Work work) throws Exception {
        person.set(personId);
        try {
            work.done();
        } finally {
            person.remove();
        }
    }

    /** Something to be done. */
    @FunctionalInterface
    interface Work {
        void done() throws Exception;
    }
}
