package baylantern.app.platform;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Something done that can be taken back.
 *
 * @param personId who did it, null where nobody was chosen on the device
 */
public record Act(
        long id,
        String kind,
        String sentence,
        LocalDate farmDay,
        boolean undone,
        @Nullable Long personId,
        @Nullable String personName) {

    /** Whose acts are asked for. */
    public enum Whose {
        ANYBODY,
        /** Of whoever is at work on the device. */
        OWN
    }
}
