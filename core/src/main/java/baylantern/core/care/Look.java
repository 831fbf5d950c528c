package baylantern.core.care;

import baylantern.core.rules.Quantity;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One look at a graft.
 *
 * @param correction true where it sets an earlier answer right and may move the life backward
 * @param lengthMm length of the scion's longest shoot, mm from the union, null where nobody measured it
 * @param found what was found beside
 */
public record Look(
        LocalDate seenOn,
        Sign sign,
        boolean correction,
        @Nullable Double lengthMm,
        Set<Trace> found) {

    /** The longest shoot that is believed, mm. */
    public static final double LONGEST_MM = 5000;

    /** Requires a length above 0 and at most {@value #LONGEST_MM} mm where there is one. */
    public Look {
        if (lengthMm != null && !(0 < lengthMm && lengthMm <= LONGEST_MM)) {
            throw new IllegalArgumentException(
                    "a shoot is over 0 and up to " + Quantity.mm(LONGEST_MM) + ", not " + Quantity.mm(lengthMm));
        }
        found = Set.copyOf(found);
    }

    /** An ordinary look. */
    public static Look of(LocalDate seenOn, Sign sign) {
        return new Look(seenOn, sign, false, null, Set.of());
    }

    /** A look that sets an earlier answer right. */
    public static Look correcting(LocalDate seenOn, Sign sign) {
        return new Look(seenOn, sign, true, null, Set.of());
    }

    /** The same with a length. */
    public Look measuring(double mm) {
        return new Look(seenOn, sign, correction, mm, found);
    }

    /** The same with what was found beside. */
    public Look finding(Trace... traces) {
        return new Look(seenOn, sign, correction, lengthMm, Set.of(traces));
    }
}
