package baylantern.core.season.flush;

/**
 * The warmth between two swells seen in a row on one plant.
 *
 * @param plant id of the plant
 * @param warmth degree-days between them, above 0
 * @param dateVariance variance of its log that comes from not knowing the days exactly
 */
public record Interval(long plant, Swell from, Swell to, double warmth, double dateVariance) {}
