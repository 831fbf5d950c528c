package baylantern.core.fit.contact;

import java.util.List;

/** A line of the scion's cambium and what of the stock's it should meet. */
interface Meets {

    /** Length that could meet, mm. */
    double wholeMm();

    /** Length that meets, mm: nearer than the tolerance. */
    double metMm();

    /** The stretches that meet, as lines to draw on the cut face; x0, y0, x1, y1 and on, in mm. */
    List<double[]> glow();
}
