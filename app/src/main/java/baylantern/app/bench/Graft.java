package baylantern.app.bench;

import baylantern.core.care.GraftState;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A graft with the names around it. Diameters in mm. */
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
        String cover,
        String notes,
        GraftState state,
        @Nullable LocalDate lastLookOn,
        int version) {}
