package baylantern.app.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What was done without contact and is sent later: it is written as of when it was done. How long ago that was the device
 * measures with its own clock, so a clock that is wrong does no harm; the day is the farm's, as the device last knew it.
 *
 * @param farm the mark of the farm it was done for
 */
public record DoneAway(String farm, LocalDate day, Duration ago) {

    static final String FARM = "Lantern-Farm";
    static final String DAY = "Lantern-Day";
    static final String AGO = "Lantern-Ago";

    /** Longer than any device stays away, in seconds: 60 days. */
    public static final long LONGEST_S = 60 * 86_400;

    /** The same. */
    public static final Duration LONGEST = Duration.ofSeconds(LONGEST_S);

    private static final String SECONDS = "[0-9]{1,8}";

    /** When what is sent was done; null where it is done now. */
    static @Nullable DoneAway of(HttpServletRequest request) {
        String farm = request.getHeader(FARM);
        if (farm == null) {
            return null;
        }
        String day = request.getHeader(DAY);
        String ago = request.getHeader(AGO);
        if (ago == null || !ago.matches(SECONDS)) {
            throw FarmProblem.wrong(AGO, ago, "seconds", "The heading " + AGO + " cannot be read.");
        }
        try {
            return new DoneAway(farm, LocalDate.parse(day == null ? "" : day), Duration.ofSeconds(Long.parseLong(ago)));
        } catch (DateTimeException e) {
            throw FarmProblem.wrong(DAY, day, "a day", "The heading " + DAY + " cannot be read.");
        }
    }

    /** Throws where it cannot have been done then, or was done for another farm. */
    void check(String here, LocalDate today) {
        if (!farm.equals(here)) {
            throw FarmProblem.conflict("This was kept for another farm, or for this one before it went back to a copy. "
                    + "What it means may stand for something else here.");
        }
        LocalDate first = today.minusDays(LONGEST.toDays());
        if (day.isAfter(today) || day.isBefore(first)) {
            throw FarmProblem.wrong(
                    "seenOn",
                    day,
                    first + " to " + today,
                    "It cannot have been done on " + day + ". Say which day it was.");
        }
    }
}
