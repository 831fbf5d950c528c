package baylantern.core.care.walk;

import java.time.LocalDate;

/**
 * A visit that has to be made on some walk.
 *
 * @param key whose visit it is, and which; a walk tells the errands it does by their keys
 * @param place where it is made
 * @param earliest first day on which it makes sense
 * @param target best day
 * @param latest last day, not before the first
 */
public record Errand(String key, long place, LocalDate earliest, LocalDate target, LocalDate latest) {

    /** Requires {@code earliest <= latest}. */
    public Errand {
        if (latest.isBefore(earliest)) {
            throw new IllegalArgumentException(
                    "an errand from " + earliest + " to " + latest + " ends before it begins");
        }
    }

    /** True where it can be made on a day. */
    public boolean fits(LocalDate day) {
        return !day.isBefore(earliest) && !day.isAfter(latest);
    }
}
