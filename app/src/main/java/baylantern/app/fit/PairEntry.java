package baylantern.app.fit;

import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.fit.pairing.Pairing.Bond;
import baylantern.core.fit.pairing.Pairing.Piece;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Sticks and stems to be paired.
 *
 * @param allowed techniques the grower would use, empty for all
 */
public record PairEntry(
        @NotNull(message = "are needed") List<Piece> sticks,
        @NotNull(message = "are needed") List<Piece> stems,
        @NotNull(message = "is needed") @Valid CaseEntry on,
        @Nullable Set<String> allowed,
        @Nullable Set<Bond> locks,
        @Nullable Set<Bond> apart,
        @NotNull(message = "needs a direction") Wrap wrap) {}
