package baylantern.app.platform;

import java.util.Comparator;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Opens the door only when all is in order that must be. */
@Component
class DoorOpening implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(DoorOpening.class);

    private final ObjectProvider<BeforeDoor> before;
    private final AtomicBoolean open = new AtomicBoolean();

    DoorOpening(ObjectProvider<BeforeDoor> before) {
        this.before = before;
    }

    @Override
    public void start() {
        before.stream().sorted(Comparator.comparing(BeforeDoor::turn)).forEach(DoorOpening::done);
        open.set(true);
    }

    private static void done(BeforeDoor one) {
        try {
            one.beforeDoor();
        } catch (RuntimeException e) {
            // A farm that can be opened is opened.
            LOG.error("Something could not be put in order before the door was opened", e);
        }
    }

    @Override
    public void stop() {
        open.set(false);
    }

    @Override
    public boolean isRunning() {
        return open.get();
    }

    /** Just before requests are taken. */
    @Override
    public int getPhase() {
        return WebServerApplicationContext.START_STOP_LIFECYCLE_PHASE - 1;
    }
}
