package baylantern.app.platform;

import java.time.LocalDate;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Beats whenever something changes, so that what was reckoned from it is reckoned anew. */
public class Beat {

    private final AtomicLong beats = new AtomicLong();
    private final FarmClock clock;

    public Beat(FarmClock clock) {
        this.clock = clock;
    }

    /** Something has changed: now for the caller's transaction, and once more when it is through. */
    public void beat() {
        beats.incrementAndGet();
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    beats.incrementAndGet();
                }
            });
        }
    }

    private record Moment(long beat, LocalDate day) {}

    private record Kept<T>(Moment moment, T value) {}

    /** Keeps something reckoned until the next beat or the next day; asked by many at once it is reckoned once. */
    public <T> Supplier<T> kept(Supplier<T> reckon) {
        return new Supplier<>() {
            private @Nullable Kept<T> kept;

            @Override
            public synchronized T get() {
                Moment now = new Moment(beats.get(), clock.today());
                Kept<T> held = kept;
                if (held == null || !held.moment().equals(now)) {
                    held = new Kept<>(now, reckon.get());
                    kept = held;
                }
                return held.value();
            }
        };
    }
}
