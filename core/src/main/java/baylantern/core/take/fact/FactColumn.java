package baylantern.core.take.fact;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** One aspect of all grafts: the kind each is of. */
public final class FactColumn {

    /** The kind of a graft of which this is not known. */
    public static final int UNKNOWN = -1;

    private final Aspect aspect;
    private final List<Kind> kinds;
    private final int[] of;

    private FactColumn(Aspect aspect, List<Kind> kinds, int[] of) {
        this.aspect = aspect;
        this.kinds = List.copyOf(kinds);
        this.of = of;
    }

    /**
     * A kind of an aspect.
     *
     * @param key finds it again
     * @param words as a grower says it
     */
    public record Kind(String key, String words) {}

    /** The aspect. */
    public Aspect aspect() {
        return aspect;
    }

    /** Its kinds: those of a number in rising order, others as they were met. */
    public List<Kind> kinds() {
        return kinds;
    }

    /** The kind a graft is of, {@link #UNKNOWN} where that was not written down. */
    public int of(int graft) {
        return of[graft];
    }

    /** The kind with this key, {@link #UNKNOWN} where none is. */
    public int kind(String key) {
        for (int kind = 0; kind < kinds.size(); kind++) {
            if (kinds.get(kind).key().equals(key)) {
                return kind;
            }
        }
        return UNKNOWN;
    }

    /** Fills a column graft by graft. */
    public static final class Builder {

        private final Aspect aspect;
        private final List<Kind> kinds = new ArrayList<>();
        private final Map<String, Integer> known = new HashMap<>();
        private final int[] of;

        /** A column of so many grafts, all unknown yet. */
        public Builder(Aspect aspect, int grafts) {
            this.aspect = aspect;
            this.of = new int[grafts];
            Arrays.fill(of, UNKNOWN);
            if (aspect.steps() != null) {
                for (int kind = 0; kind <= aspect.steps().at().size(); kind++) {
                    kinds.add(new Kind("" + kind, aspect.steps().words(kind)));
                }
            }
        }

        /** The number of a graft, null where it is not known; of an aspect that is one. */
        public void number(int graft, @Nullable Double number) {
            if (number != null && aspect.steps() != null && !number.isNaN()) {
                of[graft] = aspect.steps().kind(number);
            }
        }

        /** The kind of a graft; of an aspect that is no number. */
        public void kind(int graft, String key, String words) {
            of[graft] = known.computeIfAbsent(key, k -> {
                kinds.add(new Kind(k, words));
                return kinds.size() - 1;
            });
        }

        /** The column as filled. */
        public FactColumn done() {
            return new FactColumn(aspect, kinds, of);
        }
    }
}
