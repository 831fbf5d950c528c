package baylantern.app.fit;

import baylantern.app.platform.CheckReturnValue;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Measures of stems, practised hands, prepared lists. */
@Mapper
@CheckReturnValue
interface FitMapper {

    List<StemRow> freeStems(@Param("search") @Nullable String search, @Param("limit") int limit);

    List<StemRow> stemsOfPlant(@Param("plantId") long plantId);

    /** Codes of plants with a limb whose direction is known. */
    List<String> plantsWithLimbs();

    @Nullable
    StemRow stem(@Param("stemId") long stemId);

    int endMeasures(@Param("stemId") long stemId, @Param("actId") @Nullable Long actId);

    int insertMeasure(
            @Param("stemId") long stemId,
            @Param("onDay") LocalDate onDay,
            @Param("readings") String readings,
            @Param("m") StemMeasure measure,
            @Param("fresh") boolean fresh,
            @Param("actId") @Nullable Long actId);

    List<Long> freshStemsOfAct(@Param("actId") long actId);

    int deleteMeasuresOfAct(@Param("actId") long actId);

    int bringBackMeasuresOfAct(@Param("actId") long actId);

    List<Hand> hands();

    /** How practised a person's hand is. */
    record Hand(long personId, int skill) {}

    int setHand(@Param("personId") long personId, @Param("skill") int skill);

    Long insertList(@Param("name") String name, @Param("madeOn") LocalDate madeOn, @Param("actId") long actId);

    int insertRows(@Param("listId") long listId, @Param("rows") List<RowEntry> rows);

    List<ListRow> lists();

    /** Pairs of lists whose stem carries no living graft. */
    List<PreparedPairs.Pair> openPairs();

    int setMade(@Param("stemId") long stemId, @Param("code") String code);

    /** A prepared list. */
    record ListRow(long id, String name, LocalDate madeOn) {}

    @Nullable
    ListRow list(@Param("id") long id);

    List<PreparedRow> rows(@Param("listId") long listId);

    int setGraft(@Param("id") long id, @Param("code") String code);

    int deleteList(@Param("id") long id);

    int deleteListsOfAct(@Param("actId") long actId);

    List<Long> listsOfAct(@Param("actId") long actId);
}
