package baylantern.app.platform;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Who is at work on this thread: who is signed in on the device the request came from, or was chosen on it. */
@Component
public class Doer {

    private final ThreadLocal<@Nullable Visitor> visitor = new ThreadLocal<>();

    /** The id of the person, null where none is chosen or no request is served. */
    public @Nullable Long personId() {
        Visitor now = visitor.get();
        return now == null ? null : now.personId();
    }

    /** The name of the device that is signed in, null at the farm's own screen. */
    public @Nullable String device() {
        Visitor now = visitor.get();
        return now == null ? null : now.device();
    }

    /** What may be done; everything where no request is served. */
    public Role role() {
        Visitor now = visitor.get();
        return now == null ? Role.OWNER : now.role();
    }

    /** Does some work as somebody. */
    void as(Visitor somebody, Work work) throws Exception {
        visitor.set(somebody);
        try {
            work.done();
        } finally {
            visitor.remove();
        }
    }

    /** Something to be done. */
    @FunctionalInterface
    interface Work {
        void done() throws Exception;
    }
}
