package baylantern.app.share;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** When devices were last seen: noted here at each request, so that reading never waits for whoever writes, and brought into the store now and then. */
@Component
class SeenDesk {

    private final Map<Long, Instant> seen = new HashMap<>();

    /** The device is here now. */
    synchronized void note(long device, Instant now) {
        seen.put(device, now);
    }

    /** The later of what is stored and what was noted since. */
    synchronized Instant last(long device, Instant stored) {
        Instant noted = seen.get(device);
        return noted == null || noted.isBefore(stored) ? stored : noted;
    }

    /** What was noted since this was last asked. */
    synchronized Map<Long, Instant> taken() {
        Map<Long, Instant> all = Map.copyOf(seen);
        seen.clear();
        return all;
    }
}
