package baylantern.app.day;

import baylantern.app.platform.CheckReturnValue;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface DayMapper {

    /** Plans that stand, soonest first. */
    List<DayRow> standing();

    @Nullable
    DayRow find(@Param("planNo") int planNo);

    Long insert(
            @Param("planNo") int planNo,
            @Param("entry") DayEntry entry,
            @Param("cover") String cover,
            @Param("remark") String remark,
            @Param("actId") @Nullable Long actId);

    /** Calls a new plan by the number of its row. */
    int number(@Param("id") long id);

    int end(@Param("planNo") int planNo, @Param("actId") long actId);

    int deleteOfAct(@Param("actId") long actId);

    int standAgain(@Param("actId") long actId);
}
