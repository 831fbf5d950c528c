package baylantern.core.season.window;

/**
 * One of the three things a grower checks before grafting.
 *
 * @param score 0 to 1
 * @param words why, in a sentence
 */
public record Wick(Level level, double score, String words) {

    /** How a wick burns. */
    public enum Level {
        LIT,
        LOW,
        OUT
    }

    /** The level of a score: lit from {@code litFrom}, low from {@code lowFrom}, else out. */
    public static Level level(double score, double litFrom, double lowFrom) {
        return score >= litFrom ? Level.LIT : score >= lowFrom ? Level.LOW : Level.OUT;
    }
}
