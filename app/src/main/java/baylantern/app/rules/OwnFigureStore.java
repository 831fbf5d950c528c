package baylantern.app.rules;

import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.core.rules.OwnFigures;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** The grower's own figures as the store holds them; who writes one sees it at once, all others once it is committed. */
@Component
class OwnFigureStore implements OwnFigures {

    private final ObjectProvider<FigureMapper> figures;
    private final Derived<Map<String, Map<String, Double>>> own;

    OwnFigureStore(ObjectProvider<FigureMapper> figures, Changes changes) {
        this.figures = figures;
        this.own = changes.derive(this::read, Fact.FIGURES);
    }

    private Map<String, Map<String, Double>> read() {
        Map<String, Map<String, Double>> all = new HashMap<>();
        figures.getObject()
                .all()
                .forEach(one -> all.computeIfAbsent(one.speciesKey(), k -> new HashMap<>())
                        .put(one.figure(), one.number()));
        return all;
    }

    @Override
    public Map<String, Double> ofAll() {
        return own.glance().getOrDefault("", Map.of());
    }

    @Override
    public @Nullable Double of(String of, String key) {
        Map<String, Double> numbers = own.glance().get(of);
        return numbers == null ? null : numbers.get(key);
    }
}
