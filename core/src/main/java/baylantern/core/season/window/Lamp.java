package baylantern.core.season.window;

/**
 * The lamp of a day: it glows when stock, wood and weather hold together.
 *
 * @param chance that all three do, 0 to 1
 * @param lit true where the chance is over the grower's line
 */
public record Lamp(Wick stock, Wick wood, Wick weather, double chance, boolean lit) {}
