package baylantern.app.day;

import baylantern.core.bench.Cover;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;

/** A planned graft day with its names. */
record DayRow(int planNo, LocalDate onDay, Where where, What what, int grafts, Cover cover, String remark) {

    /** The place. */
    record Where(long spotId, String spotName) {}

    /** What is grafted, and how. */
    record What(String speciesKey, long varietyId, String varietyName, String techniqueKey) {}

    /** As the store tells it. */
    @AutomapConstructor
    DayRow(
            int planNo,
            LocalDate onDay,
            long spotId,
            String spotName,
            String speciesKey,
            long varietyId,
            String varietyName,
            String techniqueKey,
            int grafts,
            Cover cover,
            String remark) {
        this(
                planNo,
                onDay,
                new Where(spotId, spotName),
                new What(speciesKey, varietyId, varietyName, techniqueKey),
                grafts,
                cover,
                remark);
    }

    /** See {@link Where}. */
    public long spotId() {
        return where.spotId();
    }

    /** See {@link Where}. */
    public String spotName() {
        return where.spotName();
    }

    /** See {@link What}. */
    public String speciesKey() {
        return what.speciesKey();
    }

    /** See {@link What}. */
    public long varietyId() {
        return what.varietyId();
    }

    /** See {@link What}. */
    public String varietyName() {
        return what.varietyName();
    }

    /** See {@link What}. */
    public String techniqueKey() {
        return what.techniqueKey();
    }
}
