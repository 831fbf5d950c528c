package baylantern.app.season;

import baylantern.app.platform.Beat;
import baylantern.app.platform.FarmClock;
import org.springframework.stereotype.Component;

/** Beats whenever weather, climate or notes change. */
@Component
class Pulse extends Beat {

    Pulse(FarmClock clock) {
        super(clock);
    }
}
