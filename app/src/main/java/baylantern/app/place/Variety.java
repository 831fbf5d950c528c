package baylantern.app.place;

import org.jspecify.annotations.Nullable;

/**
 * A variety as stored.
 *
 * @param letters the speakable letters its grafts' codes begin with
 * @param flowering flowering type, for instance A or B; null where it does not matter
 * @param harvestMonths months 1 to 12 with commas; empty where not known
 * @param vigour 1 to 5, null where not known
 */
public record Variety(
        long id,
        String speciesKey,
        String name,
        String letters,
        @Nullable String flowering,
        String harvestMonths,
        @Nullable Integer vigour,
        boolean protectedRight,
        String notes,
        int version) {}
