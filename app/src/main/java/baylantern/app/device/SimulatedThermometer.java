package baylantern.app.device;

import baylantern.app.wood.StoreThermometer;
import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.StoreTable;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.springframework.stereotype.Component;

/**
 * A stand-in for a store's logger: four readings a day about what the store is set to. An old fridge holds badly: every
 * 29 days its door stands open for two days and it warms by 9 °C.
 */
@Component
class SimulatedThermometer implements StoreThermometer {

    private static final int EVERY_HOURS = 6;
    private static final int DOOR_EVERY_DAYS = 29;
    private static final int DOOR_OPEN_DAYS = 2;
    private static final double DOOR_OPEN_C = 9;
    private static final double SPREAD_C = 0.6;

    @Override
    public List<StoreTable.Reading> read(
            long seed, KeepMethod method, double setC, LocalDateTime after, LocalDateTime upTo) {
        List<StoreTable.Reading> readings = new ArrayList<>();
        LocalDateTime at = after.toLocalDate().atStartOfDay();
        for (; !at.isAfter(upTo); at = at.plusHours(EVERY_HOURS)) {
            if (at.isAfter(after) && at.isBefore(upTo)) {
                readings.add(new StoreTable.Reading(at, warmth(seed, method, setC, at)));
            }
        }
        return readings;
    }

    private static double warmth(long seed, KeepMethod method, double setC, LocalDateTime at) {
        long day = at.toLocalDate().toEpochDay();
        SplittableRandom random = new SplittableRandom(seed * 7_919 + day * 31 + at.getHour());
        boolean open = method == KeepMethod.FRIDGE && Math.floorMod(day + seed, DOOR_EVERY_DAYS) < DOOR_OPEN_DAYS;
        double read =
                setC + SPREAD_C * random.nextGaussian() + (at.getHour() == 12 ? 0.8 : 0) + (open ? DOOR_OPEN_C : 0);
        return Math.round(read * 10) / 10.0;
    }
}
