package baylantern.app.platform;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** What one open transaction has changed, and what it has reckoned for itself from that. Belongs to one thread. */
final class OpenChange {

    private final Map<Derived<?>, Object> reckoned = new IdentityHashMap<>();
    private final Map<Fact, Rows> whole = new EnumMap<>(Fact.class);
    private final Map<Fact, Rows> untold = new EnumMap<>(Fact.class);
    private @Nullable String by;

    /** Rows of one fact, or any of them. Grows in place: a long import changes many thousand. */
    private static final class Rows {
        private final Set<Long> ids = new HashSet<>();
        private boolean any;

        void add(Set<Long> more) {
            any |= more.isEmpty();
            ids.addAll(more);
        }
    }

    void add(Fact fact, Set<Long> rows) {
        whole.computeIfAbsent(fact, k -> new Rows()).add(rows);
        untold.computeIfAbsent(fact, k -> new Rows()).add(rows);
        reckoned.keySet().removeIf(derived -> derived.facts().contains(fact));
    }

    /** The request it is of, null where none is known. */
    @Nullable
    String by() {
        return by;
    }

    void by(@Nullable String request) {
        by = request;
    }

    /** The facts that have changed. */
    Set<Fact> facts() {
        return whole.isEmpty() ? EnumSet.noneOf(Fact.class) : EnumSet.copyOf(whole.keySet());
    }

    boolean touches(Set<Fact> facts) {
        return facts.stream().anyMatch(whole::containsKey);
    }

    /** All that has changed. */
    Change change() {
        return frozen(whole);
    }

    /** What has changed since this was last asked. */
    Change untold() {
        Change told = frozen(untold);
        untold.clear();
        return told;
    }

    private static Change frozen(Map<Fact, Rows> changed) {
        Map<Fact, Set<Long>> rows = new EnumMap<>(Fact.class);
        changed.forEach((fact, of) -> rows.put(fact, of.any ? Set.of() : Set.copyOf(of.ids)));
        return Change.of(rows);
    }

    @SuppressWarnings("unchecked")
    <T> T reckonedOnce(Derived<T> derived, Supplier<T> reckoning) {
        Object held = reckoned.get(derived);
        if (held == null) {
            held = Objects.requireNonNull(reckoning.get());
            reckoned.put(derived, held);
        }
        return (T) held;
    }
}
