package baylantern.app.day;

import baylantern.core.day.crew.Role;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Who works on a day, from when, and its pause.
 *
 * @param beginsMinute when the day begins, minutes after midnight
 * @param pause null where there is none
 */
record TeamEntry(
        @DecimalMin(value = "0", message = "is a time of day") @DecimalMax(value = "1440", message = "is a time of day")
        int beginsMinute,

        @Nullable @Valid Break pause,

        @NotNull(message = "needs people") @Size(max = 20, message = "are at most 20")
        List<@Valid Member> hands) {

    /** A day has so many. */
    static final int MINUTES = 1440;

    /** A pause of everybody, minutes after midnight. */
    record Break(
            @DecimalMin(value = "0", message = "is a time of day")
            @DecimalMax(value = "1440", message = "is a time of day")
            int from,

            @DecimalMin(value = "0", message = "is a time of day")
            @DecimalMax(value = "1440", message = "is a time of day")
            int until) {}

    /**
     * A person of the team.
     *
     * @param fromMinute when they come, minutes after the day begins
     */
    record Member(
            @NotNull(message = "needs a person") Long personId,
            @NotNull(message = "needs a role") Role role,

            @DecimalMin(value = "0", message = "is from 0 minutes")
            @DecimalMax(value = "1440", message = "is at most a day")
            int fromMinute) {}
}
