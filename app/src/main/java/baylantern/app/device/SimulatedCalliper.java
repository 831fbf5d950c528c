package baylantern.app.device;

import baylantern.app.wood.Calliper;
import java.util.SplittableRandom;
import org.springframework.stereotype.Component;

/** A stand-in for a calliper: sticks about 7 mm thick, one after another. */
@Component
class SimulatedCalliper implements Calliper {

    private static final double MIDDLE_MM = 7;
    private static final double SPREAD_MM = 1.1;
    private static final double LEAST_MM = 3;

    private final SplittableRandom random = new SplittableRandom(5);

    @Override
    public synchronized double readMm() {
        return Math.round(Math.max(LEAST_MM, MIDDLE_MM + SPREAD_MM * random.nextGaussian()) * 10) / 10.0;
    }
}
