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

    /** Writes down that a request is under way; a second one of the same id waits here and then fails. */
    int begin(@Param("id") String id, @Param("askedAt") Instant askedAt, @Param("asked") String asked);

    int answer(
            @Param("id") String id,
            @Param("status") int status,
            @Param("contentType") @Nullable String contentType,
            @Param("body") String body);

    @Nullable
    Answered find(@Param("id") String id);

    int deleteBefore(@Param("moment") Instant moment);
}
