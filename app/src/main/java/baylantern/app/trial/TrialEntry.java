package baylantern.app.trial;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * A trial to begin.
 *
 * @param question what is wanted to know, in own words; may be empty
 * @param aspect what is tried, as the facts name it
 * @param varietyId null for all varieties of the species
 * @param techniqueKey null for all techniques
 * @param usual share that takes now, 0 to 1
 * @param difference from which on it would matter, 0 to 1
 */
record TrialEntry(
        @Nullable @Size(max = 200, message = "is at most 200 characters")
        String question,

        @NotBlank(message = "needs what is tried") String aspect,
        @NotBlank(message = "needs a first way") String first,
        @NotBlank(message = "needs a second way") String second,
        @NotBlank(message = "needs a species") String speciesKey,
        @Nullable Long varietyId,
        @Nullable String techniqueKey,

        @NotNull(message = "needs a share")
        @DecimalMin(value = "0.01", message = "is from 0.01 to 0.99")
        @DecimalMax(value = "0.99", message = "is from 0.01 to 0.99")
        Double usual,

        @NotNull(message = "needs a difference")
        @DecimalMin(value = "0.03", message = "is from 0.03 to 0.9")
        @DecimalMax(value = "0.9", message = "is from 0.03 to 0.9")
        Double difference) {}
