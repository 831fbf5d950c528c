package baylantern.app.care;

import baylantern.app.platform.CheckReturnValue;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface PictureMapper {

    List<PictureRow> of(@Param("graftId") long graftId);

    @Nullable
    PictureRow byId(@Param("id") long id);

    List<String> files();

    Long insert(@Param("picture") PictureRow picture, @Param("personId") @Nullable Long personId);

    int delete(@Param("id") long id);
}
