package baylantern.app.wood;

import baylantern.core.wood.KeepMethod;
import org.jspecify.annotations.Nullable;

/** A store as written down; loggerSeed is set while a simulated thermometer is on. */
record StoreRow(
        long id,
        String name,
        KeepMethod method,
        @Nullable Double setC,
        @Nullable Long loggerSeed) {}
