package baylantern.app.device;

import baylantern.app.wood.Calliper;
import java.util.SplittableRandom;
import org.springframework.stereotype.Component;

/** A stand-in for a calliper: what its window closes it on, else sticks about 7 mm thick, one after another. */
@Component
class SimulatedCalliper implements Calliper {

    private static final double MIDDLE_MM = 7;
    private static final double SPREAD_MM = 1.1;
    private static final double LEAST_MM = 2;

    /** How far readings of one stem lie apart: bark gives, and no stem is round. */
    private static final double SCATTER_MM = 0.06;

    private final SplittableRandom random = new SplittableRandom(5);
    private double between = Double.NaN;

    @Override
    public synchronized void closeOn(double mm) {
        between = mm;
    }

    @Override
    public synchronized double readMm() {
        double mm = Double.isNaN(between)
                ? MIDDLE_MM + SPREAD_MM * random.nextGaussian()
                : between + SCATTER_MM * random.nextGaussian();
        return Math.round(Math.max(LEAST_MM, mm) * 10) / 10.0;
    }
}
