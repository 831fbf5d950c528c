package baylantern.app.wood;

import java.time.LocalDateTime;

/** A reading of a store, in °C. */
record ReadingRow(long storeId, LocalDateTime readAt, double tempC, boolean fromDevice) {}
