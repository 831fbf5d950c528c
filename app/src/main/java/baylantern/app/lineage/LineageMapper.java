package baylantern.app.lineage;

import baylantern.app.platform.CheckReturnValue;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Sources, tests, parents and movements. */
@Mapper
@CheckReturnValue
interface LineageMapper {

    List<SourceRow> sources();

    Long insertSource(@Param("source") SourceEntry source, @Param("actId") @Nullable Long actId);

    int updateSource(@Param("id") long id, @Param("source") SourceEntry source);

    int archiveSource(@Param("id") long id, @Param("actId") long actId);

    List<TestRow> tests();

    Long insertTest(
            @Param("plantId") @Nullable Long plantId,
            @Param("sourceId") @Nullable Long sourceId,
            @Param("test") TestEntry test,
            @Param("validDays") int validDays,
            @Param("actId") @Nullable Long actId);

    int endTest(@Param("id") long id, @Param("actId") long actId);

    List<ParentRow> parents();

    /** The keys that stand for what is not in the farm. */
    List<String> namingNothing();

    int insertParent(
            @Param("plantId") long plantId,
            @Param("fromKey") String fromKey,
            @Param("day") LocalDate day,
            @Param("actId") @Nullable Long actId);

    List<MoveRow> moves();

    List<MoveRow> movesOfAct(@Param("actId") long actId);

    int insertMove(
            @Param("plantId") @Nullable Long plantId,
            @Param("visitor") @Nullable String visitor,
            @Param("day") LocalDate day,
            @Param("fromSpotId") @Nullable Long fromSpotId,
            @Param("toSpotId") @Nullable Long toSpotId,
            @Param("remark") String remark,
            @Param("actId") @Nullable Long actId);

    int deleteSourcesOfAct(@Param("actId") long actId);

    int bringBackSourcesOfAct(@Param("actId") long actId);

    int deleteTestsOfAct(@Param("actId") long actId);

    int bringBackTestsOfAct(@Param("actId") long actId);

    int deleteParentsOfAct(@Param("actId") long actId);

    int deleteMovesOfAct(@Param("actId") long actId);
}
