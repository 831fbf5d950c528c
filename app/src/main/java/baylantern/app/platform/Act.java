package baylantern.app.platform;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Something done that can be taken back.
 *
 * @param doneAt the moment it was done
 * @param personId who did it, null where nobody was chosen on the device
 * @param device the device it was done on, by its name when it was signed in; null at the farm's own screen
 */
public record Act(
        long id,
        String kind,
        String sentence,
        Instant doneAt,
        LocalDate farmDay,
        boolean undone,
        @Nullable Long personId,
        @Nullable String personName,
        @Nullable String device) {

    /** Whose acts are asked for. */
    public enum Whose {
        ANYBODY,
        /** Of whoever is at work on the device. */
        OWN
    }
}
