package baylantern.core.rules;

import java.util.Map;

/** Puts other figures in the place of some. */
@FunctionalInterface
interface FigureChange {

    /**
     * The same figures, changed.
     *
     * @param of the species they are about, empty where they are about all
     */
    Map<String, Figure> of(String of, Map<String, Figure> figures);
}
