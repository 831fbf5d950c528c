package baylantern.app.bench;

import baylantern.app.platform.CheckReturnValue;
import baylantern.core.wood.KeepSpan;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface GraftMapper {

    List<Graft> list(@Param("filter") GraftFilter filter, @Param("limit") int limit);

    int count(@Param("filter") GraftFilter filter);

    int countAll();

    int countLive();

    List<Graft> byIds(@Param("ids") Collection<Long> ids);

    @Nullable
    Graft byCode(@Param("code") String code);

    @Nullable
    Graft latest();

    @Nullable
    String liveOnStem(@Param("stemId") long stemId);

    List<String> codes();

    List<Long> insertAll(@Param("grafts") List<NewGraft> grafts);

    int insertSchools(@Param("graftId") long graftId, @Param("schools") List<GraftSchool> schools);

    List<GraftSchool> schools(@Param("ids") Collection<Long> ids);

    int settle(
            @Param("graftId") long id,
            @Param("version") int version,
            @Param("state") String state,
            @Param("outcome") String outcome,
            @Param("lastLookOn") @Nullable LocalDate lastLookOn);

    List<Graft> noted(@Param("like") String like, @Param("limit") int limit);

    /** {@code met} where how it met stays as it was. */
    int correct(
            @Param("graftId") long graftId,
            @Param("to") CorrectionService.Correction to,
            @Param("moved") @Nullable Moved moved,
            @Param("fit") @Nullable GraftFit fit,
            @Param("met") boolean met);

    /** One graft of each stem that carries more than one living. */
    List<String> crowded();

    /** Another day of making: its moment, and what the wood had used of its life by then, null without a lot. */
    record Moved(Instant at, @Nullable Double woodUsed) {}

    /** Other stem and, where it is told, other wood. */
    int restand(
            @Param("graftId") long graftId,
            @Param("wood") PartsService.@Nullable WoodOf wood,
            @Param("to") PartsService.Parts to);

    int refit(@Param("graftId") long graftId, @Param("fit") @Nullable GraftFit fit);

    int school(@Param("graftId") long graftId, @Param("question") String question, @Param("school") String school);

    int putSpeciesRight(@Param("varietyId") long varietyId, @Param("speciesKey") String speciesKey);

    int changeNotes(@Param("graftId") long id, @Param("version") int version, @Param("notes") String notes);

    int deleteOfAct(@Param("actId") long actId, @Param("graftIds") Collection<Long> graftIds);

    List<Long> idsOfAct(@Param("actId") long actId);

    int countLooked(@Param("actId") long actId);

    List<PushRow> pushes(@Param("filter") GraftFilter filter, @Param("untold") Collection<Long> untold);

    List<TakeRow> takes(
            @Param("by") String by, @Param("filter") GraftFilter filter, @Param("untold") Collection<Long> untold);

    List<DayCount> decidedByDay();

    List<WeekCount> weeks(@Param("from") LocalDate from, @Param("to") LocalDate to);

    /** What the lineage needs of a graft. */
    record LotLink(
            long id,
            @Nullable Long lotId,
            long plantId,
            LocalDate madeOn,
            @Nullable Instant madeAt,
            @Nullable Long makerId) {}

    List<LotLink> lotLinks(@Param("after") long after);

    List<KeepSpan.Group> tried(@Param("speciesKey") String speciesKey);

    List<String> known(@Param("codes") Collection<String> codes);

    List<String> fingerprints();

    List<String> sources();

    List<FreeStem> freeOn(@Param("codes") Collection<String> codes, @Param("kin") Collection<String> kin);

    List<FactRow> facts();

    /** How each graft counts. */
    List<Fared> outcomes();

    List<FreeStem> freeAt(@Param("spotId") long spotId, @Param("speciesKey") String speciesKey);

    List<FreeStem> freeStems(
            @Param("search") @Nullable String search,
            @Param("scionKey") String scionKey,
            @Param("kin") Collection<String> kin);
}
