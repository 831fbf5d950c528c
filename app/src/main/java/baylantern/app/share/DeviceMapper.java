package baylantern.app.share;

import baylantern.app.platform.CheckReturnValue;
import baylantern.app.platform.Role;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface DeviceMapper {

    /**
     * Who shows this mark: a person of the farm who is not put away, still called as on the day the device was signed in.
     */
    @Nullable
    SignedIn signedIn(@Param("mark") String mark);

    /** Somebody on a device. */
    record SignedIn(long deviceId, String device, long personId, String personName, Role role, Instant seenAt) {}

    Long insert(
            @Param("personId") long personId,
            @Param("personName") String personName,
            @Param("name") String name,
            @Param("mark") String mark,
            @Param("now") Instant now);

    int seen(@Param("id") long id, @Param("now") Instant now);

    @Nullable
    Device find(@Param("id") long id);

    @Nullable
    String mark(@Param("id") long id);

    /** Devices by when they were last seen, the latest first. */
    List<Device> all();

    int delete(@Param("id") long id);

    /** Devices nobody has seen since. */
    int deleteUnseen(@Param("before") Instant before);

    /** What each of the farm's people who are not put away may do, by name. */
    List<Held> people();

    /** Somebody's rights. */
    record Held(
            long id,
            String name,
            @Nullable Role role,
            @Nullable String passphrase) {}

    int saveRole(@Param("personId") long personId, @Param("personName") String personName, @Param("role") Role role);

    int savePassphrase(@Param("personId") long personId, @Param("passphrase") @Nullable String passphrase);

    int insertEvent(
            @Param("at") Instant at,
            @Param("kind") ShareEvent.Kind kind,
            @Param("personName") @Nullable String personName,
            @Param("device") @Nullable String device,
            @Param("address") @Nullable String address);

    /** The newest first. */
    List<ShareEvent> events(@Param("limit") int limit);

    /** All but the newest. */
    int deleteEvents(@Param("but") int but);
}
