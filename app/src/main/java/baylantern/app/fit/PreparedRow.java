package baylantern.app.fit;

import org.jspecify.annotations.Nullable;

/** A row of a prepared list as stored. */
record PreparedRow(
        long id,
        int rowNo,
        String stick,
        String stem,
        @Nullable Long lotId,
        @Nullable Long stemId,
        String techniqueKey,
        double scionMm,
        double stockMm,
        @Nullable Double scionBarkMm,
        @Nullable Double stockBarkMm,
        double offsetMm,
        @Nullable String graftCode) {}
