package baylantern.app.place;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A plant as entered; version is that of the row being changed, absent for a new one. */
public record PlantEntry(
        @NotBlank(message = "needs a code") @Size(max = 40, message = "is at most 40 characters")
        String code,

        @NotBlank(message = "needs a species") String speciesKey,
        @NotNull(message = "needs a kind") PlantKind kind,

        @Nullable @Size(max = 60, message = "is at most 60 characters")
        String stockKind,

        @NotNull(message = "needs a place") Long spotId,
        @Nullable LocalDate startedOn,
        @Nullable Long varietyId,

        @Nullable @Size(max = 4000, message = "are at most 4000 characters")
        String notes,

        @Nullable List<@Valid StemEntry> stems,
        @Nullable Integer version) {}
