package baylantern.app.fit;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Rows;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was so before the farm began to keep its records here: written as it was, on the days it was, without an act that
 * could be taken back.
 */
@Service
@Transactional
public class StemHistory {

    private final FitMapper fits;
    private final FarmClock clock;

    StemHistory(FitMapper fits, FarmClock clock) {
        this.fits = fits;
        this.clock = clock;
    }

    /** What a stem measures, known from before. */
    public void measure(long stemId, StemMeasure measure) {
        Rows.any(fits.endMeasures(stemId, null));
        String readings = StemService.written(StemService.checked(measure).readings());
        Rows.one(fits.insertMeasure(stemId, clock.today(), readings, measure, false, null));
    }
}
