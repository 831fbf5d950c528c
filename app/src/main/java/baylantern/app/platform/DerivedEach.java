package baylantern.app.platform;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Like {@link Derived}, one for each key, for instance each species; reckoned when first asked for. Where it is told what
 * a key is reckoned from, it is reckoned from just that, and a change that leaves that as it was leaves the result.
 */
public final class DerivedEach<K, T> {

    /** What a key is reckoned from, and how. */
    record From<T>(Object inputs, Supplier<T> reckoning) {}

    private record Reckoned<T>(Object inputs, T value) {}

    /** What has been reckoned since the last change, and what stood before it. */
    private record Generation<K, T>(Map<K, Reckoned<T>> now, Map<K, Reckoned<T>> before) {}

    private final Changes changes;
    private final Derived<Generation<K, T>> kept;
    private final Function<K, From<T>> from;

    DerivedEach(Changes changes, Function<K, From<T>> from, Fact... facts) {
        this.changes = changes;
        this.kept = changes.renew((before, since) -> next(before), facts);
        this.from = from;
    }

    private static <K, T> Generation<K, T> next(@Nullable Generation<K, T> before) {
        return new Generation<>(new ConcurrentHashMap<>(), before == null ? Map.of() : before.now());
    }

    /** What is reckoned for a key. */
    public T get(K key) {
        Generation<K, T> generation = kept.get();
        return generation
                .now()
                .computeIfAbsent(key, k -> changes.watched(kept.facts(), () -> reckoned(k, generation.before())))
                .value();
    }

    private Reckoned<T> reckoned(K key, Map<K, Reckoned<T>> before) {
        From<T> now = from.apply(key);
        Reckoned<T> old = before.get(key);
        return old != null && old.inputs().equals(now.inputs())
                ? old
                : new Reckoned<>(now.inputs(), now.reckoning().get());
    }
}
