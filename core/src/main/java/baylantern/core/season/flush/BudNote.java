package baylantern.core.season.flush;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A bud stage noted on a plant.
 *
 * @param sun the canopy, or its sunny side where the shaded one is told apart
 * @param shade the shaded side, null where it was not told apart
 * @param flowering true where the plant was in flower
 */
public record BudNote(
        LocalDate day, CanopyShares sun, @Nullable CanopyShares shade, boolean flowering) {

    /** The whole canopy at one stage, no flowers. */
    public static BudNote of(LocalDate day, CanopyShares canopy) {
        return new BudNote(day, canopy, null, false);
    }

    /** The mean of both sides. */
    public CanopyShares canopy() {
        return shade == null ? sun : sun.mean(shade);
    }
}
