package baylantern.app.place;

import baylantern.app.platform.CheckReturnValue;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface NumberMapper {

    @Nullable
    Integer last(@Param("stem") String stem);

    int raise(@Param("stem") String stem, @Param("least") int least);

    int count(@Param("stem") String stem, @Param("many") int many);

    int begin(@Param("stem") String stem, @Param("last") int last);
}
