package baylantern.app.cause;

import baylantern.app.platform.CheckReturnValue;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
@CheckReturnValue
interface CauseMapper {

    List<CaseRow> cases(@Param("ids") Collection<Long> ids);

    /** Writes a case, in the place of what was told of the same graft before. */
    int write(CaseRow row);

    /** How many cases of a cause were taken as known, of grafts made in a year and month. */
    record Counted(String verdict, int madeYear, int madeMonth, int grafts) {}

    List<Counted> counted();

    /** Failed grafts of which no cause is known yet, newest first. */
    List<Long> unexplained(@Param("limit") int limit);

    int countUnexplained();

    /** The last failed graft of each of these stems. */
    List<Long> lastFailedOn(@Param("stemIds") Collection<Long> stemIds);
}
