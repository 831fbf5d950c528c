package baylantern.app.season;

import baylantern.app.platform.CheckReturnValue;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface WeatherMapper {

    List<MonthRow> climate();

    int deleteClimate();

    int insertClimate(@Param("months") List<MonthRow> months);

    /** Days that stand, oldest first; of one day the forecast comes before the record. */
    List<WeatherRow> days();

    /** How far the record reaches. */
    Recorded recorded();

    /** The first and the last recorded day, null where there is none, and how many there are. */
    record Recorded(@Nullable LocalDate first, @Nullable LocalDate last, int days) {}

    int insertDays(@Param("days") List<WeatherRow> days, @Param("actId") @Nullable Long actId);

    int endDays(@Param("days") Collection<LocalDate> days, @Param("actId") long actId);

    int deleteOfAct(@Param("actId") long actId);

    int standAgain(@Param("actId") long actId);

    /** What a station told of a day and what comes after it, and every forecast of one, oldest first. */
    List<WeatherRow> ofStation(@Param("day") LocalDate day);

    /** The last recorded day before another; null where there is none. */
    @Nullable
    LocalDate recordedBefore(@Param("day") LocalDate day);

    int deleteStationFrom(@Param("day") LocalDate day);

    int deleteForecasts();

    @Nullable
    Long stationSeed();

    int saveStation(@Param("on") boolean on, @Param("seed") long seed);
}
