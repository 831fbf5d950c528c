package baylantern.app.place;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** A stem as entered, in mm. */
public record StemEntry(
        @Size(max = 40, message = "is at most 40 characters")
        String label,

        @Nullable
        @DecimalMin(value = "0.5", message = "is 0.5 to 500 mm")
        @DecimalMax(value = "500", message = "is 0.5 to 500 mm")
        Double diameterMm,

        @Nullable
        @DecimalMin(value = "0", message = "is 0 to 20000 mm")
        @DecimalMax(value = "20000", message = "is 0 to 20000 mm")
        Double heightMm) {}
