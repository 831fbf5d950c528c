package baylantern.app.fit;

import baylantern.core.fit.choice.CutHeight.CutPlace;
import baylantern.core.fit.contact.Contact;
import baylantern.core.fit.contact.CutStep;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.Placing;
import baylantern.core.fit.contact.Sketch;
import baylantern.core.fit.contact.Way;
import baylantern.core.rules.Finding;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is seen at the fit bench.
 *
 * @param place where on the stem it is cut and why; null where the limits leave no room
 * @param noRoom why there is no room, null where there is
 * @param ways every way it can be cut, with what each gives at its own best
 * @param side where the scion is flush: right, left or middle
 */
record FitView(
        String techniqueKey,
        String techniqueName,
        double stockMm,
        double stockBarkMm,
        double scionMm,
        double scionBarkMm,
        double ratio,
        double heightMm,
        Placing placing,
        FitBench.Measured measured,
        String side,
        Sketch section,
        Sketch face,
        List<CutStep> cuts,
        @Nullable CutPlace place,
        @Nullable String noRoom,
        List<WayView> ways,
        String depthName,
        boolean splits,
        boolean tilts,
        boolean ownLength,
        List<StemPoint> outline,
        List<Finding> mind) {

    /** How thick the stem is at a height, for drawing it from the soil up. */
    record StemPoint(double heightMm, double diameterMm) {}

    /** A way to cut, and its contact where it lies best. */
    record WayView(Way way, String words, Contact best) {}
}
