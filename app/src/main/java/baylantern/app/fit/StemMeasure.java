package baylantern.app.fit;

import baylantern.core.fit.Taper;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stem as measured, in mm.
 *
 * @param barkMm thickness of the bark, null where it is assumed
 * @param topMm height of the tip
 * @param leafMm height of the lowest leaf to keep as nurse
 * @param directionDeg where a limb points, clockwise from north
 */
public record StemMeasure(
        @Size(max = 40, message = "are at most 40") List<Taper.StemReading> readings,

        @Nullable
        @DecimalMin(value = "0.1", message = "is 0.1 to 30 mm")
        @DecimalMax(value = "30", message = "is 0.1 to 30 mm")
        Double barkMm,

        @Nullable
        @DecimalMin(value = "0", message = "is 0 to 20000 mm")
        @DecimalMax(value = "20000", message = "is 0 to 20000 mm")
        Double topMm,

        @Nullable
        @DecimalMin(value = "0", message = "is 0 to 20000 mm")
        @DecimalMax(value = "20000", message = "is 0 to 20000 mm")
        Double leafMm,

        @Nullable
        @DecimalMin(value = "0", message = "is 0 to 360°")
        @DecimalMax(value = "360", message = "is 0 to 360°")
        Double directionDeg) {}
