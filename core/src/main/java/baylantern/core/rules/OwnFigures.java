package baylantern.core.rules;

import org.jspecify.annotations.Nullable;

/** The grower's own figures, which stand in place of the starting ones. They may change while the rulebook is in use. */
@FunctionalInterface
public interface OwnFigures {

    /** None: the rulebook as shipped. */
    OwnFigures NONE = (of, key) -> null;

    /**
     * The own number of a figure, null where there is none.
     *
     * @param of the species it is about, empty where it is about all
     */
    @Nullable
    Double of(String of, String key);
}
