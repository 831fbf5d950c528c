package baylantern.app.platform;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface ActMapper {

    Long insert(
            @Param("kind") String kind,
            @Param("sentence") String sentence,
            @Param("doneAt") Instant doneAt,
            @Param("farmDay") LocalDate farmDay);

    @Nullable
    Act find(@Param("id") long id);

    List<Act> recent(@Param("limit") int limit);

    List<Act> after(@Param("day") LocalDate day);

    int markUndone(@Param("id") long id);

    @Nullable
    LocalDate demoDay();

    int saveDemoDay(@Param("day") LocalDate day);
}
