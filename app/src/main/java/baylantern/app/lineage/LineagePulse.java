package baylantern.app.lineage;

import baylantern.app.platform.Beat;
import baylantern.app.platform.FarmClock;
import org.springframework.stereotype.Component;

/** Beats whenever parentage, tests, holds or blades change. */
@Component
public class LineagePulse extends Beat {

    LineagePulse(FarmClock clock) {
        super(clock);
    }
}
