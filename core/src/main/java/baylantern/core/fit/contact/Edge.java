package baylantern.core.fit.contact;

/** One line of cambium on a cut face: how far to the right it lies, in mm, at a depth z below the top of the cut. */
interface Edge {

    /** Place across at depth z, in mm; NaN where the cut shows no cambium. */
    double at(double z);

    /** A line along the grain. */
    static Edge straight(double x) {
        return new Arc(x, 0, 0, 0, 0, 0);
    }
}
