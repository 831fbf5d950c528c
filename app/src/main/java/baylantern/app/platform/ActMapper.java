package baylantern.app.platform;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface ActMapper {

    Long insert(
            @Param("kind") String kind,
            @Param("sentence") String sentence,
            @Param("doneAt") Instant doneAt,
            @Param("farmDay") LocalDate farmDay,
            @Param("personId") @Nullable Long personId,
            @Param("device") @Nullable String device);

    @Nullable
    Act find(@Param("id") long id);

    /** The latest acts that stand, newest first; those of one person, or with none named of nobody, where only own. */
    List<Act> recent(
            @Param("whose") Act.Whose whose, @Param("personId") @Nullable Long personId, @Param("limit") int limit);

    List<Act> after(@Param("day") LocalDate day);

    int markUndone(@Param("id") long id);

    @Nullable
    LocalDate demoDay();

    int saveDemoDay(@Param("day") LocalDate day);
}
