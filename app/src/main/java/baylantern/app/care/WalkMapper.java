package baylantern.app.care;

import baylantern.app.platform.CheckReturnValue;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Days on which somebody walks, or nobody does, and the visits to be walked to. */
@Mapper
@CheckReturnValue
interface WalkMapper {

    /** A day that was set. */
    record SetDay(LocalDate onDay, boolean walked, @Nullable Long personId) {}

    /** An open visit, with the place where it is made. */
    record Open(
            String code,
            String kind,
            int repeatNo,
            long spotId,
            LocalDate earliest,
            LocalDate target,
            LocalDate latest) {}

    List<SetDay> from(@Param("day") LocalDate day);

    List<Open> open(@Param("until") LocalDate until);

    /** Visits some kinds of which the weather asks for, that begin until a day. */
    List<Open> ofWeather(@Param("kinds") Collection<String> kinds, @Param("until") LocalDate until);

    int set(@Param("day") LocalDate day, @Param("walked") boolean walked, @Param("personId") @Nullable Long personId);

    int free();
}
