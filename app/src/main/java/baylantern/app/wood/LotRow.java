package baylantern.app.wood;

import baylantern.core.wood.LotBalance;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A lot as written down. */
record LotRow(
        long id,
        String code,
        long varietyId,
        String varietyName,
        boolean protectedRight,
        String speciesKey,
        @Nullable Long plantId,
        @Nullable Long sourceId,
        @Nullable String fromName,
        LocalDate cutOn,
        @Nullable String cutByName,
        @Nullable LocalDate receivedOn,
        int sticksIn,
        int budsPerStick,
        int sticksLeft,
        int budsLeft,
        String diameters,
        String notes,
        boolean archived,
        int version) {

    LotBalance balance() {
        return new LotBalance(sticksLeft, budsLeft, budsPerStick);
    }
}
