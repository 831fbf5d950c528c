package baylantern.core.season.hindcast;

/** What somebody would guess who knows nothing of a tree: that it swells again some day of the next months. */
final class WideGuess {

    private static final double USUAL_DAYS = 120;

    private WideGuess() {}

    /** The share that has come by so many days after a look, 0 to 1. */
    static double by(double days) {
        return 1 - Math.exp(-days / USUAL_DAYS);
    }
}
