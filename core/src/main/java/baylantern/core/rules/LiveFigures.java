package baylantern.core.rules;

import java.util.AbstractMap;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Starting figures with the grower's own in their place, looked up each time: whoever holds these rules sees a figure as it
 * is now. An own number outside its range, as one from another edition may be, is passed over.
 */
final class LiveFigures extends AbstractMap<String, Figure> {

    private final String of;
    private final Map<String, Figure> shipped;
    private final OwnFigures own;

    LiveFigures(String of, Map<String, Figure> shipped, OwnFigures own) {
        this.of = of;
        this.shipped = Collections.unmodifiableMap(new LinkedHashMap<>(shipped));
        this.own = own;
    }

    /** The figures as shipped, whoever changed which. */
    static Map<String, Figure> shipped(Map<String, Figure> figures) {
        return figures instanceof LiveFigures live ? live.shipped : figures;
    }

    @Override
    public @Nullable Figure get(Object key) {
        Figure figure = shipped.get(key);
        return figure == null ? null : now((String) key, figure);
    }

    @Override
    public boolean containsKey(Object key) {
        return shipped.containsKey(key);
    }

    @Override
    public Set<String> keySet() {
        return shipped.keySet();
    }

    @Override
    public Set<Entry<String, Figure>> entrySet() {
        Map<String, Figure> now = new LinkedHashMap<>();
        shipped.forEach((key, figure) -> now.put(key, now(key, figure)));
        return Collections.unmodifiableMap(now).entrySet();
    }

    private Figure now(String key, Figure figure) {
        Double number = own.of(of, key);
        return number == null || !figure.spans(number) ? figure : figure.at(number);
    }
}
