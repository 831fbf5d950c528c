package baylantern.app.place;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/**
 * A plant with its place and variety told by name.
 *
 * @param startedOn the day it was sown or planted
 */
public record Plant(
        long id,
        String code,
        String speciesKey,
        PlantKind kind,
        @Nullable String stockKind,
        @JsonUnwrapped Stand stand,
        @Nullable LocalDate startedOn,
        @JsonUnwrapped Bears bears,
        String notes,
        int version) {

    /** Where it stands. */
    public record Stand(long spotId, String spotName, int walkOrder) {}

    /**
     * What it bears.
     *
     * @param varietyName what a mother or field tree is, null for a seedling
     */
    public record Bears(@Nullable Long varietyId, @Nullable String varietyName) {}

    /** As the store tells it. */
    @AutomapConstructor
    public Plant(
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
            int version) {
        this(
                id,
                code,
                speciesKey,
                kind,
                stockKind,
                new Stand(spotId, spotName, walkOrder),
                startedOn,
                new Bears(varietyId, varietyName),
                notes,
                version);
    }

    /** See {@link Stand}. */
    public long spotId() {
        return stand.spotId();
    }

    /** See {@link Stand}. */
    public String spotName() {
        return stand.spotName();
    }

    /** See {@link Bears}. */
    public @Nullable Long varietyId() {
        return bears.varietyId();
    }

    /** See {@link Bears}. */
    public @Nullable String varietyName() {
        return bears.varietyName();
    }
}
