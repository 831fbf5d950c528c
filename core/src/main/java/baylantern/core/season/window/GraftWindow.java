package baylantern.core.season.window;

import baylantern.core.season.flush.DayRange;
import java.time.LocalDate;

/**
 * A run of lit days.
 *
 * @param best the day with the highest score
 * @param ends the range of the last day over the runs
 * @param confidence share of the runs in which the best day is lit, 0 to 1
 * @param pinched true where the best day needs pinched wood
 */
public record GraftWindow(
        LocalDate first, LocalDate best, LocalDate last, DayRange ends, double confidence, boolean pinched) {}
