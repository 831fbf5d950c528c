package baylantern.app.platform;

import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Opens the door only when all is in order that must be. */
@Component
class DoorOpening implements SmartLifecycle {

    private final ObjectProvider<BeforeDoor> before;
    private final AtomicBoolean open = new AtomicBoolean();

    DoorOpening(ObjectProvider<BeforeDoor> before) {
        this.before = before;
    }

    @Override
    public void start() {
        before.orderedStream().forEach(BeforeDoor::beforeDoor);
        open.set(true);
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
