package baylantern.app.care;

import baylantern.app.platform.CheckReturnValue;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface CareMapper {

    List<LookRow> looks(@Param("ids") Collection<Long> ids);

    Long insertLook(
            @Param("graftId") long graftId,
            @Param("personId") @Nullable Long personId,
            @Param("notedAt") Instant notedAt,
            @Param("look") LookRow look,
            @Param("actId") @Nullable Long actId);

    int insertLooks(
            @Param("graftIds") List<Long> graftIds,
            @Param("looks") List<LookHistory.Past> looks,
            @Param("notedAt") Instant notedAt,
            @Param("actId") @Nullable Long actId);

    List<Long> graftsOfAct(@Param("actId") long actId);

    int withdraw(@Param("actId") long actId, @Param("graftIds") Collection<Long> graftIds);

    int tellFound(
            @Param("actId") long actId, @Param("graftIds") Collection<Long> graftIds, @Param("found") String found);

    List<VisitRow> visits(@Param("ids") Collection<Long> ids);

    int deleteVisits(@Param("ids") Collection<Long> ids);

    int insertVisits(@Param("visits") List<VisitRow> visits);

    List<DueRow> due(@Param("day") LocalDate day);

    int countDue(@Param("day") LocalDate day);

    int countSoon(@Param("today") LocalDate today, @Param("horizon") LocalDate horizon);

    List<Long> soon(
            @Param("today") LocalDate today,
            @Param("horizon") LocalDate horizon,
            @Param("spotId") @Nullable Long spotId,
            @Param("limit") int limit);

    List<DayCount> targets(@Param("from") LocalDate from, @Param("to") LocalDate to);

    List<VisitRow> between(@Param("from") LocalDate from, @Param("to") LocalDate to);

    /** Grafts with an open visit of a kind, in order. */
    List<Long> graftsWithVisit(@Param("kind") String kind);

    /** Those of some grafts whose plant was taken off the lists, in order. */
    List<Long> onTakenOff(@Param("ids") Collection<Long> ids);

    /** Grafts on a plant, in order. */
    List<Long> graftsOn(@Param("plantId") long plantId);

    /**
     * The stems of many plants. What names many rows is asked of one table at a time: a list within a list is gone through
     * for each row.
     */
    List<Long> stemsOf(@Param("plantIds") Collection<Long> plantIds);

    /** The grafts on many stems. */
    List<Long> graftsOnStems(@Param("stemIds") Collection<Long> stemIds);

    /** Codes of living grafts on a plant, in order. */
    List<String> livingOn(@Param("plantId") long plantId);

    /** Grafts with open visits, in order. */
    List<Long> graftsWithVisits();

    /** Grafts with a visit whose last day lies before a day, in order. */
    List<Long> graftsLate(@Param("before") LocalDate before);

    /** Those of some grafts whose stock stands in a pot, in order. */
    List<GraftCare.Potted> potted(@Param("ids") Collection<Long> ids);

    /** When grafts were first seen pushed or ended; all of them for null. */
    List<WaitingService.Seen> firstSeen(@Param("ids") @Nullable Collection<Long> ids);

    /** Live grafts that have not pushed, the oldest first. */
    List<WaitingService.Silent> silent();

    /** All open visits. */
    List<VisitRow> open();

    /** By which rules and which program the visits were planned last, null where nobody knows. */
    @Nullable
    String plannedBy();

    int planned(@Param("rules") String rules);
}
