package baylantern.app.bench;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A row to store; state and outcome as the core names them.
 *
 * @param madeAt the moment it was made, null where not known
 * @param fit the fit it was made with, null where the sizes are not known
 * @param woodUsed the share of its life the wood had used, null where its lot is not known
 */
public record NewGraft(
        String code,
        long varietyId,
        String speciesKey,
        long stemId,
        @Nullable String techniqueKey,
        @Nullable Long makerId,
        LocalDate madeOn,
        String woodSource,
        @Nullable LocalDate woodCutOn,
        @Nullable Double scionMm,
        @Nullable Double stockMm,
        String cover,
        String notes,
        @Nullable Long actId,
        @Nullable String fingerprint,
        @Nullable Long lotId,
        @Nullable Instant madeAt,
        @Nullable Double woodUsed,
        @Nullable GraftFit fit) {}
