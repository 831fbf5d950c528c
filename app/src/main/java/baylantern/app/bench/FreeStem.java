package baylantern.app.bench;

import org.jspecify.annotations.Nullable;

/**
 * A stem that carries no live graft, with the plant it grows on; diameter in mm.
 *
 * @param again true where a graft on it failed before
 */
public record FreeStem(
        long stemId,
        long plantId,
        String label,
        String plantCode,
        String speciesKey,
        String kind,
        @Nullable String stockKind,
        String spotName,
        @Nullable Double diameterMm,
        boolean again) {}
