package baylantern.app.begin;

import baylantern.app.place.Site;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a farm begins with; only the place is needed.
 *
 * @param people who grafts, by name
 * @param grown what grows there, species by species
 */
record Beginning(
        @NotNull(message = "needs a place") @Valid Site site,

        @Size(max = 100, message = "are at most 100")
        List<@NotBlank(message = "needs a name") @Size(max = 120, message = "is at most 120 characters") String> people,

        @Size(max = 30, message = "are at most 30") List<@Valid Grown> grown) {

    /**
     * One species.
     *
     * @param varieties what is grafted, by name
     */
    record Grown(
            @NotBlank(message = "needs a species") String speciesKey,

            @Size(max = 200, message = "are at most 200")
            List<@NotBlank(message = "needs a name") @Size(max = 120, message = "is at most 120 characters") String>
                    varieties,

            @Nullable @Valid Standing stocks,
            @Nullable @Valid Standing mothers) {}

    /**
     * Plants of one sort that stand at one place and show the same stage.
     *
     * @param lines a line each: a stock's code, thickness in mm and height of the cut; a mother's code and its variety
     * @param stage what their buds show today, for instance "S"; empty where nobody has looked
     */
    record Standing(
            @NotBlank(message = "needs a line for each plant")
            @Size(max = 100_000, message = "is at most 100 000 characters")
            String lines,

            @NotBlank(message = "needs a place") @Size(max = 120, message = "is at most 120 characters")
            String spot,

            @Nullable @Size(max = 40, message = "is at most 40 characters")
            String stage) {}
}
