package baylantern.app.fit;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.choice.CutHeight.CutPlace;
import baylantern.core.fit.contact.CutStep;
import baylantern.core.fit.contact.FitBench.Wrap;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Where a stem of the farm is cut for a stick, and how both are cut and laid: the fit bench, told in few words. */
@Service
public class CutAdvice {

    private final FitService fits;
    private final StemService stems;

    CutAdvice(FitService fits, StemService stems) {
        this.fits = fits;
        this.stems = stems;
    }

    /**
     * How one stick goes on one stem.
     *
     * @param atMm height of the cut over the soil in mm, null where the stem was measured at one height only
     * @param why what decides the height, null where nothing moved it
     * @param side where the scion is flush: right, left or middle
     */
    public record Advised(@Nullable Double atMm, @Nullable String why, String side, List<CutStep> cuts) {}

    /** The advice, empty where the sizes cannot be of such a graft; the diameter in mm. */
    public Optional<Advised> of(long stemId, String techniqueKey, double scionMm) {
        MeasuredStem stem = stems.stem(stemId);
        List<?> readings = stem.measure().readings();
        if (readings == null || readings.isEmpty()) {
            return Optional.empty();
        }
        try {
            FitView view = fits.view(new FitEntry(
                    techniqueKey, stem.speciesKey(), stem.measure(), null, scionMm, null, null, Wrap.CLOCKWISE));
            CutPlace place = readings.size() > 1 ? view.height().place() : null;
            return Optional.of(new Advised(
                    place == null ? null : (Double) place.heightMm(),
                    place == null || place.bound() == null
                            ? null
                            : place.bound().words(),
                    view.drawn().side(),
                    view.cuts().stream()
                            .filter(step ->
                                    !step.key().equals("height") && !step.key().equals("slip"))
                            .toList()));
        } catch (FitRefused refused) {
            // Sizes that do not fit are no reason not to show the graft: they are measured at the bench.
            return Optional.empty();
        }
    }
}
