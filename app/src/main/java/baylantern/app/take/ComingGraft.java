package baylantern.app.take;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A graft to be made, as far as it is known beforehand.
 *
 * @param techniqueKey null where not decided
 * @param day null where not decided
 * @param wood its stick, null where not decided
 */
public record ComingGraft(
        long varietyId,
        @Nullable String techniqueKey,
        @Nullable LocalDate day,
        @Nullable Wood wood) {

    /** A stick: where it is from, empty where nobody said, and when it was cut. */
    public record Wood(String source, LocalDate cutOn) {}

    /** Of which only variety and technique are known. */
    static ComingGraft of(long varietyId, @Nullable String techniqueKey) {
        return new ComingGraft(varietyId, techniqueKey, null, null);
    }
}
