package baylantern.core.season.window;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether stocks and wood will be ready together, and what pinching the wood or topping the stocks would do to it.
 *
 * @param days the coming days, each with its chances
 * @param ways the best day as everything stands, then of each thing to do that betters it, the best first
 */
public record Meeting(List<Day> days, List<Way> ways) {

    /**
     * The chance that stocks and wood are ready on the same day, 0 to 1: as they are, and by what would be done in time.
     */
    public record Day(LocalDate day, double asTheyAre, double pinched, double topped, double both) {}

    /**
     * The best day of one way to go about it.
     *
     * @param meet the chance that stocks and wood are ready then
     * @param lit the chance that the weather holds too
     * @param pinchBy the day to pinch for it, null where nothing is pinched
     * @param topBy the day to take the stocks' tops off, null where none come off
     */
    public record Way(
            Doing doing,
            LocalDate best,
            double meet,
            double lit,
            @Nullable LocalDate pinchBy,
            @Nullable LocalDate topBy) {}
}
