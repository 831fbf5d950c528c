package baylantern.app.share;

import baylantern.app.platform.CheckReturnValue;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface LeftMapper {

    /** A device that is signed in no longer. */
    record Gone(String name, long personId, String personName) {}

    int insertGone(@Param("mark") String mark, @Param("device") Device device, @Param("now") Instant now);

    @Nullable
    Gone gone(@Param("mark") String mark);

    int deleteGone(@Param("before") Instant before);

    int count(@Param("device") String device);

    /** Keeps it, unless it is there already. */
    int insert(@Param("left") LeftService.Kept left, @Param("gone") Gone gone, @Param("doneAt") Instant doneAt);

    /** What nobody decided on yet, as it was done. */
    List<Left> all();

    int delete(@Param("id") long id);
}
