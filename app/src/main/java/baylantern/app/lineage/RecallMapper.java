package baylantern.app.lineage;

import baylantern.app.platform.CheckReturnValue;
import baylantern.core.lineage.Recall;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Recalls and what they hold. */
@Mapper
@CheckReturnValue
interface RecallMapper {

    List<RecallRow> recalls();

    Long insertRecall(
            @Param("key") String key,
            @Param("name") String name,
            @Param("test") TestEntry test,
            @Param("actId") @Nullable Long actId);

    int insertHolds(
            @Param("recallId") long recallId,
            @Param("holds") List<NewHold> holds,
            @Param("actId") @Nullable Long actId);

    /** A hold to place. */
    record NewHold(String key, Recall.Why why, @Nullable LocalDate since, String byKey, boolean blade) {}

    List<HoldRow> standing();

    List<HoldRow> ofRecall(@Param("recallId") long recallId);

    List<HoldRow> releasedOf(@Param("key") String key);

    int release(
            @Param("recallId") long recallId,
            @Param("keys") @Nullable Collection<String> keys,
            @Param("day") LocalDate day,
            @Param("reason") String reason,
            @Param("actId") @Nullable Long actId);

    List<String> keysOfAct(@Param("actId") long actId);

    int holdAgain(@Param("actId") long actId);

    int deleteHoldsOfAct(@Param("actId") long actId);

    int deleteRecallsOfAct(@Param("actId") long actId);
}
