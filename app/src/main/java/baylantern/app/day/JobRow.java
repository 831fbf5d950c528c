package baylantern.app.day;

import baylantern.core.bench.Cover;
import java.time.Instant;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/**
 * One graft of a day that has begun.
 *
 * @param block what it is made together with
 * @param code the code its graft will have, null where it is given as it is made
 */
record JobRow(
        long id,
        LocalDate onDay,
        int turn,
        String block,
        int planNo,
        How how,
        On on,
        @Nullable String code,
        @Nullable Refusal refused,
        Made made) {

    /** What is grafted, how. */
    record How(
            long varietyId,
            String varietyName,
            String speciesKey,
            String techniqueKey,
            Cover cover,
            long lotId,
            String lotCode) {}

    /** On what. */
    record On(
            long stemId,
            String label,
            String plantCode,
            String kind,
            String spotName,
            @Nullable Double stockMm) {}

    /**
     * That it is made: its graft, where that is in the log still.
     *
     * @param faceS how long a cut face stood open, where somebody took the time
     */
    record Made(
            @Nullable String graftCode,
            @Nullable Instant doneAt,
            @Nullable Long doneBy,
            @Nullable Integer faceS) {}

    /** As the store tells it. */
    @AutomapConstructor
    JobRow(
            long id,
            LocalDate onDay,
            int turn,
            String block,
            int planNo,
            long varietyId,
            String varietyName,
            String speciesKey,
            String techniqueKey,
            Cover cover,
            long lotId,
            String lotCode,
            long stemId,
            String label,
            String plantCode,
            String kind,
            String spotName,
            @Nullable Double stockMm,
            @Nullable String code,
            @Nullable Refusal refused,
            @Nullable String graftCode,
            @Nullable Instant doneAt,
            @Nullable Long doneBy,
            @Nullable Integer faceS) {
        this(
                id,
                onDay,
                turn,
                block,
                planNo,
                new How(varietyId, varietyName, speciesKey, techniqueKey, cover, lotId, lotCode),
                new On(stemId, label, plantCode, kind, spotName, stockMm),
                code,
                refused,
                new Made(graftCode, doneAt, doneBy, faceS));
    }

    /** Whether it is still to be made. */
    boolean open() {
        return made.graftCode() == null && refused == null;
    }

    /** The tree it stands on, or the place of its stocks: blades are cleaned where that changes. */
    String host() {
        return Blocks.host(on.kind(), on.plantCode(), on.spotName());
    }
}
