package baylantern.app.day;

import baylantern.app.platform.CheckReturnValue;
import baylantern.core.bench.Cover;
import baylantern.core.day.crew.Role;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** How graft days are laid out, and their grafts one by one. */
@Mapper
@CheckReturnValue
interface RunMapper {

    /** When a day begins and its pause, minutes after midnight. */
    record FrameRow(
            int beginsMinute,
            @Nullable Integer pauseFrom,
            @Nullable Integer pauseUntil) {}

    @Nullable
    FrameRow frame(@Param("day") LocalDate day);

    int deleteFrame(@Param("day") LocalDate day);

    int insertFrame(@Param("day") LocalDate day, @Param("team") TeamEntry team);

    /** A person of a day's team. */
    record HandRow(long personId, String personName, Role role, int fromMinute) {}

    List<HandRow> hands(@Param("day") LocalDate day);

    int deleteHands(@Param("day") LocalDate day);

    int insertHands(@Param("day") LocalDate day, @Param("hands") List<TeamEntry.Member> hands);

    /** Blocks of a day in the order chosen; none where nobody chose one. */
    List<String> turns(@Param("day") LocalDate day);

    int deleteTurns(@Param("day") LocalDate day);

    int insertTurns(@Param("day") LocalDate day, @Param("blocks") List<String> blocks);

    List<JobRow> jobs(@Param("day") LocalDate day);

    @Nullable
    JobRow job(@Param("id") long id);

    /** A graft to be made. */
    record NewJob(
            int turn,
            String block,
            int planNo,
            long varietyId,
            String techniqueKey,
            Cover cover,
            long stemId,
            long lotId,
            String code) {}

    /** Has a graft of a day made by another technique. */
    int byTechnique(@Param("id") long id, @Param("techniqueKey") String techniqueKey);

    /** Has a graft of a day covered otherwise. */
    int underCover(@Param("id") long id, @Param("cover") Cover cover);

    int insertJobs(@Param("day") LocalDate day, @Param("jobs") List<NewJob> jobs);

    /** Takes away what is not made yet. */
    int deleteOpen(@Param("day") LocalDate day);

    /** Who made it, under which code, and when. */
    record Made(String code, Instant at, long by, @Nullable Integer faceS) {}

    int made(@Param("id") long id, @Param("made") Made made);

    int setMade(@Param("was") DayHistory.Worked was);

    int ofLot(@Param("id") long id, @Param("lotId") long lotId);

    /** A code given to a graft of a plan before it is made. */
    record Numbered(int planNo, String code) {}

    /** Codes given for plans, in the order they were given. */
    List<Numbered> labels(@Param("plans") Collection<Integer> plans);

    int insertLabels(@Param("labels") List<Numbered> labels);

    /** The plan and day a code is kept for, null where for none. */
    @Nullable
    Kept kept(@Param("code") String code);

    /** What a code is kept for. */
    record Kept(int planNo, @Nullable Long jobId) {}

    /** All codes kept for grafts that may be made. */
    List<String> keptCodes();

    int refuse(@Param("id") long id, @Param("why") String why);

    int later(@Param("id") long id);

    /** A graft with its time, for the pace of hands. */
    record TimeRow(
            long personId,
            LocalDate onDay,
            String block,
            String techniqueKey,
            Instant doneAt,
            @Nullable Role role) {}

    /** Made grafts with a known hand, by hand and time. */
    List<TimeRow> times();
}
