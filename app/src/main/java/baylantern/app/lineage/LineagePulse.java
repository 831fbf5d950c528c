package baylantern.app.lineage;

import baylantern.app.platform.Beat;
import baylantern.app.platform.DayListener;
import baylantern.app.platform.FarmClock;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Beats whenever parentage, tests, holds or blades change, or the farm has changed as a whole; visits are planned after. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class LineagePulse extends Beat implements DayListener {

    LineagePulse(FarmClock clock) {
        super(clock);
    }

    @Override
    public void dayTurned() {
        beat();
    }
}
