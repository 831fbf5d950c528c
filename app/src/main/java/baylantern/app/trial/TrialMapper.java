package baylantern.app.trial;

import baylantern.app.platform.CheckReturnValue;
import baylantern.core.trial.Reading;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface TrialMapper {

    List<TrialRow> all();

    @Nullable
    TrialRow trial(@Param("id") long id);

    /** How many grafts of the sort a trial is in were made after a day. */
    int madeSince(@Param("of") TrialEntry of, @Param("day") LocalDate day);

    int insert(@Param("trial") TrialRow trial);

    /** Takes the grafts that are not made yet out of a trial. */
    int deleteOpen(@Param("id") long id);

    int end(@Param("id") long id, @Param("on") LocalDate on, @Param("ending") TrialRow.Ending ending);

    /** The grafts of a trial by pair; those made the first way first. */
    List<TurnRow> turns(@Param("trialId") long trialId);

    /** A graft laid into a trial. */
    record NewTurn(long jobId, long trialId, int pair, boolean firstWay) {}

    int insertTurns(@Param("turns") List<NewTurn> turns);

    /** The highest pair of a trial, 0 where there is none. */
    int lastPair(@Param("trialId") long trialId);

    /** A graft of a day by its code. */
    record JobCode(long id, String code) {}

    List<JobCode> jobs(@Param("codes") Collection<String> codes);

    /** A graft with its trial and its code. */
    record Placed(
            long trialId,
            long jobId,
            int pair,
            boolean firstWay,
            @Nullable String code) {}

    List<Placed> ofDay(@Param("day") LocalDate day);

    List<Placed> ofCodes(@Param("codes") Collection<String> codes);

    /** A graft of a trial that runs. */
    record Running(long graftId, String aspect) {}

    List<Running> running();

    /** A reading as stored. */
    record ReadRow(long trialId, int reading, LocalDate readOn, Reading says, Counts counts, Difference difference) {

        /** As the store tells it. */
        @org.apache.ibatis.annotations.AutomapConstructor
        ReadRow(
                long trialId,
                int reading,
                LocalDate readOn,
                Reading says,
                int firstCount,
                int firstTook,
                int secondCount,
                int secondTook,
                double points,
                double low,
                double high) {
            this(
                    trialId,
                    reading,
                    readOn,
                    says,
                    new Counts(firstCount, firstTook, secondCount, secondTook),
                    new Difference(points, low, high));
        }
    }

    /** Decided grafts of each way, and how many of them took. */
    record Counts(int first, int firstTook, int second, int secondTook) {}

    /** The first less the second, with its range; shares from −1 to 1. */
    record Difference(double points, double low, double high) {}

    List<ReadRow> readings();

    int insertReading(@Param("row") ReadRow row);
}
