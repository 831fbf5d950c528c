package baylantern.core.season.window;

import java.time.LocalDate;

/**
 * Shoots of a variety that were pinched, and the days on which they serve.
 *
 * @param from the first day they may be ready
 * @param until the last day before their buds open
 */
public record Pinched(LocalDate on, LocalDate from, LocalDate until, int shoots) {

    /** Requires days in order and a shoot at least. */
    public Pinched {
        if (from.isBefore(on) || until.isBefore(from) || shoots < 1) {
            throw new IllegalArgumentException(shoots + " shoots pinched on " + on + " cannot serve from " + from);
        }
    }

    /** True where they serve on a day. */
    public boolean ready(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(until);
    }
}
