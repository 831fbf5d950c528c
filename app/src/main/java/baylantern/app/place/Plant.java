package baylantern.app.place;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A plant with its place and variety told by name.
 *
 * @param startedOn the day it was sown or planted
 * @param varietyName what a mother or field tree is, null for a seedling
 */
public record Plant(
        long id,
        String code,
        String speciesKey,
        PlantKind kind,
        @Nullable String stockKind,
        long spotId,
        String spotName,
        int walkOrder,
        @Nullable LocalDate startedOn,
        @Nullable Long varietyId,
        @Nullable String varietyName,
        String notes,
        int version) {}
