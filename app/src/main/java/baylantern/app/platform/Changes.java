package baylantern.app.platform;

import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Hears from {@link WriteWatch} what is changed, tells it to the listeners before the commit, and drops what is kept
 * after it. What is reckoned may read no fact it does not name: the attempt fails at once.
 */
@Component
public class Changes {

    private static final int MOST_ROUNDS = 10;

    private final List<Derived<?>> kept = new CopyOnWriteArrayList<>();
    private final ThreadLocal<Deque<Set<Fact>>> reckoning = ThreadLocal.withInitial(ArrayDeque::new);
    private final ThreadLocal<@Nullable Set<Fact>> noted = new ThreadLocal<>();
    /** What this thread has looked at in the reckoning, or the reading, that it is in. */
    private final ThreadLocal<@Nullable Map<Derived<?>, Object>> seen = new ThreadLocal<>();

    private final AtomicInteger figuresInHand = new AtomicInteger();
    private final ObjectProvider<ChangeListener> listeners;
    private final ObjectProvider<FarmClock> clock;
    private final ObjectProvider<ChangeFeed> feed;

    Changes(
            ObjectProvider<ChangeListener> listeners,
            ObjectProvider<FarmClock> clock,
            ObjectProvider<ChangeFeed> feed) {
        this.listeners = listeners;
        this.clock = clock;
        this.feed = feed;
    }

    /** Keeps something reckoned from these facts, of which there must be one. */
    public <T> Derived<T> derive(Supplier<T> reckon, Fact... facts) {
        return renew((before, since) -> reckon.get(), facts);
    }

    /** Keeps something that can be brought up to date from what it was and what has changed. */
    public <T> Derived<T> renew(Derived.Reckoning<T> reckoning, Fact... facts) {
        return renewJudged(
                (before, since) -> since.touches(Fact.FIGURES)
                        ? reckoning.from(null, Change.everything())
                        : reckoning.from(before, since),
                facts);
    }

    /** The same where the reckoning judges by itself which figures of the rulebook it rests on. */
    public <T> Derived<T> renewJudged(Derived.Reckoning<T> reckoning, Fact... facts) {
        Set<Fact> all = EnumSet.of(Fact.FIGURES, facts);
        Derived<T> derived = new Derived<>(this, all, reckoning);
        kept.add(derived);
        return derived;
    }

    /** Keeps one thing for each key. */
    public <K, T> DerivedEach<K, T> deriveEach(Function<K, T> reckon, Fact... facts) {
        return new DerivedEach<>(this, key -> new DerivedEach.From<>(new Object(), () -> reckon.apply(key)), facts);
    }

    /** Keeps one thing for each key, reckoned from its inputs alone, as long as those stay equal. */
    public <K, I, T> DerivedEach<K, T> deriveEachFrom(Function<K, I> inputs, Function<I, T> reckon, Fact... facts) {
        return new DerivedEach<>(
                this,
                key -> {
                    I from = inputs.apply(key);
                    return new DerivedEach.From<>(from, () -> reckon.apply(from));
                },
                facts);
    }

    /** Forgets everything kept; all of it is reckoned anew when next asked for. */
    public void forgetAll() {
        kept.forEach(Derived::forget);
    }

    LocalDate today() {
        return clock.getObject().today();
    }

    /** Some facts are being read. */
    void reads(Set<Fact> facts) {
        Set<Fact> note = noted.get();
        if (note != null) {
            note.addAll(facts);
        }
        Set<Fact> named = reckoning.get().peek();
        if (named != null && !named.containsAll(facts)) {
            Set<Fact> missing = EnumSet.copyOf(facts);
            missing.removeAll(named);
            throw new IllegalStateException("what is reckoned from " + named + " reads " + missing + " too");
        }
    }

    /** Notes from now on what this thread reads, until it is told to stop; the rulebook's figures are in everything. */
    void noteReading() {
        noted.set(EnumSet.of(Fact.FIGURES));
    }

    /** What one of several readings within this one reads; it counts to what this one reads too. */
    public Set<Fact> notingApart(Runnable reading) {
        Set<Fact> around = noted.get();
        noteReading();
        try {
            reading.run();
            return readSoFar();
        } finally {
            Set<Fact> read = readSoFar();
            noted.set(around);
            reads(read);
        }
    }

    /** True while some transaction has changed figures of the rulebook and has not ended. */
    boolean figuresInHand() {
        return figuresInHand.get() > 0;
    }

