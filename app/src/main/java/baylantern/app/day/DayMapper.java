package baylantern.app.day;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface DayMapper {

    /** Plans that stand, soonest first. */
    List<DayRow> standing();

    @Nullable
    DayRow find(@Param("planNo") int planNo);

    int nextNo();

    void insert(
            @Param("planNo") int planNo,
            @Param("entry") DayEntry entry,
            @Param("cover") String cover,
            @Param("remark") String remark,
            @Param("actId") @Nullable Long actId);

    int end(@Param("planNo") int planNo, @Param("actId") long actId);

    int deleteOfAct(@Param("actId") long actId);

    int standAgain(@Param("actId") long actId);
}
