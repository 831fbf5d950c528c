package baylantern.core.lineage;

import java.time.LocalDate;

/**
 * A test of a plant or a source.
 *
 * @param validDays how long a clear result holds, in days; 0 or more
 */
public record HealthTest(LocalDate day, Result result, int validDays) {

    /** What a test can say. */
    public enum Result {
        CLEAR,
        SUSPECT,
        POSITIVE
    }
}
