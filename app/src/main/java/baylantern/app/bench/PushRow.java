package baylantern.app.bench;

import baylantern.core.care.GraftState;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** When looks showed a graft pushed or dead, and the last day they showed it silent; null where none did. */
public record PushRow(
        String code,
        long varietyId,
        String speciesKey,
        @Nullable String techniqueKey,
        LocalDate madeOn,
        @Nullable LocalDate pushedDay,
        @Nullable LocalDate deadDay,
        @Nullable LocalDate silentDay,
        GraftState state) {}
