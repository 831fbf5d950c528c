package baylantern.core.season.flush;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A day as a forecast gives it: in one case of ten it comes before {@code low}, in one of ten after {@code high}.
 *
 * @param low null, like the others, where that lies beyond the reach of the forecast
 */
public record DayRange(
        @Nullable LocalDate low,
        @Nullable LocalDate mid,
        @Nullable LocalDate high) {

    /** The range of sorted days counted from a first day; days from {@code reach} on are beyond reach. */
    public static DayRange of(int[] sortedAhead, LocalDate first, int reach) {
        return new DayRange(
                at(sortedAhead, 0.1, first, reach),
                at(sortedAhead, 0.5, first, reach),
                at(sortedAhead, 0.9, first, reach));
    }

    private static @Nullable LocalDate at(int[] sorted, double share, LocalDate first, int reach) {
        int ahead = sorted[(int) Math.round(share * (sorted.length - 1))];
        return ahead >= reach ? null : first.plusDays(ahead);
    }
}
