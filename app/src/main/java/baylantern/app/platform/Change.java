package baylantern.app.platform;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What has changed: each fact with the plants, grafts or other rows concerned, or with none named where it may be any of
 * them. Immutable.
 */
public final class Change {

    /** Nothing has changed. */
    public static final Change NONE = new Change(Map.of());

    private static final Set<Long> ANY = Set.of();

    private final Map<Fact, Set<Long>> ids;

    private Change(Map<Fact, Set<Long>> ids) {
        this.ids = ids;
    }

    /** Every fact, for any row. */
    public static Change everything() {
        Map<Fact, Set<Long>> all = new EnumMap<>(Fact.class);
        for (Fact fact : Fact.values()) {
            all.put(fact, ANY);
        }
        return new Change(all);
    }

    /** Facts with the rows concerned, with none where it may be any. */
    static Change of(Map<Fact, Set<Long>> rows) {
        return rows.isEmpty() ? NONE : new Change(new EnumMap<>(rows));
    }

    /** This and another together. */
    Change plus(Change other) {
        Map<Fact, Set<Long>> both = new EnumMap<>(Fact.class);
        both.putAll(ids);
        other.ids.forEach((fact, rows) -> both.merge(fact, rows, Change::joined));
        return new Change(both);
    }

    private static Set<Long> joined(Set<Long> some, Set<Long> more) {
        if (some.isEmpty() || more.isEmpty()) {
            return ANY;
        }
        Set<Long> both = new HashSet<>(some);
        both.addAll(more);
        return Set.copyOf(both);
    }

    /** The part of it that concerns these facts. */
    Change within(Set<Fact> facts) {
        Map<Fact, Set<Long>> some = new EnumMap<>(Fact.class);
        ids.forEach((fact, rows) -> {
            if (facts.contains(fact)) {
                some.put(fact, rows);
            }
        });
        return some.isEmpty() ? NONE : new Change(some);
    }

    /** True where nothing has changed. */
    public boolean isEmpty() {
        return ids.isEmpty();
    }

    /** True where any of these facts has changed. */
    public boolean touches(Fact... facts) {
        for (Fact fact : facts) {
            if (ids.containsKey(fact)) {
                return true;
            }
        }
        return false;
    }

    /** The rows of a fact that have changed: empty where it has not, null where it may be any. */
    public @Nullable Set<Long> rows(Fact fact) {
        Set<Long> rows = ids.get(fact);
        return rows == null ? Set.of() : rows.isEmpty() ? null : rows;
    }

    @Override
    public String toString() {
        return ids.toString();
    }
}
