package baylantern.app.season;

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
interface WatchMapper {

    /** Notes that stand, of plants that stand, by plant and day; of all plants where none are named. */
    List<NoteRow> standing(@Param("plantIds") @Nullable Collection<Long> plantIds);

    List<Long> plantsOfAct(@Param("actId") long actId);

    /** Every note of a plant, also those replaced or removed, newest first. */
    List<NoteRow> history(@Param("plantId") long plantId);

    @Nullable
    NoteRow find(@Param("id") long id);

    long insert(
            @Param("plantId") long plantId,
            @Param("day") LocalDate day,
            @Param("sun") String sun,
            @Param("shade") @Nullable String shade,
            @Param("flowering") boolean flowering,
            @Param("remark") String remark,
            @Param("personId") @Nullable Long personId,
            @Param("notedAt") Instant notedAt,
            @Param("corrects") @Nullable Long corrects,
            @Param("actId") @Nullable Long actId);

    int end(@Param("id") long id, @Param("plantId") long plantId, @Param("actId") long actId);

    int deleteOfAct(@Param("actId") long actId, @Param("plantIds") Collection<Long> plantIds);

    int standAgain(@Param("actId") long actId, @Param("plantIds") Collection<Long> plantIds);
}
