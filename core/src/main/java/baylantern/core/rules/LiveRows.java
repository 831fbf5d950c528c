package baylantern.core.rules;

import java.util.AbstractMap;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The rows of the data files with the grower's own numbers in them, read anew whenever one of those changes: whoever holds a
 * row's map sees it as it is now.
 */
final class LiveRows implements RowChange {

    /** Who tries a change has another reading than all others meanwhile. */
    private static final int READINGS_KEPT = 4;

    private final OwnFigures own;
    private final RulebookReader reader = RulebookReader.shipped();
    private final Map<Map<String, Double>, Rulebook> kept = new LinkedHashMap<>();
    private volatile @Nullable Reading last;

    private record Reading(Map<String, Double> numbers, Rulebook rules) {}

    LiveRows(OwnFigures own) {
        this.own = own;
    }

    /** As the rows are now. */
    Rulebook now() {
        Map<String, Double> numbers = own.ofAll();
        Reading reading = last;
        if (reading == null || reading.numbers() != numbers) {
            reading = new Reading(numbers, of(numbers));
            last = reading;
        }
        return reading.rules();
    }

    private synchronized Rulebook of(Map<String, Double> numbers) {
        Rulebook rules = kept.computeIfAbsent(numbers, reader::read);
        if (kept.size() > READINGS_KEPT) {
            kept.remove(kept.keySet().iterator().next());
        }
        return rules;
    }

    @Override
    public <K, V> Map<K, V> of(Function<Rulebook, Map<K, V>> part) {
        return new View<>(() -> part.apply(now()));
    }

    /** A map that is another's, as that is now. */
    static final class View<K, V> extends AbstractMap<K, V> {

        private final Supplier<Map<K, V>> now;

        View(Supplier<Map<K, V>> now) {
            this.now = now;
        }

        @Override
        public @Nullable V get(Object key) {
            return now.get().get(key);
        }

        @Override
        public boolean containsKey(Object key) {
            return now.get().containsKey(key);
        }

        @Override
        public Set<K> keySet() {
            return Collections.unmodifiableSet(now.get().keySet());
        }

        @Override
        public Set<Entry<K, V>> entrySet() {
            return Collections.unmodifiableMap(now.get()).entrySet();
        }
    }
}
