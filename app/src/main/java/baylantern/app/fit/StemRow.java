package baylantern.app.fit;

import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/** A stem as stored, with its latest measure; readings as "height:diameter;height:diameter". */
record StemRow(
        Stem stem,
        @Nullable Double diameterMm,
        @Nullable Double heightMm,
        Measure measure,
        @Nullable String takenBy) {

    /** Which stem. */
    record Stem(long stemId, long plantId, String label, String plantCode, String speciesKey, String spotName) {}

    /** What was last measured of it. */
    record Measure(
            @Nullable LocalDate onDay,
            @Nullable String readings,
            @Nullable Double barkMm,
            @Nullable Double topMm,
            @Nullable Double leafMm,
            @Nullable Double directionDeg) {}

    /** As the store tells it. */
    @AutomapConstructor
    StemRow(
            long stemId,
            long plantId,
            String label,
            String plantCode,
            String speciesKey,
            String spotName,
            @Nullable Double diameterMm,
            @Nullable Double heightMm,
            @Nullable LocalDate onDay,
            @Nullable String readings,
            @Nullable Double barkMm,
            @Nullable Double topMm,
            @Nullable Double leafMm,
            @Nullable Double directionDeg,
            @Nullable String takenBy) {
        this(
                new Stem(stemId, plantId, label, plantCode, speciesKey, spotName),
                diameterMm,
                heightMm,
                new Measure(onDay, readings, barkMm, topMm, leafMm, directionDeg),
                takenBy);
    }

    /** See {@link Stem}. */
    public long stemId() {
        return stem.stemId();
    }

    /** See {@link Stem}. */
    public String label() {
        return stem.label();
    }

    /** See {@link Stem}. */
    public String plantCode() {
        return stem.plantCode();
    }

    /** See {@link Stem}. */
    public String speciesKey() {
        return stem.speciesKey();
    }

    /** See {@link Stem}. */
    public String spotName() {
        return stem.spotName();
    }

    /** See {@link Measure}. */
    public @Nullable LocalDate onDay() {
        return measure.onDay();
    }

    /** See {@link Measure}. */
    public @Nullable String readings() {
        return measure.readings();
    }

    /** See {@link Measure}. */
    public @Nullable Double barkMm() {
        return measure.barkMm();
    }

    /** See {@link Measure}. */
    public @Nullable Double topMm() {
        return measure.topMm();
    }

    /** See {@link Measure}. */
    public @Nullable Double leafMm() {
        return measure.leafMm();
    }

    /** See {@link Measure}. */
    public @Nullable Double directionDeg() {
        return measure.directionDeg();
    }
}
