package baylantern.app.fit;

import baylantern.core.fit.choice.BenchCase.Growth;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.rules.FitRules.Needs;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/** What bears on the choice of technique, but for the sizes. */
public record CaseEntry(
        @NotBlank(message = "needs a species") String scionSpecies,
        @NotBlank(message = "needs a species") String stockSpecies,
        @NotNull(message = "is said") Slips slips,
        @NotNull(message = "is said") Needs wood,
        @NotNull(message = "is said") Growth growth,
        boolean keepTop,
        @Nullable Long makerId,
        int buds) {}