    void stopNoting() {
        noted.remove();
        seen.remove();
    }

    /** From now on this thread, which only reads, sees each thing that is kept once, whatever others write meanwhile. */
    void seeEachOnce() {
        seen.set(new IdentityHashMap<>());
    }

    /**
     * The same value each time within one reckoning or reading, so that its parts belong together. What is reckoned from one
     * that grew old meanwhile is not kept: the commit that made it old drops that too.
     */
    @SuppressWarnings("unchecked")
    <T> T seenOnce(Derived<T> derived, Supplier<T> now) {
        Map<Derived<?>, Object> mine = seen.get();
        if (mine == null || open() != null) {
            return now.get();
        }
        Object held = mine.get(derived);
        if (held == null) {
            held = Objects.requireNonNull(now.get());
            mine.put(derived, held);
        }
        return (T) held;
    }

    /** What this thread has read since it began to note, empty where it does not. */
    Set<Fact> readSoFar() {
        Set<Fact> note = noted.get();
        return note == null ? Set.of() : Set.copyOf(note);
    }

    /** True while it matters on this thread what is read. */
    boolean watchesReading() {
        return noted.get() != null || reckoning();
    }

    /** True while something kept is being reckoned on this thread. */
    boolean reckoning() {
        return !reckoning.get().isEmpty();
    }

    <T extends @Nullable Object> T watched(Set<Fact> facts, Supplier<T> reckon) {
        Map<Derived<?>, Object> around = seen.get();
        reckoning.get().push(facts);
        // What is to be kept may not rest on what whoever asks saw earlier.
        seen.set(new IdentityHashMap<>());
        try {
            return reckon.get();
        } finally {
            reckoning.get().pop();
            seen.set(around);
        }
    }

    /** Some facts have been changed for these rows, or for any where none are named. */
    void wrote(Set<Fact> facts, Set<Long> rows) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            throw new IllegalStateException(facts + " changed outside a transaction");
        }
        OpenChange mine = open();
        if (mine == null) {
            mine = new OpenChange();
            TransactionSynchronizationManager.bindResource(this, mine);
            TransactionSynchronizationManager.registerSynchronization(new Teller(mine));
        }
        if (facts.contains(Fact.FIGURES) && !mine.facts().contains(Fact.FIGURES)) {
            figuresInHand.incrementAndGet();
        }
        for (Fact fact : facts) {
            mine.add(fact, rows);
        }
    }

    /** What this thread's transaction has changed, null where nothing. */
    @Nullable
    OpenChange open() {
        return (OpenChange) TransactionSynchronizationManager.getResource(this);
    }

    /** Tells the listeners now what this transaction has changed so far, so that what follows can be read back. */
    public void settle() {
        OpenChange mine = open();
        if (mine != null) {
            tell(mine);
        }
    }

    private void tell(OpenChange mine) {
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Change untold = mine.untold();
            if (untold.isEmpty()) {
                return;
            }
            listeners.orderedStream().forEach(listener -> listener.farmChanged(untold));
        }
        throw new IllegalStateException("changes go in a circle: " + mine.untold());
    }

    /** Follows one transaction to its end. */
    private final class Teller implements TransactionSynchronization {
        private final OpenChange mine;

        Teller(OpenChange mine) {
            this.mine = mine;
        }

        /** Before the {@link Pen} is let go: what is kept is dropped while nobody else reads or writes. */
        @Override
        public int getOrder() {
            return LOWEST_PRECEDENCE - 1;
        }

        @Override
        public void suspend() {
            TransactionSynchronizationManager.unbindResource(Changes.this);
        }

        @Override
        public void resume() {
            TransactionSynchronizationManager.bindResource(Changes.this, mine);
        }

        @Override
        public void beforeCommit(boolean readOnly) {
            tell(mine);
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResource(Changes.this);
            // Who wrote sees what is so now.
            Map<Derived<?>, Object> looked = seen.get();
            if (looked != null) {
                looked.clear();
            }
            try {
                ended(status);
            } finally {
                // Whoever glances from here on finds that what is kept is stale.
                if (mine.facts().contains(Fact.FIGURES)) {
                    figuresInHand.decrementAndGet();
                }
            }
        }

        private void ended(int status) {
            if (status != STATUS_ROLLED_BACK) {
                kept.forEach(derived -> derived.committed(mine.change()));
                feed.ifAvailable(one -> one.tell(mine.facts(), mine.by()));
            }
        }
    }
}
