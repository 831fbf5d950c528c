package baylantern.app.bench;

import baylantern.core.care.GraftState;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/**
 * A graft with the names around it. Diameters in mm.
 */
public record Graft(
        long id,
        String code,
        @JsonUnwrapped Of of,
        @JsonUnwrapped On on,
        @JsonUnwrapped Made made,
        @JsonUnwrapped Wood wood,
        @JsonUnwrapped Fit fit,
        String cover,
        String notes,
        @JsonUnwrapped Standing standing) {

    /** What was grafted. */
    public record Of(long varietyId, String varietyName, String speciesKey) {}

    /** What it was grafted on, and where that stands. */
    public record On(
            long stemId,
            String stemLabel,
            long plantId,
            String plantCode,
            String plantSpeciesKey,
            long spotId,
            String spotName) {}

    /** How, by whom and when. */
    public record Made(
            @Nullable String techniqueKey,
            @Nullable Long makerId,
            @Nullable String makerName,
            LocalDate madeOn) {}

    /** Its wood. */
    public record Wood(
            String woodSource,
            @Nullable Long lotId,
            @Nullable String lotCode,
            @Nullable LocalDate woodCutOn) {}

    /**
     * What was measured, and how it met.
     *
     * @param fitMet cambium that met, mm, or mm² for buds; null where the sizes were not measured
     * @param fitWhole the most that cut could give
     * @param fitLaid true where the grower said how the scion lay
     */
    public record Fit(
            @Nullable Double scionMm,
            @Nullable Double stockMm,
            @Nullable Double fitMet,
            @Nullable Double fitWhole,
            @Nullable Double fitOffsetMm,
            @Nullable Boolean fitLaid) {}

    /** How it stands. */
    public record Standing(GraftState state, @Nullable LocalDate lastLookOn, int version) {}

    /** As the store tells it. */
    @AutomapConstructor
    public Graft(
            long id,
            String code,
            long varietyId,
            String varietyName,
            String speciesKey,
            long stemId,
            String stemLabel,
            long plantId,
            String plantCode,
            String plantSpeciesKey,
            long spotId,
            String spotName,
            @Nullable String techniqueKey,
            @Nullable Long makerId,
            @Nullable String makerName,
            LocalDate madeOn,
            String woodSource,
            @Nullable Long lotId,
            @Nullable String lotCode,
            @Nullable LocalDate woodCutOn,
            @Nullable Double scionMm,
            @Nullable Double stockMm,
            @Nullable Double fitMet,
            @Nullable Double fitWhole,
            @Nullable Double fitOffsetMm,
            @Nullable Boolean fitLaid,
            String cover,
            String notes,
            GraftState state,
            @Nullable LocalDate lastLookOn,
            int version) {
        this(
                id,
                code,
                new Of(varietyId, varietyName, speciesKey),
                new On(stemId, stemLabel, plantId, plantCode, plantSpeciesKey, spotId, spotName),
                new Made(techniqueKey, makerId, makerName, madeOn),
                new Wood(woodSource, lotId, lotCode, woodCutOn),
                new Fit(scionMm, stockMm, fitMet, fitWhole, fitOffsetMm, fitLaid),
                cover,
                notes,
                new Standing(state, lastLookOn, version));
    }

    /** See {@link Of}. */
    public long varietyId() {
        return of.varietyId();
    }

    /** See {@link Of}. */
    public String varietyName() {
        return of.varietyName();
    }

    /** See {@link Of}. */
    public String speciesKey() {
        return of.speciesKey();
    }

    /** See {@link On}. */
    public String stemLabel() {
        return on.stemLabel();
    }

    /** See {@link On}. */
    public String plantCode() {
        return on.plantCode();
    }

    /** See {@link On}. */
    public String spotName() {
        return on.spotName();
    }

    /** See {@link Made}. */
    public @Nullable String techniqueKey() {
        return made.techniqueKey();
    }

    /** See {@link Made}. */
    public @Nullable String makerName() {
        return made.makerName();
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
    public @Nullable Long lotId() {
        return wood.lotId();
    }

    /** See {@link Wood}. */
    public @Nullable String lotCode() {
        return wood.lotCode();
    }

    /** See {@link Wood}. */
    public @Nullable LocalDate woodCutOn() {
        return wood.woodCutOn();
    }

    /** See {@link Fit}. */
    public @Nullable Double scionMm() {
        return fit.scionMm();
    }

    /** See {@link Fit}. */
    public @Nullable Double stockMm() {
        return fit.stockMm();
    }

    /** See {@link Standing}. */
    public GraftState state() {
        return standing.state();
    }

    /** See {@link Standing}. */
    public @Nullable LocalDate lastLookOn() {
        return standing.lastLookOn();
    }

    /** See {@link Standing}. */
    public int version() {
        return standing.version();
    }
}
