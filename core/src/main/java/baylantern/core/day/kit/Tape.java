package baylantern.core.day.kit;

import baylantern.core.rules.Quantity;

/**
 * Tape wound about a stem as a helix: each turn rises by the width that does not overlap, so a length wrapped takes
 * {@code turns · √((π d)² + rise²)} with {@code turns = wrapped / rise + 1}, the one more to lie on itself; then the end
 * that is held, tied off and thrown away.
 *
 * @param widthMm of the tape, over 0
 * @param overlap share of its width each turn lies on the last, 0 to under 1
 * @param restMm thrown away of every piece, 0 or more
 */
public record Tape(double widthMm, double overlap, double restMm) {

    /** Throws where a measure cannot be. */
    public Tape {
        if (!(widthMm > 0 && overlap >= 0 && overlap < 1 && restMm >= 0)) {
            throw new IllegalArgumentException("tape " + Quantity.mm(widthMm) + " wide, overlap " + overlap + ", rest "
                    + Quantity.mm(restMm) + ": over 0, from 0 to under 1, from 0 are wanted");
        }
    }

    /** Tape for one graft, mm: about a stem so thick, over so much of its length. */
    public double lengthMm(double diameterMm, double wrappedMm) {
        if (!(diameterMm > 0 && wrappedMm >= 0)) {
            throw new IllegalArgumentException(Quantity.mm(diameterMm) + " thick, " + Quantity.mm(wrappedMm)
                    + " wrapped: over 0 and from 0 are wanted");
        }
        double rise = widthMm * (1 - overlap);
        double turns = wrappedMm / rise + 1;
        return turns * Math.hypot(Math.PI * diameterMm, rise) + restMm;
    }
}
