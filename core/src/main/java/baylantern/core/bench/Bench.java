package baylantern.core.bench;

import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A graft as it stands on the bench, before it is logged.
 *
 * @param scionMm scion diameter in mm, null where not measured
 * @param stockMm stock diameter at the cut in mm, null where not measured
 * @param liveGraftOnStem code of the live graft this stem already carries, null for none
 */
public record Bench(
        Species scion,
        Species stock,
        Technique technique,
        LocalDate madeOn,
        @Nullable LocalDate woodCutOn,
        @Nullable Double scionMm,
        @Nullable Double stockMm,
        boolean protectedVariety,
        @Nullable String liveGraftOnStem) {}
