package baylantern.core.rules;

import java.util.Map;
import java.util.function.Function;

/** Puts other rows in the place of some. */
interface RowChange {

    /** A part of the rulebook that stands in rows, changed. */
    <K, V> Map<K, V> of(Function<Rulebook, Map<K, V>> part);

    /** The rows of one reading, as they are. */
    static RowChange held(Rulebook reading) {
        return new RowChange() {
            @Override
            public <K, V> Map<K, V> of(Function<Rulebook, Map<K, V>> part) {
                return part.apply(reading);
            }
        };
    }
}
