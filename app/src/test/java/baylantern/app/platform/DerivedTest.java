package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

/** What is kept: dropped by a commit, private to who has changed it, reckoned once, and never from a fact unnamed. */
class DerivedTest {

    private final DefaultListableBeanFactory beans = new DefaultListableBeanFactory();
    private final Changes changes = new Changes(
            beans.getBeanProvider(ChangeListener.class),
            beans.getBeanProvider(FarmClock.class),
            beans.getBeanProvider(ChangeFeed.class));
    private final AtomicInteger stored = new AtomicInteger(1);
    private final AtomicInteger reckoned = new AtomicInteger();
    private final Derived<Integer> kept = changes.derive(this::reckon, Fact.PLANTS);

    private int reckon() {
        reckoned.incrementAndGet();
        return stored.get();
    }

    @Test
    void isDroppedWhenAChangeOfItsFactsIsCommitted() {
        assertThat(kept.get()).isEqualTo(kept.get()).isEqualTo(1);
        write(Fact.PLANTS, 2);
        assertThat(kept.get()).isEqualTo(2);
        write(Fact.SPOTS, 3);
        assertThat(kept.get()).as("another fact").isEqualTo(2);
        assertThat(reckoned).hasValue(2);
    }

    @Test
    void whatARolledBackTransactionReckonedIsItsOwn() {
        assertThat(kept.get()).isEqualTo(1);
        inTransaction(() -> {
            stored.set(9);
            changes.wrote(Set.of(Fact.PLANTS), Set.of());
            assertThat(kept.get())
                    .as("the writer sees what it wrote")
                    .isEqualTo(kept.get())
                    .isEqualTo(9);
            assertThat(elsewhere()).as("all others see what is committed").isEqualTo(1);
            throw new IllegalArgumentException("given up");
        });
        assertThat(kept.get()).isEqualTo(1);
        assertThat(reckoned).hasValue(2);
    }

