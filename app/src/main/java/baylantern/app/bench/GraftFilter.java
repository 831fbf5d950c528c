package baylantern.app.bench;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Which grafts to list; null parts do not restrict. Days are both included; part of whichever year; search is how the code begins. */
public record GraftFilter(
        @Nullable Long varietyId,
        @Nullable String speciesKey,
        @Nullable String techniqueKey,
        @Nullable Long makerId,
        @Nullable String woodSource,
        @Nullable String outcome,
        @Nullable LocalDate from,
        @Nullable LocalDate to,
        @Nullable YearPart part,
        @Nullable String search) {

    /** Everything. */
    public static final GraftFilter ALL = new GraftFilter(null, null, null, null, null, null, null, null, null, null);
}
