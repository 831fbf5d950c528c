package baylantern.app.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Forgets answers nobody will ask for again: no device that stayed away longer is heard. */
@Component
class OldRequests implements DayListener {

    private static final Duration KEPT = DoneAway.LONGEST;

    private final RequestMapper requests;
    private final Clock machine;

    OldRequests(RequestMapper requests, Clock machine) {
        this.requests = requests;
        this.machine = machine;
    }

    @Override
    @Transactional
    public void dayTurned() {
        Rows.any(requests.deleteBefore(Instant.now(machine).minus(KEPT)));
    }
}
