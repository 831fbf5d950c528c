package baylantern.core.rules;

/** Which side of the equator a farm lies on. */
public enum Hemisphere {
    NORTH,
    SOUTH;

    /** By latitude, degrees; the equator counts as north. */
    public static Hemisphere of(double latitudeDeg) {
        return latitudeDeg < 0 ? SOUTH : NORTH;
    }
}
