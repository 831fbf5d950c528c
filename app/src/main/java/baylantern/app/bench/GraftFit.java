package baylantern.app.bench;

/**
 * The fit a graft was made with.
 *
 * @param met cambium that met, in mm, or mm² for buds
 * @param whole the most that cut could give
 * @param ratio scion diameter over stock diameter
 * @param offsetMm how far the scion lay right of the stock's axis
 * @param score what the choice of technique was worth, 0 to about 1
 * @param laid true where the grower said how the scion lay, false where the best placing was assumed
 */
public record GraftFit(
        double met, double whole, double ratio, double offsetMm, double tiltDeg, double score, boolean laid) {}
