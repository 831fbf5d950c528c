package baylantern.app.platform;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Something reckoned from named facts and kept until one of them changes. Made by {@link Changes#derive}.
 *
 * <p>It is dropped when a change is committed. A transaction that has changed one of its facts gets it reckoned for
 * itself alone, from what it wrote; all others go on with what is committed. Asked by many at once it is reckoned once.
 */
public final class Derived<T> implements Supplier<T> {

    /** Reckons it: from what was kept before, null at first, and what has changed since. */
    @FunctionalInterface
    public interface Reckoning<T> {
        T from(@Nullable T before, Change since);
    }

    private record Kept<T>(T value, LocalDate day) {}

    private record Standing<T>(@Nullable Kept<T> kept, Change since) {}

    private final Changes changes;
    private final Set<Fact> facts;
    private final Reckoning<T> reckoning;
    private final Object gate = new Object();
    private volatile Standing<T> standing = new Standing<>(null, Change.everything());
    private Change arrived = Change.NONE;

    Derived(Changes changes, Set<Fact> facts, Reckoning<T> reckoning) {
        this.changes = changes;
        this.facts = facts;
        this.reckoning = reckoning;
    }

    /** What it rests on. */
    Set<Fact> facts() {
        return facts;
    }

    @Override
    public T get() {
        changes.reads(facts);
        OpenChange mine = changes.open();
        if (mine != null && mine.touches(facts)) {
            return mine.reckonedOnce(this, () -> {
                Standing<T> now = standing;
                return reckon(now.kept(), now.since().plus(mine.change()).within(facts));
            });
        }
        return changes.seenOnce(this, () -> {
            Standing<T> now = standing;
            return fresh(now) ? kept(now) : renewed();
        });
    }

    /**
     * The same for what is looked up a million times within one reckoning: a glance at what is kept, without a note that it
     * was read. Only for what everything rests on and need not name.
     */
    public T glance() {
        Standing<T> now = standing;
        return now.since().isEmpty() && now.kept() != null && !changes.figuresInHand() ? kept(now) : get();
    }

    // What is known to be stale stays so until the new is there: who asks meanwhile waits for it.
    private synchronized T renewed() {
        Standing<T> now;
        synchronized (gate) {
            now = standing;
            if (fresh(now)) {
                return kept(now);
            }
            arrived = Change.NONE;
        }
        LocalDate day = day();
        T value = reckon(now.kept(), sameDay(now, day) ? now.since() : Change.everything());
        synchronized (gate) {
            standing = new Standing<>(new Kept<>(value, day), arrived);
        }
        return value;
    }

    private T reckon(@Nullable Kept<T> before, Change since) {
        return changes.watched(facts, () -> reckoning.from(before == null ? null : before.value(), since));
    }

    private boolean fresh(Standing<T> now) {
        return now.since().isEmpty() && now.kept() != null && sameDay(now, day());
    }

    private static <T> boolean sameDay(Standing<T> now, LocalDate day) {
        return now.kept() != null && now.kept().day().equals(day);
    }

    private static <T> T kept(Standing<T> now) {
        return java.util.Objects.requireNonNull(now.kept()).value();
    }

    // What rests on the day alone is the day itself: to ask it for the day would go in a circle.
    private LocalDate day() {
        return facts.contains(Fact.DAY) && !restsOnTheDayAlone() ? changes.today() : LocalDate.MIN;
    }

    private boolean restsOnTheDayAlone() {
        return facts.equals(EnumSet.of(Fact.DAY, Fact.FIGURES));
    }

    /** Something has been committed. */
    void committed(Change change) {
        Change own = change.within(facts);
        if (!own.isEmpty()) {
            synchronized (gate) {
                standing = new Standing<>(standing.kept(), standing.since().plus(own));
                arrived = arrived.plus(own);
            }
        }
    }

    /** Forgets what is kept, whole. */
    void forget() {
        synchronized (gate) {
            standing = new Standing<>(null, Change.everything());
            arrived = Change.everything();
        }
    }
}
