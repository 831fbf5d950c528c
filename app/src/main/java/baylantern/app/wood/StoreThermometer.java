package baylantern.app.wood;

import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.StoreTable;
import java.time.LocalDateTime;
import java.util.List;

/** A thermometer that logs the warmth of a store. */
public interface StoreThermometer {

    /**
     * What it read after one moment and up to another, in °C.
     *
     * @param seed tells one thermometer from another
     * @param setC what the store is set to, in °C
     */
    List<StoreTable.Reading> read(long seed, KeepMethod method, double setC, LocalDateTime after, LocalDateTime upTo);
}
