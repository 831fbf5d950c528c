package baylantern.app.place;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.Objects;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/** A plant with its place and variety told by name. */
public record Plant(
        long id,
        String code,
        String speciesKey,
        PlantKind kind,
        @Nullable String stockKind,
        @JsonUnwrapped Stand stand,
        @JsonUnwrapped Bears bears,
        @Nullable Gone gone,
        String notes,
        int version) {

    /**
     * Where it stands.
     *
     * @param startedOn the day it was sown or planted
     */
    public record Stand(
            long spotId,
            String spotName,
            int walkOrder,
            @Nullable LocalDate startedOn) {}

    /**
     * How it left the farm.
     *
     * @param to whom it went to, empty where that was not said
     */
    public record Gone(LocalDate on, PlantEnd how, String to) {

        /** As a sentence goes on after the plant's code, such as "sold to the neighbour". */
        public String words() {
            return how.words() + (to.isEmpty() ? "" : " to " + to);
        }
    }

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
            @Nullable LocalDate goneOn,
            @Nullable PlantEnd goneHow,
            @Nullable String goneTo,
            String notes,
            int version) {
        this(
                id,
                code,
                speciesKey,
                kind,
                stockKind,
                new Stand(spotId, spotName, walkOrder, startedOn),
                new Bears(varietyId, varietyName),
                goneOn == null
                        ? null
                        : new Gone(
                                goneOn,
                                Objects.requireNonNullElse(goneHow, PlantEnd.TAKEN_OFF),
                                Objects.requireNonNullElse(goneTo, "")),
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

    /** See {@link Stand}. */
    public @Nullable LocalDate startedOn() {
        return stand.startedOn();
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
