package baylantern.app.bench;

import baylantern.core.care.GraftState;
import org.jspecify.annotations.Nullable;

/** How many grafts of one sort ended one way; what does not tell the sort apart is null. */
public record TakeRow(
        @Nullable String speciesKey,
        @Nullable Long varietyId,
        @Nullable String techniqueKey,
        @Nullable Long makerId,
        @Nullable String woodSource,
        @Nullable Integer madeYear,
        @Nullable Integer madeMonth,
        GraftState.Outcome outcome,
        int grafts) {}
