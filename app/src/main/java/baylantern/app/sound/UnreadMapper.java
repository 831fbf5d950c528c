package baylantern.app.sound;

import baylantern.app.platform.CheckReturnValue;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** What was set aside. */
@Mapper
@CheckReturnValue
interface UnreadMapper {

    /** What stood in so many cells of a column. The id is that of the first. */
    record Unread(long id, String tableName, String columnName, String was, int cells) {}

    List<Unread> all();

    int count();

    /** The first few of the rows where it stood, by a column that names them. */
    List<String> named(@Param("what") Unread what, @Param("by") String by);

    int mend(@Param("what") Unread what, @Param("becomes") String becomes);

    int forget(@Param("what") Unread what);
}
