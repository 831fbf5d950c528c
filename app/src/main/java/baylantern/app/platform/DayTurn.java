package baylantern.app.platform;

import java.time.LocalDate;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Tells the listeners when the farm's day turns: at the demo clock's step, in real use within ten minutes, and before
 * anybody is let in, since it may have turned while the farm was shut.
 */
@Component
public class DayTurn implements ChangeListener, BeforeDoor {

    private static final long LOOK_EVERY_MS = 600_000;

    private final FarmClock clock;
    private final ObjectProvider<DayListener> listeners;
    private final Pen pen;
    private final ChangeFeed feed;
    private final AtomicReference<@Nullable LocalDate> told = new AtomicReference<>();

    DayTurn(FarmClock clock, ObjectProvider<DayListener> listeners, Pen pen, ChangeFeed feed) {
        this.pen = pen;
        this.feed = feed;
        this.clock = clock;
        this.listeners = listeners;
    }

    /** Tells every listener now. */
    @Transactional
    public void tell() {
        pen.take();
        LocalDate before = told.getAndSet(clock.today());
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                if (status == STATUS_COMMITTED) {
                    feed.tell(Set.of(Fact.DAY), null);
                } else {
                    told.set(before);
                }
            }
        });
        listeners.orderedStream().forEach(DayListener::dayTurned);
    }

    @Override
    public Turn turn() {
        return Turn.OF_TODAY;
    }

    @Override
    @Transactional
    public void beforeDoor() {
        tell();
    }

    /** At another place it may be another day. */
    @Override
    public void farmChanged(Change change) {
        if (change.touches(Fact.SITE) && !clock.today().equals(told.get())) {
            tell();
        }
    }

    @Scheduled(initialDelay = LOOK_EVERY_MS, fixedDelay = LOOK_EVERY_MS)
    void look() {
        if (!clock.today().equals(told.get())) {
            tell();
        }
    }
}
