package baylantern.app.place;

import org.jspecify.annotations.Nullable;

/** A stem that can carry a graft; diameter and height in mm where measured. */
public record Stem(
        long id,
        long plantId,
        String label,
        @Nullable Double diameterMm,
        @Nullable Double heightMm) {}
