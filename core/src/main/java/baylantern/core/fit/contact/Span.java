package baylantern.core.fit.contact;

/** A stretch of depth, in mm below the top of the cut. */
public record Span(double from, double to) {

    /** Its length, mm. */
    public double length() {
        return to - from;
    }
}
