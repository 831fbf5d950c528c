package baylantern.app.season;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface WeatherMapper {

    List<MonthRow> climate();

    void deleteClimate();

    void insertClimate(@Param("months") List<MonthRow> months);

    /** Days that stand, oldest first; of one day the forecast comes before the record. */
    List<WeatherRow> days();

    void insertDays(@Param("days") List<WeatherRow> days, @Param("actId") @Nullable Long actId);

    void endDays(@Param("days") Collection<LocalDate> days, @Param("actId") long actId);

    int deleteOfAct(@Param("actId") long actId);

    int standAgain(@Param("actId") long actId);

    int deleteStationFrom(@Param("day") LocalDate day);

    int deleteForecasts();

    @Nullable
    Long stationSeed();

    void saveStation(@Param("on") boolean on, @Param("seed") long seed);
}
