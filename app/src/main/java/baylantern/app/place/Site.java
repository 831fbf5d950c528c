package baylantern.app.place;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * The farm's site.
 *
 * @param latitudeDeg degrees, north positive
 * @param longitudeDeg degrees, east positive
 * @param altitudeM metres above the sea
 * @param zone name of the time zone, for instance Etc/UTC
 * @param handTool whether the farm owns a hand tool that cuts a V; null where nobody said
 */
public record Site(
        @NotBlank(message = "needs a name") @Size(max = 120, message = "is at most 120 characters")
        String name,

        @DecimalMin(value = "-90", message = "is from −90 to 90 degrees")
        @DecimalMax(value = "90", message = "is from −90 to 90 degrees")
        double latitudeDeg,

        @DecimalMin(value = "-180", message = "is from −180 to 180 degrees")
        @DecimalMax(value = "180", message = "is from −180 to 180 degrees")
        double longitudeDeg,

        @DecimalMin(value = "-430", message = "is from −430 to 5000 m")
        @DecimalMax(value = "5000", message = "is from −430 to 5000 m")
        double altitudeM,

        @NotBlank(message = "needs a time zone") String zone,
        @Nullable Boolean handTool,
        int version) {}
