package baylantern.app.fit;

import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * A stick and a stem on the bench.
 *
 * @param stem what was measured of the stem
 * @param speciesKey species of the stem
 * @param heightMm where it is cut; null for where the sizes agree
 * @param scionMm thickness of the stick
 * @param scionBarkMm its bark, null where assumed
 * @param wish what the grower chose of the placing
 */
public record FitEntry(
        @NotBlank(message = "needs a technique") String techniqueKey,
        @NotBlank(message = "needs a species") String speciesKey,
        @NotNull(message = "needs a measure") @Valid StemMeasure stem,
        @Nullable Double heightMm,
        double scionMm,
        @Nullable Double scionBarkMm,
        @Nullable Wish wish,
        @NotNull(message = "needs a direction") Wrap wrap) {}
