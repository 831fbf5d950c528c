package baylantern.app.wood;

import baylantern.core.wood.KeepMethod;
import java.time.LocalDate;

/** From this day on a lot lay in this store. */
record SpellRow(
        long id, long lotId, LocalDate fromDay, long storeId, String storeName, KeepMethod method, boolean wrapped) {}
