package baylantern.app.wood;

import baylantern.app.platform.CheckReturnValue;
import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Stores and the warmth in them. */
@Mapper
@CheckReturnValue
interface StoreMapper {

    List<StoreRow> stores();

    Long insert(
            @Param("name") String name,
            @Param("method") String method,
            @Param("setC") @Nullable Double setC,
            @Param("actId") @Nullable Long actId);

    int setLogger(@Param("id") long id, @Param("seed") @Nullable Long seed);

    int deleteOfAct(@Param("actId") long actId);

    List<ReadingRow> readings();

    int insertReadings(@Param("rows") List<ReadingRow> rows, @Param("actId") @Nullable Long actId);

    int endReadings(
            @Param("storeId") long storeId,
            @Param("from") LocalDateTime from,
            @Param("to") LocalDateTime to,
            @Param("actId") long actId);

    int deleteReadingsOfAct(@Param("actId") long actId);

    int bringBackReadingsOfAct(@Param("actId") long actId);

    int deleteDeviceAfter(@Param("moment") LocalDateTime moment);
}
