package baylantern.core.season.window;

/** What could be done from today on, besides what was done already. */
public enum Doing {
    /** Everything stays as it is. */
    NOTHING,
    /** Tips of the wood are pinched in time. */
    PINCH,
    /** Tops of the stocks come off in time. */
    TOP,
    /** Both. */
    PINCH_AND_TOP;

    boolean pinches() {
        return this == PINCH || this == PINCH_AND_TOP;
    }

    boolean tops() {
        return this == TOP || this == PINCH_AND_TOP;
    }
}
