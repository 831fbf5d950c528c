package baylantern.core.wood;

import java.time.LocalDate;
import java.util.List;

/**
 * How wood was kept for a day, or for a part of it.
 *
 * @param length part of the day, 0 to 1
 * @param tempsC readings of that time in °C, evenly spread; at least one
 * @param wrapped false for wood that lay bare
 */
public record StoreDay(LocalDate day, double length, KeepMethod method, List<Double> tempsC, boolean wrapped) {

    /** Requires a length from 0 to 1 and a reading. */
    public StoreDay {
        if (!(length >= 0 && length <= 1)) {
            throw new IllegalArgumentException("a part of a day lies from 0 to 1, not " + length);
        }
        if (tempsC.isEmpty()) {
            throw new IllegalArgumentException("no warmth is known for " + day);
        }
        tempsC = List.copyOf(tempsC);
    }
}
