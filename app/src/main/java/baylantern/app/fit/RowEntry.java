package baylantern.app.fit;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * A graft to be made. Diameters and bark in mm.
 *
 * @param stick what the stick is called on the list
 * @param stem what the stem is called on the list
 * @param offsetMm where the scion is laid, right of the stock's axis
 */
public record RowEntry(
        @NotBlank(message = "needs a name") @Size(max = 60, message = "is at most 60 characters")
        String stick,

        @NotBlank(message = "needs a name") @Size(max = 60, message = "is at most 60 characters")
        String stem,

        @Nullable Long lotId,
        @Nullable Long stemId,
        @NotBlank(message = "needs a technique") String techniqueKey,

        @DecimalMin(value = "2", message = "is 2 to 200 mm") @DecimalMax(value = "200", message = "is 2 to 200 mm")
        double scionMm,

        @DecimalMin(value = "2", message = "is 2 to 200 mm") @DecimalMax(value = "200", message = "is 2 to 200 mm")
        double stockMm,

        @Nullable Double scionBarkMm,
        @Nullable Double stockBarkMm,
        double offsetMm) {}
