package baylantern.app.wood;

import baylantern.app.platform.Beat;
import baylantern.app.platform.FarmClock;
import org.springframework.stereotype.Component;

/** Beats whenever stores, their warmth or lots change. */
@Component
class WoodPulse extends Beat {

    WoodPulse(FarmClock clock) {
        super(clock);
    }
}
