package baylantern.app.platform;

import java.time.LocalDate;

/** Where the days of a farm lie: from the oldest tree anybody can tell the planting of, to the farthest plan. */
public final class FarmDays {

    private static final int YEARS_BACK = 100;
    private static final int YEARS_AHEAD = 5;

    private FarmDays() {}

    /** Throws where a day told for a field lies a hundred years before the farm's day or more, or over five years after it. */
    public static void within(String field, LocalDate day, LocalDate today) {
        if (!has(day, today)) {
            throw FarmProblem.wrong(
                    field,
                    day,
                    first(today) + " to " + last(today),
                    "No farm has a day " + day.getYear() + " here; look at the year.");
        }
    }

    /** Whether a farm can have that day. */
    public static boolean has(LocalDate day, LocalDate today) {
        return !day.isBefore(first(today)) && !day.isAfter(last(today));
    }

    private static LocalDate first(LocalDate today) {
        return today.minusYears(YEARS_BACK);
    }

    private static LocalDate last(LocalDate today) {
        return today.plusYears(YEARS_AHEAD);
    }
}
