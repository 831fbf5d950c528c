package baylantern.app.bench;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A row to store; state and outcome as the core names them.
 *
 * @param fit the fit it was made with, null where the sizes are not known
 */
public record NewGraft(
        String code,
        Of of,
        long stemId,
        Made made,
        Wood wood,
        Sizes sizes,
        String cover,
        String notes,
        Origin origin,
        @Nullable GraftFit fit) {

    /** What is grafted. */
    public record Of(long varietyId, String speciesKey) {}

    /** How, by whom and when. */
    public record Made(
            @Nullable String techniqueKey, @Nullable Long makerId, LocalDate madeOn) {}

    /** Its wood. */
    public record Wood(String woodSource, @Nullable LocalDate woodCutOn) {}

    /** What was measured, in mm. */
    public record Sizes(@Nullable Double scionMm, @Nullable Double stockMm) {}

    /**
     * How it was written down.
     *
     * @param madeAt the moment it was made, null where not known
     * @param woodUsed the share of its life the wood had used, null where its lot is not known
     */
    public record Origin(
            @Nullable Long actId,
            @Nullable String fingerprint,
            @Nullable Long lotId,
            @Nullable Instant madeAt,
            @Nullable Double woodUsed) {}

    /** See {@link Of}. */
    public long varietyId() {
        return of.varietyId();
    }

    /** See {@link Of}. */
    public String speciesKey() {
        return of.speciesKey();
    }

    /** See {@link Made}. */
    public @Nullable String techniqueKey() {
        return made.techniqueKey();
    }

    /** See {@link Made}. */
    public @Nullable Long makerId() {
        return made.makerId();
    }

    /** See {@link Made}. */
    public LocalDate madeOn() {
        return made.madeOn();
    }

    /** See {@link Wood}. */
    public String woodSource() {
        return wood.woodSource();
    }

    /** See {@link Wood}. */
    public @Nullable LocalDate woodCutOn() {
        return wood.woodCutOn();
    }

    /** See {@link Sizes}. */
    public @Nullable Double scionMm() {
        return sizes.scionMm();
    }

    /** See {@link Sizes}. */
    public @Nullable Double stockMm() {
        return sizes.stockMm();
    }

    /** See {@link Origin}. */
    public @Nullable Long actId() {
        return origin.actId();
    }

    /** See {@link Origin}. */
    public @Nullable String fingerprint() {
        return origin.fingerprint();
    }

    /** See {@link Origin}. */
    public @Nullable Long lotId() {
        return origin.lotId();
    }

    /** See {@link Origin}. */
    public @Nullable Instant madeAt() {
        return origin.madeAt();
    }

    /** See {@link Origin}. */
    public @Nullable Double woodUsed() {
        return origin.woodUsed();
    }
}
