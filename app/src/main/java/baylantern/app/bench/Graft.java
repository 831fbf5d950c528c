package baylantern.app.bench;

import baylantern.core.care.GraftState;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A graft with the names around it. Diameters in mm.
 *
 * @param fitMet cambium that met, mm, or mm² for buds; null where the sizes were not measured
 * @param fitWhole the most that cut could give
 * @param fitLaid true where the grower said how the scion lay
 */
public record Graft(
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
        int version) {}
