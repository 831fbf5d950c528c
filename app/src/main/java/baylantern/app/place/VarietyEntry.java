package baylantern.app.place;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** A variety as entered; version is that of the row being changed, absent for a new one. */
public record VarietyEntry(
        @NotBlank(message = "needs a species") String speciesKey,

        @NotBlank(message = "needs a name") @Size(max = 120, message = "is at most 120 characters")
        String name,

        @Nullable @Size(max = 20, message = "is at most 20 characters")
        String flowering,

        @Nullable @Pattern(regexp = "^$|^(1[0-2]|[1-9])(,(1[0-2]|[1-9]))*$", message = "are months 1 to 12 with commas")
        String harvestMonths,

        @Nullable @Min(value = 1, message = "is 1 to 5") @Max(value = 5, message = "is 1 to 5")
        Integer vigour,

        @Nullable Boolean protectedRight,

        @Nullable @Size(max = 4000, message = "are at most 4000 characters")
        String notes,

        @Nullable Integer version) {

    /** A new variety with nothing known but its name. */
    public static VarietyEntry named(String speciesKey, String name) {
        return new VarietyEntry(speciesKey, name, null, null, null, null, null, null);
    }
}
