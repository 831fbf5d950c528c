package baylantern.app.bench;

import baylantern.core.bench.Cover;
import java.time.Instant;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/** A graft as it was made, for those who count. */
public record FactRow(long id, String code, Of of, On on, How how, Wood wood, Fit fit) {

    /** What was grafted, when. */
    public record Of(
            long varietyId,
            String speciesKey,
            LocalDate madeOn,
            @Nullable Instant madeAt) {}

    /**
     * On what.
     *
     * @param plantId the stock
     * @param stemId its stem: what was grafted on it before are its tries
     */
    public record On(long plantId, long stemId) {}

    /**
     * How, by whom.
     *
     * @param schools schools followed, as {@code question=school} with commas between; null where none was written down
     */
    public record How(
            @Nullable String techniqueKey,
            @Nullable Long makerId,
            Cover cover,
            @Nullable String schools) {}

    /**
     * Its wood.
     *
     * @param used the share of its life it had used, null where not known
     */
    public record Wood(
            String source,
            @Nullable LocalDate cutOn,
            @Nullable Long lotId,
            @Nullable Double used) {}

    /** What met of what could, mm or mm², and how far it was tilted. */
    public record Fit(
            @Nullable Double met,
            @Nullable Double whole,
            @Nullable Double tiltDeg) {}

    /** As the store tells it. */
    @AutomapConstructor
    FactRow(
            long id,
            String code,
            long varietyId,
            String speciesKey,
            LocalDate madeOn,
            @Nullable Instant madeAt,
            long plantId,
            long stemId,
            @Nullable String techniqueKey,
            @Nullable Long makerId,
            Cover cover,
            @Nullable String schools,
            String woodSource,
            @Nullable LocalDate woodCutOn,
            @Nullable Long lotId,
            @Nullable Double woodUsed,
            @Nullable Double fitMet,
            @Nullable Double fitWhole,
            @Nullable Double fitTiltDeg) {
        this(
                id,
                code,
                new Of(varietyId, speciesKey, madeOn, madeAt),
                new On(plantId, stemId),
                new How(techniqueKey, makerId, cover, schools),
                new Wood(woodSource, woodCutOn, lotId, woodUsed),
                new Fit(fitMet, fitWhole, fitTiltDeg));
    }
}
