package baylantern.core.rules;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The grower's own figures, which stand in place of the starting ones. They may change while the rulebook is in use. */
public interface OwnFigures {

    /**
     * The own number of a figure, null where there is none.
     *
     * @param of the species it is about, empty where it is about all
     */
    @Nullable
    Double of(String of, String key);

    /**
     * All own numbers of figures that are about all species, by key. It never changes; where one of them does, another map is
     * given.
     */
    Map<String, Double> ofAll();
}