    @Test
    void aGlanceSeesWhatIsKeptAndWhoeverChangesAFigureSeesTheirOwn() throws InterruptedException {
        Derived<Integer> figure = changes.derive(stored::get, Fact.FIGURES);
        assertThat(figure.glance()).isEqualTo(1);
        List<Integer> others = new ArrayList<>();
        new TransactionTemplate(new NoStore()).executeWithoutResult(status -> {
            stored.set(7);
            changes.wrote(Set.of(Fact.FIGURES), Set.of());
            assertThat(figure.glance()).isEqualTo(7);
            Thread other = new Thread(() -> others.add(figure.glance()));
            other.start();
            try {
                other.join();
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            stored.set(3);
            status.setRollbackOnly();
        });
        // Others go on with what is committed, and what was let go is nobody's.
        assertThat(others).containsExactly(1);
        assertThat(figure.glance()).isEqualTo(1);
        write(Fact.FIGURES, 9);
        assertThat(figure.glance()).isEqualTo(9);
        assertThat(changes.figuresInHand()).isFalse();
    }

    @Test
    void manyAskersReckonOnce() throws Exception {
        ExecutorService askers = Executors.newFixedThreadPool(8);
        for (Future<Integer> asked :
                askers.invokeAll(Collections.<Callable<Integer>>nCopies(64, kept::get), 20, TimeUnit.SECONDS)) {
            assertThat(asked.get()).isEqualTo(kept.get());
        }
        askers.shutdown();
        assertThat(reckoned).hasValue(1);
    }

    @Test
    void aReckoningSeesEachThingOnceHoweverOthersWriteMeanwhile() {
        Derived<List<Integer>> twice = changes.derive(
                () -> {
                    int first = kept.get();
                    if (stored.get() == 1) {
                        meanwhile(() -> write(Fact.PLANTS, 2));
                    }
                    return List.of(first, kept.get());
                },
                Fact.PLANTS);
        assertThat(twice.get()).as("its parts belong together").containsExactly(1, 1);
        assertThat(twice.get()).as("and it is not kept").containsExactly(2, 2);
    }

    @Test
    void aReadingSeesEachThingOnceAndLeavesNothingOldBehind() {
        Derived<Integer> other = changes.derive(kept::get, Fact.PLANTS);
        changes.noteReading();
        changes.seeEachOnce();
        assertThat(kept.get()).isEqualTo(1);
        meanwhile(() -> write(Fact.PLANTS, 2));
        assertThat(kept.get()).isEqualTo(1);
        assertThat(other.get())
                .as("what is kept for all is reckoned from what is so")
                .isEqualTo(2);
        write(Fact.PLANTS, 3);
        assertThat(kept.get()).as("who wrote sees it").isEqualTo(3);
        changes.stopNoting();
        assertThat(kept.get()).isEqualTo(3);
        assertThat(other.get()).isEqualTo(3);
    }

    private static void meanwhile(Runnable what) {
        Thread another = new Thread(what);
        another.start();
        try {
            another.join();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aChangeWhileItIsReckonedIsNotLost() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch changed = new CountDownLatch(1);
        Derived<Integer> slow = changes.derive(
                () -> {
                    int read = stored.get();
                    begun.countDown();
                    await(changed);
                    return read;
                },
                Fact.PLANTS);
        Thread reader = new Thread(slow::get);
        reader.start();
        begun.await();
        write(Fact.PLANTS, 5);
        changed.countDown();
        reader.join();
        assertThat(slow.get()).isEqualTo(5);
    }

    @Test
    void whoAsksWhileItIsReckonedAnewWaitsForTheNew() throws InterruptedException {
        assertThat(kept.get()).isEqualTo(1);
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        Derived<Integer> slow = changes.derive(
                () -> {
                    if (stored.get() == 2) {
                        begun.countDown();
                        await(go);
                    }
                    return stored.get();
                },
                Fact.PLANTS);
        assertThat(slow.get()).isEqualTo(1);
        write(Fact.PLANTS, 2);
        Thread first = new Thread(slow::get);
        first.start();
        begun.await();
        AtomicInteger seen = new AtomicInteger();
        Thread second = new Thread(() -> seen.set(slow.get()));
        second.start();
        go.countDown();
        first.join();
        second.join();
        assertThat(seen).hasValue(2);
    }

    @Test
    void whatFailedIsReckonedAgain() {
        List<Change> told = new ArrayList<>();
        Derived<Integer> failing = changes.renew(
                (before, since) -> {
                    told.add(since);
                    if (told.size() == 2) {
                        throw new IllegalArgumentException("not this time");
                    }
                    return told.size();
                },
                Fact.NOTES);
        assertThat(failing.get()).isEqualTo(1);
        inTransaction(() -> changes.wrote(Set.of(Fact.NOTES), Set.of(7L)));
        assertThatThrownBy(failing::get).hasMessage("not this time");
        inTransaction(() -> changes.wrote(Set.of(Fact.NOTES), Set.of(8L)));
        assertThat(failing.get()).isEqualTo(3);
        assertThat(told.get(2).rows(Fact.NOTES))
                .as("both changes are still told")
                .containsExactlyInAnyOrder(7L, 8L);
    }

    @Test
    void oneForEachKeyStaysWhereItsInputsStay() {
        AtomicInteger mango = new AtomicInteger(1);
        DerivedEach<String, Integer> each = changes.deriveEachFrom(
                key -> key.equals("mango") ? mango.get() : 0, key -> reckoned.incrementAndGet(), Fact.NOTES);
        int fig = each.get("fig");
        int before = each.get("mango");
        mango.set(2);
        inTransaction(() -> changes.wrote(Set.of(Fact.NOTES), Set.of()));
        assertThat(each.get("fig")).isEqualTo(fig);
        assertThat(each.get("mango")).isNotEqualTo(before);
    }

    @Test
    void readingAFactThatIsNotNamedFails() {
        Derived<Integer> careless = changes.derive(() -> kept.get() + 1, Fact.SPOTS);
        assertThatThrownBy(careless::get)
                .hasMessageContaining("[SPOTS, FIGURES]")
                .hasMessageContaining("[PLANTS]");
    }

    @Test
    void aWriteOutsideATransactionFails() {
        assertThatThrownBy(() -> changes.wrote(Set.of(Fact.PLANTS), Set.of()))
                .hasMessageContaining("outside a transaction");
    }

    @Test
    void statementsTellTheirFacts() {
        assertThat(Fact.changedBy("UPDATE place_plant SET code = ?")).containsExactly(Fact.PLANTS);
        assertThat(Fact.changedBy("SELECT id FROM FINAL TABLE (\n INSERT INTO season_note (plant_id)"))
                .containsExactly(Fact.NOTES);
        assertThat(Fact.changedBy("/* fact: GRAFT_STATES */ UPDATE bench_graft SET state = ?"))
                .containsExactly(Fact.GRAFT_STATES);
        assertThat(Fact.changedBy("DELETE FROM bench_graft WHERE act_id = ?"))
                .as("looks and visits go with it")
                .contains(Fact.LOOKS, Fact.VISITS);
        assertThat(Fact.readBy("SELECT 1 FROM bench_graft g JOIN place_spot_view s ON s.id = g.spot_id"))
                .containsExactlyInAnyOrder(Fact.GRAFTS, Fact.GRAFT_STATES, Fact.SPOTS);
    }

    private void write(Fact fact, int value) {
        inTransaction(() -> {
            stored.set(value);
            changes.wrote(Set.of(fact), Set.of());
        });
    }

    private int elsewhere() {
        try {
            AtomicInteger seen = new AtomicInteger();
            Thread other = new Thread(() -> seen.set(kept.get()));
            other.start();
            other.join();
            return seen.get();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void inTransaction(Runnable work) {
        try {
            new TransactionTemplate(new NoStore()).executeWithoutResult(status -> work.run());
        } catch (IllegalArgumentException e) {
            assertThat(e).hasMessage("given up");
        }
    }

    /** Transactions without a store behind them. */
    private static final class NoStore extends AbstractPlatformTransactionManager {
        private static final long serialVersionUID = 1L;

        @Override
        protected Object doGetTransaction() {
            return this;
        }

        @Override
        protected void doBegin(Object transaction, TransactionDefinition definition) {}

        @Override
        protected void doCommit(DefaultTransactionStatus status) {}

        @Override
        protected void doRollback(DefaultTransactionStatus status) {}
    }
}
