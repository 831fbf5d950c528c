package baylantern.app.season;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.FarmClock;
import java.time.Clock;
import java.time.LocalDate;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What was reckoned is kept until something changes, and reckoned once however many ask. */
class PulseTest {

    private final FarmClock clock = new FarmClock(Clock.systemUTC());
    private final Pulse pulse = new Pulse(clock);
    private final AtomicInteger reckoned = new AtomicInteger();
    private final Supplier<Integer> kept = pulse.kept(reckoned::incrementAndGet);

    @Test
    void keepsUntilTheNextBeatOrDay() {
        clock.standOn(LocalDate.of(2026, 5, 14));
        assertThat(kept.get()).isEqualTo(kept.get()).isEqualTo(1);
        pulse.beat();
        assertThat(kept.get()).isEqualTo(2);
        clock.standOn(LocalDate.of(2026, 5, 15));
        assertThat(kept.get()).isEqualTo(kept.get()).isEqualTo(3);
    }

    @Test
    void beatsOnceMoreWhenTheTransactionIsThrough() {
        TransactionSynchronizationManager.initSynchronization();
        try {
            pulse.beat();
            assertThat(kept.get()).as("the caller sees its own change").isEqualTo(1);
            TransactionSynchronizationManager.getSynchronizations()
                    .forEach(s -> s.afterCompletion(TransactionSynchronization.STATUS_ROLLED_BACK));
        } finally {
            TransactionSynchronizationManager.clearSynchronization();
        }
        assertThat(kept.get()).as("what was rolled back is not kept").isEqualTo(2);
    }

    @Test
    void manyAskersReckonOnce() throws InterruptedException {
        ExecutorService askers = Executors.newFixedThreadPool(8);
        for (int i = 0; i < 64; i++) {
            askers.submit(() -> kept.get());
        }
        askers.shutdown();
        assertThat(askers.awaitTermination(20, TimeUnit.SECONDS)).isTrue();
        assertThat(reckoned).hasValue(1);
    }
}
