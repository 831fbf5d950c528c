package baylantern.core.fit.contact;

import baylantern.core.fit.FitRefused;

/**
 * How the scion is cut and lies against the stock.
 *
 * @param cutMm length of the cut along the grain, 5 to 120 mm
 * @param offsetMm how far the scion's axis lies right of the stock's, −150 to 150 mm
 * @param tiltDeg how far the scion leans to the right going down, −15 to 15°
 * @param depthMm how deep the technique's own cut goes, 0 to 60 mm; each model says what it is
 * @param splitMm how far the split lies off the pith, 0 to 60 mm; only clefts have one
 */
public record Placing(Way way, double cutMm, double offsetMm, double tiltDeg, double depthMm, double splitMm) {

    static final double LEAST_CUT_MM = 5;
    static final double MOST_CUT_MM = 120;
    static final double MOST_OFFSET_MM = 150;
    static final double MOST_TILT_DEG = 15;
    static final double MOST_DEPTH_MM = 60;

    /** Requires each measure in its range, else {@link FitRefused}. */
    public Placing {
        FitRefused.within("cutMm", "The length of a cut", cutMm, LEAST_CUT_MM, MOST_CUT_MM, "mm");
        FitRefused.within("offsetMm", "The offset", offsetMm, -MOST_OFFSET_MM, MOST_OFFSET_MM, "mm");
        FitRefused.within("tiltDeg", "The tilt", tiltDeg, -MOST_TILT_DEG, MOST_TILT_DEG, "°");
        FitRefused.within("depthMm", "The depth", depthMm, 0, MOST_DEPTH_MM, "mm");
        FitRefused.within("splitMm", "The split off centre", splitMm, 0, MOST_DEPTH_MM, "mm");
    }

    /** The same, lying elsewhere. */
    public Placing offset(double mm) {
        return new Placing(way, cutMm, mm, tiltDeg, depthMm, splitMm);
    }

    /** The same, leaning otherwise. */
    public Placing tilt(double degrees) {
        return new Placing(way, cutMm, offsetMm, degrees, depthMm, splitMm);
    }

    /** The same with another length of cut. */
    public Placing cut(double mm) {
        return new Placing(way, mm, offsetMm, tiltDeg, depthMm, splitMm);
    }

    /** Sideways for each mm of depth. */
    double lean() {
        return Math.tan(Math.toRadians(tiltDeg));
    }
}
