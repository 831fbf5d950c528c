package baylantern.core.rules;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Looks up what must be there. */
public final class Known {

    private Known() {}

    /** The value under a key; {@link IllegalStateException} with the key where there is none. */
    public static <K, V> V in(Map<K, V> map, K key) {
        @Nullable V found = map.get(key);
        if (found == null) {
            throw new IllegalStateException("nothing is kept under " + key);
        }
        return found;
    }
}
