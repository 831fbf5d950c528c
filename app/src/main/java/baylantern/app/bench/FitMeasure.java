package baylantern.app.bench;

import baylantern.core.fit.contact.FitBench.Wish;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Measures the fit of grafts as they are logged. */
public interface FitMeasure {

    /** A measure for grafts of one species by one maker: the farm's own takes count. */
    Measuring of(String scionSpecies, @Nullable Long makerId);

    /** A measure that knows nothing of the farm's takes; for what was logged elsewhere. */
    Measuring plain(String scionSpecies);

    /** Measures one graft after another. */
    @FunctionalInterface
    interface Measuring {

        /** The fit, empty where the sizes cannot be of such a graft. Diameters in mm; a null wish lays it well. */
        Optional<GraftFit> fit(
                String techniqueKey, String stockSpecies, double scionMm, double stockMm, @Nullable Wish laid);
    }
}
