package baylantern.app.fit;

import baylantern.app.platform.Rows;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was decided on prepared lists and is not grafted yet: which lot's stick goes on which stem, and how. */
@Service
public class PreparedPairs {

    private final FitMapper fits;

    PreparedPairs(FitMapper fits) {
        this.fits = fits;
    }

    /**
     * A stick of a lot for a stem of the farm.
     *
     * @param scionMm diameter of the stick, mm
     */
    public record Pair(
            long listId,
            String listName,
            long stemId,
            long spotId,
            String speciesKey,
            long lotId,
            long varietyId,
            String techniqueKey,
            double scionMm) {}

    /** Pairs whose stem is free still, list by list, the newest first. */
    public List<Pair> open() {
        return fits.openPairs();
    }

    /** A stem was grafted: what was prepared for it is done. */
    @Transactional
    public void made(long stemId, String code) {
        Rows.any(fits.setMade(stemId, code));
    }
}
