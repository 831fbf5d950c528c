package baylantern.app.fit;

import baylantern.core.fit.choice.CutHeight.CutPlace;
import baylantern.core.fit.contact.Contact;
import baylantern.core.fit.contact.CutStep;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.Placing;
import baylantern.core.fit.contact.Sketch;
import baylantern.core.fit.contact.Way;
import baylantern.core.rules.Finding;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is seen at the fit bench.
 *
 * @param ways every way it can be cut, with what each gives at its own best
 */
record FitView(
        String techniqueKey,
        String techniqueName,
        @JsonUnwrapped Sizes sizes,
        Placing placing,
        FitBench.Measured measured,
        @JsonUnwrapped Drawn drawn,
        @JsonUnwrapped Height height,
        List<WayView> ways,
        @JsonUnwrapped Can can,
        @JsonUnwrapped Told told) {

    /** What is joined, in mm. */
    record Sizes(
            double stockMm, double stockBarkMm, double scionMm, double scionBarkMm, double ratio, double heightMm) {}

    /**
     * The joint drawn, and how it is cut.
     *
     * @param side where the scion is flush: right, left or middle
     */
    record Drawn(String side, Sketch section, Sketch face, List<CutStep> cuts) {}

    /**
     * Where to cut the stem, or why nowhere.
     *
     * @param place where on the stem it is cut and why; null where the limits leave no room
     * @param noRoom why there is no room, null where there is
     */
    record Height(@Nullable CutPlace place, @Nullable String noRoom) {}

    /** What can be moved on it. */
    record Can(String depthName, boolean splits, boolean tilts, boolean ownLength) {}

    /** The stem as seen, and what to mind. */
    record Told(List<StemPoint> outline, List<Finding> mind) {}

    /** See {@link Drawn}. */
    public List<CutStep> cuts() {
        return drawn.cuts();
    }

    /** How thick the stem is at a height, for drawing it from the soil up. */
    record StemPoint(double heightMm, double diameterMm) {}

    /** A way to cut, and its contact where it lies best. */
    record WayView(Way way, String words, Contact best) {}
}
