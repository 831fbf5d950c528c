package baylantern.core.care;

import java.time.LocalDate;

/**
 * One look at a graft.
 *
 * @param correction true where it sets an earlier answer right and may move the life backward
 */
public record Look(LocalDate seenOn, Sign sign, boolean correction) {

    /** An ordinary look. */
    public static Look of(LocalDate seenOn, Sign sign) {
        return new Look(seenOn, sign, false);
    }

    /** A look that sets an earlier answer right. */
    public static Look correcting(LocalDate seenOn, Sign sign) {
        return new Look(seenOn, sign, true);
    }
}
