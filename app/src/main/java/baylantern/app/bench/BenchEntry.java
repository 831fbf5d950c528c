package baylantern.app.bench;

import baylantern.core.bench.Cover;
import baylantern.core.fit.contact.FitBench.Wish;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One graft, or a run of them alike but for stock and diameters.
 */
public record BenchEntry(
        @NotNull(message = "needs a variety") Long varietyId,
        @NotBlank(message = "needs a technique") String techniqueKey,
        @Nullable Long makerId,
        @NotNull(message = "needs the day it was made") LocalDate madeOn,
        @JsonUnwrapped @Valid Wood wood,
        @NotNull(message = "needs a cover") Cover cover,

        @Nullable @Size(max = 4000, message = "are at most 4000 characters")
        String notes,

        @Nullable Map<String, String> schools,

        @NotEmpty(message = "needs a stock") @Size(max = 500, message = "are at most 500 at once")
        List<@Valid OnStem> stems) {

    /**
     * Its wood: a lot, or where else it came from.
     *
     * @param lotId the lot the wood is of; where it is not known, woodSource and woodCutOn may say what is
     */
    public record Wood(
            @Nullable Long lotId,

            @Nullable @Size(max = 200, message = "is at most 200 characters")
            String woodSource,

            @Nullable LocalDate woodCutOn) {}

    /** See {@link Wood}. */
    public @Nullable Long lotId() {
        return wood.lotId();
    }

    /** See {@link Wood}. */
    public @Nullable String woodSource() {
        return wood.woodSource();
    }

    /** See {@link Wood}. */
    public @Nullable LocalDate woodCutOn() {
        return wood.woodCutOn();
    }

    /** A stem, the diameters at the cut in mm, and how the scion was laid where that was chosen. */
    public record OnStem(
            @NotNull(message = "needs a stem") Long stemId,
            @Nullable Double scionMm,
            @Nullable Double stockMm,
            @Nullable Wish placing) {}
}
