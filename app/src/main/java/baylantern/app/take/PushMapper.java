package baylantern.app.take;

import baylantern.app.platform.CheckReturnValue;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
@CheckReturnValue
interface PushMapper {

    /** The grafts of a group in the order they were made. */
    List<PushRow> rows(@Param("of") PushService.Of of);
}
