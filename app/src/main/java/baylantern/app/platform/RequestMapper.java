package baylantern.app.platform;

import java.time.Instant;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface RequestMapper {

    /** A request that was answered; asked tells method, path and what was sent. */
    record Answered(String asked, int status, @Nullable String contentType, String body) {}

    /** Keeps how a request was answered; there is one answer to an id. */
    int insert(
            @Param("id") String id,
            @Param("askedAt") Instant askedAt,
            @Param("asked") String asked,
            @Param("status") int status,
            @Param("contentType") @Nullable String contentType,
            @Param("body") String body);

    @Nullable
    Answered find(@Param("id") String id);

    /** The mark of the farm that is here. */
    String farmMark();

    int saveFarmMark(@Param("mark") String mark);

    int deleteBefore(@Param("moment") Instant moment);
}
